# frozen_string_literal: true

module Meander
  module Crafts
    module Crocheting
      # A band whose first row is worked round a wire that is straight or evenly bent, square to it: every stitch
      # stands over its place on the wire, so rows are wider outside a bend, and closer within it, the further they are
      # away. As its section: x along the wire, y away from its middle; mm.
      class RoundWire
        # Stitches can be pushed together to this share of their width, no closer (our choice, no source).
        CLOSEST = 0.5

        attr_reader :bar, :first_row

        # layout: Layout.
        # @raise [InvalidInput] where it cannot be worked round its wire
        def initialize(layout, bar)
          @layout = layout
          @gauge = layout.gauge
          @bar = bar
          @first_row = Crochet::FirstRow.new(@gauge, bar.thick_mm)
          fits
          freeze
        end

        def rise_mm = first_row.rise_mm

        # Its rows go to and fro.
        def ring = nil

        # How wide a stitch is so far from the middle of the wire, as a share of what it is on it.
        def stretch(mm)
          half = @gauge.stitch_mm / 2
          one, other = [-half, half].map { |along| bar.place(along).at([0.0, mm, 0.0]) }
          (other[0] - one[0]) / @gauge.stitch_mm
        end

        # How many rows have room; of those away from a bend as many as there may be.
        def most_rows
          over = (1..Layout::MOST_REPEATS).bsearch { |count| stretch(rise_mm + @layout.heights(count)) < CLOSEST }
          (over || (Layout::MOST_REPEATS + 1)) - 1
        end

        # What its first row takes of the wire: [from, to] along it.
        def on_rim_mm = [bar.middle_mm - reach_mm, bar.middle_mm + reach_mm]

        private

        def reach_mm = (breadth + 1) * @gauge.stitch_mm / 2

        # So many stitches stand on the wire.
        def breadth = (@layout.kind == "rows") ? @layout.shape[:begin][:count] : @layout.breadth

        def fits
          unless bar.even?
            refuse("section", "one whose bend changes", "rows stand square to what they are worked onto",
              "a straight #{bar.noun}, or an arc")
          end
          if most_rows.zero?
            refuse("side", @layout.section[:at][:side], "not one row has room within the bend",
              Mirrored::OTHER[@layout.section[:at][:side]])
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
