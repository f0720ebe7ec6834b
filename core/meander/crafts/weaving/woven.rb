# frozen_string_literal: true

module Meander
  module Crafts
    module Weaving
      # A woven section bent to its form.
      class Woven < Worked
        # How far apart a bent base wire's places are told, in mm.
        STEP_MM = 0.6

        attr_reader :layout, :strip, :way, :length_mm

        def initialize(layout, strip)
          super(layout.whole)
          @layout = layout
          @strip = strip
          @length_mm = opening ? opening.length_mm : strip.length_mm
          @way = Form::Way.of(form, length_mm: @length_mm, thickness_mm:, width_mm:)
          @kept = {}
        end

        def opening = layout.opening
        def repeats = strip.repeats
        def thickness_mm = layout.thickness_mm
        def width_mm = layout.width_mm
        def weaving_mm = layout.frame.wire_mm
        def flat? = way.flat?

        def straight? = form[:kind] == "straight"
        def middle_line = opening ? nil : (0..60).map { |i| way.at(length_mm * i / 60, 0.0, 0.0) }
        def shaped_first? = layout.shaped_first?
        def trace(number) = once(:trace, number) { path(number) }
        def out = leaving(way)
        def out_with(fields) = leaving(Form::Way.of(fields[:form], length_mm:, thickness_mm:, width_mm:))
        def leaving(way) = [way.at(finish_mm, 0.0, 0.0), way.turn(finish_mm)]

        # Where a place beyond its end (1), or before its beginning (-1), lies: see Form::Way. What leads back over the
        # strip bends with it.
        def beyond(side, place)
          edge = (side == 1) ? finish_mm : 0.0
          across, out, height = place
          return way.at(edge + out, across, height) if (edge + out).between?(0.0, finish_mm)

          way.beyond(edge, place, layout.across((side == 1) ? "end" : "start").minmax)
        end

        # How far along the way it ends.
        def finish_mm = length_mm

        # What a base wire runs in this section. Beside a bent middle line it is longer or shorter by s times the angle;
        # where gaps change it bends outwards.
        def run_mm(number)
          once(:run, number) do
            next Form::Trace.smooth_mm(trace(number)) if opening

            layout.run_mm(number, strip.woven_mm) + (2 * strip.bare_mm) - (way.turn(length_mm) * across(number))
          end
        end

        # Of a wire that is cut away only what lies under the weave stays.
        def kept_mm(number)
          return run_mm(number) unless section.cut_away?(number) && layout.weave.straight?

          Picture::Rods.call(strip).select { |rod| rod[:number] == number }.sum { |rod| rod[:to] - rod[:from] }
        end

        # Bare, woven, bare: what the bend makes longer or shorter lies in the weave.
        def parts(number)
          return super if strip.bare_mm.zero?

          bare = ["bare", strip.bare_mm, "bare"]
          [bare, ["section", run_mm(number) - (2 * strip.bare_mm), words], bare]
        end

        # Where its weave begins, its middle and its end.
        def marks(number)
          once(:marks, number) do
            told_marks(number).zip(Form::Trace.places(trace(number), told_marks(number).map(&:first), run_mm(number)))
              .map { |(mm, words), place| [mm, words, place] }
          end
        end

        def woven_from = opening ? layout.stretch[0] : strip.bare_mm
        def woven_to = woven_from + strip.woven_mm
        def wraps = strip.wraps * copies

        # A group is a unit where all of them are alike.
        def units(*)
          gaps = layout.pattern.walk.gaps
          groups = Weave::Groups.of(gaps).map { |group| group.gaps.size }
          alike = (groups.size > 1 && groups.uniq.one?) ? [["group", "groups", groups.first]] : []
          [["pass", "passes", 1], ["wrap", "wraps", 2], *alike, ["repeat", "repeats", gaps.size]]
        end

        def lengths(called) = Lengths.call(strip, copies:, called:)
        def mass_g = copies * strip.mass_g
        def gaps = strip.gaps

        def wire_uses = [WireUse.woven(strip, copies)]

        # The base wires of a frame lie side by side at both ends.
        def shut? = layout.shut?

        def passed_between
          (layout.weave.visited - [0, base.size]).sort.map { |gap| [gap - 1, gap] }
        end

        def longer
          opening ? {} : base.each_index.to_h { |number| [number, run_mm(number) - length_mm] }.reject do |_, mm|
            mm.abs < 0.05
          end
        end

        def strip_picture = once(:strip) { Picture::OnAsking.new(strip.drawn_from) { strip.picture } }

        def finished
          once(:finished) do
            Picture::OnAsking.new("bent #{strip.drawn_from}") do
              Picture::Finished.new(section.piece.colours) { |picture| draw(picture) }
            end
          end
        end

        # The corners of what the section covers: [[x, y], ...].
        def outline
          once(:outline) do
            Form::Hull.call(base.each_index.flat_map { |number|
              half = base[number].mm / 2
              [*Form::Hull.beside(trace(number), half), *Form::Hull.beside(covered(number), half + weaving_mm)]
            })
          end
        end

        # What its beads are placed on: the weave of a straight strip, all of what is bent.
        def site
          once(:site) do
            next Beads::Site.new(strip, length_mm: strip.woven_mm) if straight?

            turned = (!way.flat? || length_mm.zero?) ? 0.0 : way.turn(length_mm) / length_mm
            Beads::Site.new(strip, length_mm:, from_mm: woven_from, opening:, turned:, copies:)
          end
        end

        # Where a place on that ground lies in the section, in each of its copies: [[x, y, z], ...].
        def lying(along, across) = [way.at(straight? ? along + strip.bare_mm : along, across, 0.0)]

        def thick_mm(number) = base[number].mm + (2 * weaving_mm)

        def steps(context) = Steps.call(self, context)
        def advice(plan) = once(:advice) { Advice::Council.call(self).freeze }

        def words = FormWords.call(form, turns: -> { way.turns(length_mm) })

        def told
          woven, bare = [strip.woven_mm, strip.bare_mm].map { |mm| Units::Text.length(mm) }
          "#{words}: #{strip.words}, #{Units::Text.count(repeats, "repeat")}, #{woven} " \
          "woven#{", #{bare} bare at each end" if strip.bare_mm.positive?}"
        end

        private

        def once(*key) = @kept.fetch(key) { @kept[key] = yield }

        # [[mm from where it enters the section, words], ...].
        def told_marks(number)
          [["start of weave", woven_from], ["middle", (woven_from + woven_to) / 2],
            ["end of weave", woven_to]].map { |words, along| [share_mm(number, along), words] }
        end

        # The way of a base wire under the weave.
        def covered(number)
          from, to = [woven_from, woven_to].map { |along| share_mm(number, along) }
          steps = Form::Hull::ENOUGH
          Form::Trace.places(trace(number), (0..steps).map { |i| from + ((to - from) * i / steps) }, run_mm(number))
        end

        def across(number) = layout.across("start")[number]

        def path(number)
          if opening
            return opening.edge(layout.side_of(number), base[number].mm).map { |along, off| way.at(along, off, 0.0) }
          end
          return changing(number) unless layout.weave.straight?

          steps = straight? ? 1 : [(length_mm / STEP_MM).ceil, 24].max
          (0..steps).map { |i| way.at(length_mm * i / steps, across(number), 0.0) }
        end

        # Where gaps change along a straight strip.
        def changing(number)
          at = ->(along) { layout.x_at(number, along.clamp(0.0, strip.woven_mm), strip.woven_mm) - layout.middle_mm }
          steps = (length_mm / STEP_MM).ceil.clamp(24, nil)
          (0..steps).map do |i|
            (length_mm * i / steps).then { |along| way.at(along, at.call(along - strip.bare_mm), 0.0) }
          end
        end

        # How far along a base wire a place along the middle line lies.
        def share_mm(number, along)
          if straight?
            return strip.bare_mm + layout.run_mm(number, strip.woven_mm) * (along - strip.bare_mm) / strip.woven_mm
          end
          return run_mm(number) * along / length_mm unless opening

          before = opening.places.count { |place, _| place <= along + 1e-9 }
          here = way.at(along, layout.side_of(number) * (opening.clear_mm(along) + base[number].mm) / 2, 0.0)
          [Form::Trace.polyline_mm([*trace(number).first(before), here]), run_mm(number)].min
        end

        def draw(picture)
          base.each_index { |number| lay(picture, 0, base[number], base[number].mm, trace(number)) }
          each_pass { |face, wire, points| lay(picture, face, wire, weaving_mm, points) }
        end

        def lay(picture, face, wire, wire_mm, points)
          way.flat? ? picture.line(Picture::Finished::NEAR.fetch(face), wire.id, wire_mm, points) :
            picture.round(face, wire.id, wire_mm, points)
        end

        def each_pass(&) = BentPasses.each(self, &)
      end
    end
  end
end
