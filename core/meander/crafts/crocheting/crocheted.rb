# frozen_string_literal: true

module Meander
  module Crafts
    module Crocheting
      # A crocheted section: so many chains, rows or rounds, bent to its form, with so much bare wire at each end.
      class Crocheted < Worked
        include OnBar

        SWATCH = "make a swatch of the same stitches with the %s hook, count stitches and rows, measure what it used"

        attr_reader :layout, :repeats, :bare_mm

        def initialize(layout, repeats, bare_mm)
          super(layout.section)
          @layout = layout
          @repeats = repeats
          @bare_mm = bare_mm
          @fabric = layout.fabric(repeats)
          @told = {}
        end

        attr_reader :fabric

        def gauge = layout.gauge
        def cloth = layout.cloth(repeats)
        def words = Words.call(layout, repeats)
        def made_mm = layout.woven_mm(repeats)
        def length_mm = made_mm + (2 * bare_mm)
        def width_mm = layout.width_mm(repeats)
        def thickness_mm = layout.thickness_mm
        def weaving_mm = 0.0

        # Chains at its beginning with them.
        def stitches = layout.cords * (fabric.begun.chains + fabric.stitches)

        # Rows are, where all that are worked have as many stitches.
        def units(from, to, _all)
          past = layout.cords * fabric.begun.chains
          ends = fabric.rows.map { |row| past += row.stitches }
          within = fabric.rows.zip(ends).select { |row, over| over - row.stitches >= from && over <= to }
          each = within.map { |row, _| row.stitches }.uniq
          row = fabric.round? ? %w[round rounds] : %w[row rows]
          [["stitch", "stitches", 1], *([[*row, each.first]] if each.one?)]
        end

        def middle_line = layout.motif? ? nil : (0..60).map { |i| way.at(length_mm * i / 60, 0.0, 0.0) }
        def out = [way.at(length_mm, 0.0, 0.0), way.turn(length_mm)]
        def beyond(side, place) = way.beyond((side == 1) ? length_mm : 0.0, place, nil)

        def out_with(fields)
          return out if fields[:form] == section.form

          Crocheted.new(Layout.new(section.with(form: fields[:form]), layout.calibration), repeats, bare_mm).out
        end

        # How it lies: of its form, its bare ends with it.
        def way
          @told[:way] ||= layout.bar ? Form::Way::OffBar.new(layout.bar) :
            Form::Way.of(section.form, length_mm:, thickness_mm: gauge.thickness_mm, width_mm:)
        end

        # About the middle of a ring its own middle lies.
        def pose_on(wire, onto) = layout.bar ? super : layout.round_wire.pose(wire, length_mm)

        # What its wires take, see Used.
        def used = @told[:used] ||= Used.new(self)

        # Reckoned, and no swatch says it.
        def assumed? = gauge.assumed?

        def run_mm(number) = used.wire_mm(number) + (2 * bare_mm)

        def parts(number)
          margin = ["trim", used.wire_mm(number) * section[:margin], "margin"]
          bare = ["bare", bare_mm, "not crocheted"]
          [*([bare] unless bare_mm.zero?), ["section", used.wire_mm(number), words], *([bare] unless bare_mm.zero?),
            *([margin] unless margin[1].zero?)]
        end

        def off_spool? = true
        def wire_words = "crocheted"

        # What is left at an end that nothing else is made of.
        def tail_mm = section[:tail].mm

        # The way of a wire as it is followed from section to section: along the rows.
        def trace(number)
          @told[[:trace, number]] ||= begin
            from, to = layout.begins(repeats), layout.ends(repeats)
            line = [[from[0], 0.0], *bared([from, *courses, to])]
            line << [to[0], length_mm] unless layout.ring&.inwards
            line = line.uniq
            line.map { |x, y| way.at(y, x + off(number), 0.0) }.freeze
          end
        end

        # Where beads lie, along from its first end: [Beading::Spot, [along, across], face, [along, across]].
        def beads
          @told[:beads] ||= layout.beading.spots(fabric).map do |spot|
            (x, y), face, (dx, dy) = lie(spot)
            [spot, [y + bare_mm, x], face, [dy, dx]].freeze
          end.freeze
        end

        # Those of a placement, by its id.
        def beads_of(id)
          number = layout.beading.placements.index { |one| one[:id] == id }
          beads.select { |spot,| spot.placement == number }
        end

        def site = @told[:site] ||= Site.new(self).freeze
        def lying(along, across) = [way.at(along, across, 0.0)]

        # At its ends it is as wide as its rows.
        def bulk_mm = [width_mm, (layout.kind == "tube") ? width_mm : gauge.thickness_mm]

        def outline = @told[:outline] ||= Form::Hull.call(layout.motif? ? rounded : along_it)

        def finished
          @told[:picture] ||= Picture::OnAsking.new("crocheted #{section.written} #{repeats} #{bare_mm}") do
            Picture::Finished.new(section.piece.colours) { |picture| Drawing.new(self, picture).call }
          end
        end

        def steps(context) = Steps.call(self, context)
        def swatch = assumed? ? format(SWATCH, Units::Text.length(layout.gauge.hook_mm)) : nil
        def advice(_plan) = @told[:advice] ||= Advice::Council.call(self).freeze
        def crochet = @told[:plain] ||= Told.call(self).freeze

        # What it is worked into, and what its last row is joined to.
        def joins
          onward = section.piece.document[:sections].find do |one|
            one[:at] && one[:at][:kind] == "after" && one[:at][:section] == id
          end
          [([section[:at][:section], id] if layout.edge?),
            ([id, onward[:id]] if onward && section[:ended] == "joined")].compact
        end

        private

        # A motif is round at both its ends.
        def rounded
          radius, middle = width_mm / 2, length_mm / 2
          ends = [-1, 1].flat_map do |side|
            along = middle + (side * ((made_mm / 2) - radius))
            Form::Hull.round([along, 0.0], radius).map { |x, y| way.at(x, y, 0.0) }
          end
          [*ends, way.at(0.0, 0.0, 0.0), way.at(length_mm, 0.0, 0.0)].map { |point| point.first(2) }
        end

        def along_it
          steps = [(length_mm / 2).ceil, 12].max.clamp(12, 400)
          (0..steps).flat_map { |i| sides.map { |x| way.at(length_mm * i / steps, x, 0.0).first(2) } }
        end

        # Places across it that its outline is read off: its edges, and what lies between them round a bend.
        def sides
          low, high = layout.edges(repeats)
          layout.bar ? (0..24).map { |i| low + ((high - low) * i / 24) } : [low, high]
        end

        def courses
          return [] if %w[cord tube].include?(layout.kind) || layout.motif?

          rows = cloth.courses.flatten(1).map { |place| layout.place(place, repeats) }
          layout.bar ? Form::Trace.fine(rows, gauge.stitch_mm / 2) : rows
        end

        def bared(points) = points.map { |x, y| [x, y + bare_mm] }

        # Chains side by side have their wires apart.
        def off(number)
          return 0.0 unless layout.kind == "cord"

          layout.across("start", repeats)[number]
        end

        # Chains are as far apart as they are long; those with beads take more.
        def lie(spot)
          if layout.kind == "cord"
            y = (spot.place + 0.5) * made_mm / repeats
            return [[layout.across("start", repeats)[0], y], 0, [0.0, 1.0]]
          end

          at, face, way = cloth.spot(spot.row, spot.place)
          way = [-way[1], way[0]] if layout.along?
          [layout.place(at, repeats), face, way]
        end
      end
    end
  end
end
