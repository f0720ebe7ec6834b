# frozen_string_literal: true

require "json"

module Meander
  module Built
    # A woven section bent to its form, in places of its own: it begins at the origin and runs along +y, x across it from its middle
    # line towards the far side, z towards the maker. All in mm.
    #
    # Every kind of section answers the same: id, base (wire ids), trace(id) and run_mm(id) of its base wires, seats (their places
    # across it where it begins and where it ends), length_mm, out (where it ends and how far it has turned), marks(id), finished
    # and words.
    class WovenSection
      # How far apart a bent base wire's places are told, in mm.
      STEP_MM = 0.6
      # How far a drawn step of a pass may turn in the finished picture.
      TURN_RAD = Math::PI / 5

      attr_reader :section, :plan, :way, :opening, :stretch, :length_mm

      def initialize(piece, section, calibration, place)
        @section = section
        @place = place
        @opening = Form::Opening.of(section[:form])
        @stretch = woven_stretch(piece)
        @plan = strip_plan(Part.piece(piece, section, opening, stretch), calibration)
        @length_mm = opening ? opening.length_mm : plan.fit.woven_mm + (2 * section[:bare].mm)
        @way = Form::Way.of(section[:form], length_mm: @length_mm, thickness_mm: plan.layout.frame.thickness_mm, width_mm: plan.layout.width_mm)
        @traces = base.to_h { |id| [id, path(id)] }
        @kept = {}
      end

      def id = section[:id]
      def base = section[:base]
      def woven? = true
      def shaped_first? = section[:form][:shaped] == "before"
      def laced? = false
      def copies = 1
      def trace(wire) = @traces.fetch(wire)
      def out = [way.at(finish_mm, 0.0, 0.0), way.turn(finish_mm)]

      # Where a place beyond its end (1), or before its beginning (-1), lies: see Form::Way.
      def beyond(side, place) = way.beyond((side == 1) ? finish_mm : 0.0, place, seats[(side == 1) ? 1 : 0].values.minmax)

      # How far along the way it ends.
      def finish_mm = length_mm

      # Do the wires meet each other head on at a side, as at the round end of a drop?
      def rounded?(side) = section[:form][:kind] == "drop" && side == "end"

      # What a base wire runs in this section. Beside a bent middle line it is longer or shorter by s times the angle.
      def run_mm(wire) = once(:run, wire) { opening ? Form::Trace.smooth_mm(trace(wire)) : length_mm - (way.turn(length_mm) * across(wire)) }

      # { wire id => mm across }, where the section begins and where it ends.
      def seats = [base.to_h { |wire| [wire, ends(wire).first] }, base.to_h { |wire| [wire, ends(wire).last] }]

      # Where on a base wire something happens: [[mm from where it enters the section, words], ...].
      def marks(wire)
        middle = (woven_from + woven_to) / 2
        once(:marks, wire) { [["start of weave", woven_from], ["middle", middle], ["end of weave", woven_to]].map { |words, along| [share_mm(wire, along), words] } }
      end

      # Where the marks lie in the section: [[x, y, z], ...] as marks gives them.
      def mark_places(wire) = once(:places, wire) { Form::Trace.places(trace(wire), marks(wire).map(&:first), run_mm(wire)) }

      def woven_from = opening ? stretch[0] : section[:bare].mm
      def woven_to = woven_from + plan.fit.woven_mm
      def wraps = plan.layout.passes(plan.fit.repeats) / 2 * copies

      def thread
        account = plan.account
        kept = account.reserve_mm
        Thread.new(used_mm: copies * (account.path_mm + account.slack_mm), total_mm: (copies * (account.total_mm - kept)) + kept, kept_mm: kept,
          lengths: copies * account.count.clamp(1, nil), begun: copies * plan.piece.strands.size, closed: !opening.nil?)
      end

      # Wires that are longer in the bend than the middle line, and by how much: { id => mm }.
      def steps = opening ? {} : base.to_h { |wire| [wire, run_mm(wire) - length_mm] }.reject { |_, mm| mm.abs < 0.05 }

      # What is worked out once and kept with the section: its strip's plan as it goes out, its strip's picture, what the checks of the
      # weave say, its own picture.
      def plan_h = once(:plan) { plan.to_h(picture: strip_picture.content_hash, order: [], cut_list: []).freeze }
      def strip_picture = once(:strip) { Picture::OnAsking.new(drawn_from) { plan.picture } }
      def advice = once(:advice) { [*Advice::OfTheWeave.call(plan), *Advice::SharedCentre.call(plan), *Advice::WorkingLengths.call(plan)].freeze }
      def finished = once(:finished) { Picture::OnAsking.new("#{drawn_from}#{JSON.generate(Document::Plain.call(section))}") { Picture::Finished.new(plan.piece.colours) { |picture| draw(picture) } } }

      # The corners of what the section covers: [[x, y], ...].
      def outline = once(:outline) { Form::Hull.call(base.flat_map { |id| beside(trace(id), (plan.piece.wire(id).mm / 2) + plan.layout.frame.wire_mm) }) }

      # What its beads are placed on.
      def ground
        turned = (!way.flat? || length_mm.zero?) ? 0.0 : way.turn(length_mm) / length_mm
        once(:ground) { Beads::Ground.new(plan, length_mm: opening ? opening.length_mm : length_mm, from_mm: woven_from, opening:, turned:, copies:) }
      end

      # Where a place on that ground lies in the section, in each of its copies: [[x, y, z], ...].
      def lying(along, across) = [way.at(along, across, 0.0)]

      # The middle of what it covers.
      def centre = [0, 1].map { |axis| outline.map { |point| point[axis] }.minmax.sum / 2 }

      def words
        told = FORMS.fetch(section[:form][:kind]).call(section[:form])
        (section[:form][:kind] == "helix") ? "#{told}, #{Units::Text.number(way.turns(length_mm), 1)} turns" : told
      end

      say = ->(form, key) { Units::Text.length(form[key].mm) }
      frame = ->(form) { "#{say.call(form, :length)} long, #{say.call(form, :width)} wide" }
      FORMS = {
        "straight" => ->(_) { "a straight strip" }, "ring" => ->(_) { "a closed ring" },
        "arc" => ->(form) { "an arc on a radius of #{say.call(form, :radius)}#{" before it is woven" if form[:shaped] == "before"}" },
        "helix" => ->(form) { "a helix on a dowel of #{say.call(form, :dowel)}" },
        "drop" => ->(form) { "a drop #{frame.call(form)}" }, "leaf" => ->(form) { "a leaf #{frame.call(form)}" },
        "crescent" => ->(form) { "a crescent #{frame.call(form)}" },
        "waists" => ->(form) { "#{Units::Text.count(form[:frames], "frame")} #{frame.call(form)}" }
      }.freeze

      private

      def beside(line, wide) = line.each_slice(6).flat_map { |points| [points.first, points.last] }.flat_map { |x, y| [[x - wide, y], [x + wide, y]] }
      def once(*key) = @kept.fetch(key) { @kept[key] = yield }

      def woven_stretch(piece)
        return unless opening

        wire = piece.wire(section[:weaving].first)
        from, to = opening.stretch(wire.mm)
        refuse("width", "never lets its weaving wire through", "wider than #{Units::Text.wire(wire.mm)}") unless from
        to = [to, opening.length_mm - (section[:form][:open]&.mm || 0.0)].min
        return [from, to] unless to - from < wire.mm

        left = section[:form][:open]&.mm&.positive?
        left ? refuse("open", "leaves nothing to weave", "less than #{Units::Text.length(opening.length_mm - from)}") : refuse("width", "leaves nothing to weave", "wider than #{Units::Text.wire(wire.mm)}")
      end

      # An arc that is bent before it is woven: pushed together on its inside, the wraps lie further apart on its middle line.
      def strip_plan(part, calibration)
        packed = Planner::PlanPiece.call(part, calibration:)
        return packed unless shaped_first?

        radius, half = section[:form][:radius].mm, packed.layout.frame.centres.then { |centres| (centres.last - centres.first) / 2 }
        refuse("radius", "is bent round less than half its own width", "more than #{Units::Text.length(half)}") if radius <= half
        pitch = [packed.layout.pattern.packed_mm * radius / (radius - half), packed.layout.pattern.advance_mm].max
        Planner::PlanPiece.call(Part.opened(part, pitch), calibration:)
      end

      def refuse(key, message, accepted)
        raise InvalidInput.new([Fault.new(path: "#{@place}/form/#{key}", code: "form", message: "this #{opening ? "frame" : "strip"} #{message}", given: section[:form][key.to_sym].typed, accepted:)])
      end

      # All that its strip's picture depends on.
      # All that its strip is drawn from: not where it stands, nor what the piece is called.
      def drawn_from
        once(:drawn_from) do
          document = plan.piece.to_h
          JSON.generate([document.except(:name, :sections), document[:sections].map { |one| one.except(:at) }, plan.layout.calibration.to_h])
        end
      end

      def middle = plan.layout.frame.centres.then { |centres| (centres.first + centres.last) / 2 }
      def across(wire) = plan.layout.frame.centres[base.index(wire)] - middle
      def ends(wire) = opening ? Array.new(2, side(wire) * plan.piece.wire(wire).mm / 2) : Array.new(2, across(wire))
      def side(wire) = (base.index(wire) < base.size / 2.0) ? -1 : 1

      def path(wire)
        return opening.edge(side(wire), plan.piece.wire(wire).mm).map { |along, off| way.at(along, off, 0.0) } if opening

        steps = (way == Form::Way::Straight) ? 1 : [(length_mm / STEP_MM).ceil, 24].max
        (0..steps).map { |i| way.at(length_mm * i / steps, across(wire), 0.0) }
      end

      # How far along a base wire a place along the middle line lies.
      def share_mm(wire, along)
        return run_mm(wire) * along / length_mm unless opening

        before = opening.places.count { |place, _| place <= along + 1e-9 }
        here = way.at(along, side(wire) * (opening.clear_mm(along) + plan.piece.wire(wire).mm) / 2, 0.0)
        [Form::Trace.polyline_mm([*trace(wire).first(before), here]), run_mm(wire)].min
      end

      def draw(picture)
        base.each { |wire| lay(picture, 0, wire, plan.piece.wire(wire).mm, trace(wire)) }
        each_pass { |face, wire, points| lay(picture, face, wire, plan.layout.frame.wire_mm, points) }
      end

      def lay(picture, face, wire, wire_mm, points)
        way.flat? ? picture.line(Picture::Finished::NEAR.fetch(face), wire, wire_mm, points) : picture.round(face, wire, wire_mm, points)
      end

      # Every pass, bent: its face, its wire and its points.
      def each_pass
        list = Picture::DrawStrip.call(plan.layout, plan.fit, plan.account, turn_rad: TURN_RAD)
        few = list.shapes.map { |shape| parted(shape[:points]) }
        list.placements.each do |place|
          rows = list.cells[place[:cell]].passes
          place[:count].times do |copy|
            at = woven_from + place[:at] + (copy * place[:step])
            rows.each { |row| yield list.shapes[row[0]][:face], place[:wire], bent(few[row[0]], row, at) }
          end
        end
      end

      def bent(points, row, at)
        points.map do |x, z, part, share|
          low, high = row[part + 1], row[part + 2]
          way.at(at + low + (share * (high - low)), x - middle, z)
        end
      end

      # The points of a pass with the station before each and the share of the way to the next one.
      def parted(points)
        last = [points.last[2].round - 1, 0].max
        points.map { |x, z, u| u.floor.clamp(0, last).then { |part| [x, z, part, u - part] } }
      end
    end
  end
end
