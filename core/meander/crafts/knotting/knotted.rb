# frozen_string_literal: true

module Meander
  module Crafts
    module Knotting
      # A knotted section: its pattern so many times, bent to its form, with so much unknotted at each end.
      class Knotted < Worked
        include OnBar

        SWATCH = "tie a swatch of the same knots, measure how far it reaches and what one working cord used"

        attr_reader :layout, :repeats, :bare_mm, :course

        def initialize(layout, repeats, bare_mm)
          super(layout.section)
          @layout = layout
          @repeats = repeats
          @bare_mm = bare_mm
          @course = layout.course(repeats)
          @told = {}
        end

        def gauge = layout.gauge
        def words = Words.call(layout)
        def made_mm = course.length_mm(repeats)
        def length_mm = above_mm + tied_mm + bare_mm

        # As far as it is tied, the bar it ends on with it.
        def tied_mm = made_mm + (layout.hitched&.down_mm || 0.0)
        def bar_begins_mm = made_mm + (layout.hitched&.lead_mm || 0.0)

        # Unknotted before its first knots: none where they hang from a bar.
        def above_mm = layout.mounted? ? 0.0 : bare_mm
        def width_mm = layout.width_mm
        def thickness_mm = layout.thickness_mm
        def weaving_mm = 0.0
        def assumed? = gauge.assumed?
        def wire_words = (base.all? { |wire| wire.material.fibre? }) ? "cord" : "knotted wire"

        # What an end is finished with that nothing else is made of.
        def tail_mm = section[:tail].mm

        # The knots, and how many ties of the hand they are.
        def placed = @told[:placed] ||= course.placed.first(course.knots(repeats)).freeze

        def ties
          @told[:ties] ||= placed.sum { |knot| Knot::Kinds.fetch(knot.kind).ties.call(knot.cords.size) } +
            (layout.hitched&.ties || 0)
        end

        # Of a pattern of one row its repeats are rows.
        def units(_from, _to, all)
          each = all / repeats if repeats && (all % repeats).zero?
          row = (section[:rows].sum { |one| one[:times] } == 1) ? %w[row rows] : %w[repeat repeats]
          [["knot", "knots", 1], *([[*row, each]] if each)]
        end

        def knot = @told[:plain] ||= Told.call(self).freeze

        def passes(number) = (@told[:passes] ||= {})[number] ||= course.passes_of(number, repeats)

        # What a cord takes of its mount, its knots and the ways between them.
        def knotted_mm(number)
          (@told[:mm] ||= {})[number] ||= mounted_mm(number) + passes(number).sum { |one|
            one.mm + one.gap_mm
          } + last_mm(number) + (layout.hitched&.mm(number) || 0.0)
        end

        # A leg, from the fold, which the bend at the bar is a part of.
        def mounted_mm(number) = layout.mounted? ? layout.mounting.leg_mm(number)[1] : 0.0

        def run_mm(number) = above_mm + knotted_mm(number) + bare_mm

        def parts(number)
          above, below = [above_mm, bare_mm].map { |mm| ["bare", mm, "unknotted"] unless mm.zero? }
          margin = ["trim", knotted_mm(number) * section[:margin], "margin"] unless section[:margin].zero?
          [above, ["section", knotted_mm(number), words], below, margin].compact
        end

        # Where a mounted cord is folded, on the first of its legs.
        def marks(number)
          return [] unless layout.mounted? && number.even?

          x, y, z = layout.mounting.line(number / 2).then { |line| line[line.size / 2] }
          [[0.0, "fold", way.at(y, x, z)]]
        end

        # The way of a cord from knot to knot.
        def trace(number)
          (@told[:trace] ||= {})[number] ||= begin
            finish = layout.across("end", repeats)[number]
            begun = layout.mounted? ? layout.mounting.on_bar(number) : [layout.homes[number], 0.0]
            knots = [layout.starts[number], *ways(number), [finish, bar_begins_mm]]
            points = [begun, *bared(knots), [finish, length_mm]]
            points.map { |x, y| way.at(y, x, 0.0) }.freeze
          end
        end

        def middle_line = (0..60).map { |i| way.at(length_mm * i / 60, 0.0, 0.0) }
        def out = [way.at(length_mm, 0.0, 0.0), way.turn(length_mm)]
        def beyond(side, place) = way.beyond((side == 1) ? length_mm : 0.0, place, nil)

        def out_with(fields)
          return out if fields[:form] == section.form

          Knotted.new(Layout.new(section.with(form: fields[:form]), layout.calibration), repeats, bare_mm).out
        end

        def told = "#{words}: #{Words.counted(self)}, #{Units::Text.length(made_mm)} knotted"

        # How it lies: of its form, its bare ends with it.
        def way
          @told[:way] ||= layout.girth&.way || Form::Way.of(section.form, length_mm:, thickness_mm:, width_mm:)
        end

        # At its ends the cords hang side by side.
        def bulk_mm
          return [width_mm, thickness_mm] if layout.girth

          across = layout.across("start").minmax
          [across[1] - across[0] + base.map(&:mm).max, base.map(&:mm).max]
        end

        # Its beads: [knot, [along, across], [along, across] of the hole, face].
        def beads
          @told[:beads] ||= placed.select(&:bead).map { |knot| [knot, *lie(knot)].freeze }.freeze
        end

        # Those of a placement, by its id.
        def beads_of(id)
          number = layout.beading.placements.index { |one| one[:id] == id }
          beads.select { |knot,| knot.bead.placement == number }
        end

        def site = @told[:site] ||= Site.new(self).freeze
        def lying(along, across) = [way.at(along, across, 0.0)]

        def outline
          @told[:outline] ||= begin
            steps = [(length_mm / 2).ceil, 12].max.clamp(12, 400)
            Form::Hull.call((0..steps).flat_map { |i|
              layout.outer_lines.map { |x, height| way.at(length_mm * i / steps, x, height).first(2) }
            })
          end
        end

        def finished
          @told[:picture] ||= Picture::OnAsking.new("knotted #{section.written} #{repeats} #{bare_mm}") do
            Picture::Finished.new(section.piece.colours) { |picture| Drawing.new(self, picture).call }
          end
        end

        # Its cords that end at a side of it (start or end) in nothing else.
        def loose(side) = base.uniq(&:id).select { |wire| loose_ends(wire).include?(side) }

        def loose_ends(wire) = layout.loose_ends(wire)

        def hangs(at) = (layout.mounted? && %w[after rim].include?(at[:kind])) ? at.values_at(:section, :from) : nil

        def steps(context) = Steps.call(self, context)
        def swatch = assumed? ? SWATCH : nil
        def advice(_plan) = @told[:advice] ||= Advice::Council.call(self).freeze

        # What a cord does in how many knots: { "works" => 12, "fills" => 8, "holds" => 2 }.
        def roles(number) = passes(number).map { |one| Words.role(one) }.tally

        private

        def bared(points) = points.map { |x, y| [x, y + above_mm] }
        def ways(number) = passes(number).flat_map { |one| [one.enters, one.leaves] }

        # From its last knot to where it hangs.
        def last_mm(number)
          from = passes(number).last&.leaves || layout.starts[number]
          Math.hypot(layout.apart(from[0], layout.across("end", repeats)[number]), bar_begins_mm - from[1])
        end

        # On the fillers below its knot; at a side between that and the cord that goes round it.
        def lie(knot)
          bead, y = knot.bead, knot.y + above_mm
          return [[y + knot.size.advance_mm + (bead.along_mm / 2), knot.x], [1.0, 0.0], face(knot.x)] if bead.around?

          side = (bead.on == "left") ? -1 : 1
          x = knot.x + (side * ((knot.size.width_mm / 2) + (bead.wide_mm / 2) - (base[knot.cords.first].mm / 2)))
          [[y + ([knot.size.advance_mm, bead.along_mm].max / 2), x], [1.0, 0.0], face(x)]
        end

        # Of what is closed the far half lies behind.
        def face(x) = layout.girth ? (way.at(0.0, x, 0.0)[2] <=> 0) : 0
      end
    end
  end
end
