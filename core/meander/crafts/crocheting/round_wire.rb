# frozen_string_literal: true

module Meander
  module Crafts
    module Crocheting
      # A band whose first row is worked round a wire, square to it however that is bent: every stitch stands over its
      # place on the wire, so rows are wider outside a bend, and closer within it, the further they are away. As its
      # section: x along the wire, y away from its middle; mm.
      class RoundWire
        # Stitches can be pushed together to this share of their width, no closer (our choice, no source).
        CLOSEST = 0.5
        # Where a bend changes, so many places of it are looked at.
        PLACES = 400

        attr_reader :bar, :first_row

        # layout: Layout.
        # @raise [InvalidInput] where it cannot be worked round its wire
        def initialize(layout, bar)
          @layout = layout
          @gauge = layout.gauge
          @bar = bar
          @first_row = Crochet::FirstRow.new(@gauge, bar.thick_mm)
          @widths = places.map { |x| width_at(x) }.freeze
          fits
          freeze
        end

        def rise_mm = first_row.rise_mm

        # Its rows go to and fro.
        def ring = nil

        # How wide a stitch is so far from the middle of the wire, as a share of what it is on it: where it is least,
        # and where it is most.
        def stretch(mm) = @widths.map { |on_it, more| on_it + (mm * more) }.minmax

        # The same on the whole, of a row whose heads are so far from those of the beginning.
        def usual(height)
          mm = rise_mm + height
          @widths.sum { |on_it, more| on_it + (mm * more) } / @widths.size
        end

        # How many rows have room; of those away from a bend as many as there may be.
        def most_rows
          over = (1..Layout::MOST_REPEATS).bsearch { |count| stretch(rise_mm + @layout.heights(count)).min < CLOSEST }
          (over || (Layout::MOST_REPEATS + 1)) - 1
        end

        # What its first row takes of the wire: [from, to] along it.
        def on_rim_mm = [bar.middle_mm - reach_mm, bar.middle_mm + reach_mm]

        private

        def reach_mm = (breadth + 1) * @gauge.stitch_mm / 2

        # Places along the wire that tell how it is bent.
        def places
          return [0.0] if bar.even?

          reach = [reach_mm, bar.room_mm].min - (@gauge.stitch_mm / 2)
          steps = (4 * reach / @gauge.stitch_mm).ceil.clamp(1, PLACES)
          (0..steps).map { |i| ((2.0 * i / steps) - 1) * reach }
        end

        # Of a stitch at a place along the wire: how wide it is on the wire, and how much wider with every mm it is
        # away; as shares.
        def width_at(along)
          half = @gauge.stitch_mm / 2
          one, other = [along - half, along + half].map { |x| bar.place(x) }
          cos, sin = bar.place(along).tilt.then { |tilt| [Math.cos(tilt), Math.sin(tilt)] }
          [0.0, 1.0].map { |mm|
            from, to = [one, other].map { |place| place.at([0.0, mm, 0.0]) }
            (((to[0] - from[0]) * cos) + ((to[1] - from[1]) * sin)) / @gauge.stitch_mm
          }.then { |on_it, away| [on_it, away - on_it] }
        end

        # So many stitches stand on the wire.
        def breadth = (@layout.kind == "rows") ? @layout.shape[:begin][:count] : @layout.breadth

        def fits
          if most_rows.zero?
            refuse("side", @layout.section[:at][:side], "not one row has room within the bend",
              "#{Mirrored::OTHER[@layout.section[:at][:side]]}, a wider bend, or a place that bends less")
          end
          return if reach_mm <= bar.room_mm + 1e-9

          refuse("along", Units::Text.length(bar.middle_mm),
            "#{breadth} stitches do not stand along the #{bar.noun}: they take " \
            "#{Units::Text.length(2 * reach_mm)} of it",
            "a middle at least #{Units::Text.length(reach_mm)} from both its ends, or fewer stitches")
        end

        def refuse(...) = Rim.refuse(@layout.section, ...)
      end
    end
  end
end
