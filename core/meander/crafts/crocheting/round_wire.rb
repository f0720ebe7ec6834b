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
        # Up to this share of its height a stitch is foot.
        NEAR = 1.0 / 3

        attr_reader :bar

        # layout: Layout.
        # @raise [InvalidInput] where it cannot be worked round its wire
        def initialize(layout, bar)
          @layout = layout
          @gauge = layout.gauge
          @bar = bar
          fits
          freeze
        end

        # How much further out all of it stands than on a wire as thick as its own.
        def rise_mm = [(bar.thick_mm - @gauge.bundle_mm) / 2, 0.0].max

        # What every stitch of the first row takes more than in another stitch: both strands of its foot go half round
        # the wire instead of another one, and up both its sides (assumed).
        def more_mm = ((2 * Math::PI) + 4) * rise_mm

        # The way of a stitch of the first row, its foot led round the wire: what is at the foot is moved away from the
        # middle of the wire, what is at the top of the stitch only up. line: [[x, y, z], ...], y from where its row
        # begins on a thin wire.
        def led(line)
          foot = Crochet::Foot.of(line, @gauge.bundle_mm)
          away = [((bar.thick_mm + @gauge.bundle_mm) / 2) - foot.room_mm, 0.0].max
          line.map do |x, y, z|
            up = ((y / row_mm) - NEAR).clamp(0.0, 1.0 - NEAR) / (1.0 - NEAR)
            out_y, out_z = foot.away(y, z, away)
            [x, (out_y * (1 - up)) + ((y + rise_mm) * up), (out_z * (1 - up)) + (z * up)]
          end
        end

        # How wide a stitch is so far from the middle of the wire, as a share of what it is on it.
        def stretch(mm)
          half = @gauge.stitch_mm / 2
          one, other = [-half, half].map { |along| bar.place(along).at([0.0, mm, 0.0]) }
          (other[0] - one[0]) / @gauge.stitch_mm
        end

        # How many rows have room; of those away from a bend as many as there may be.
        def most_rows
          over = (1..Layout::MOST_REPEATS).bsearch { |count| stretch(rise_mm + (count * row_mm)) < CLOSEST }
          (over || (Layout::MOST_REPEATS + 1)) - 1
        end

        private

        def row_mm = @gauge.height_mm(@layout.shape[:stitch])

        def fits
          unless bar.even?
            refuse("section", "a wire whose bend changes", "rows stand square to a wire", "a straight wire, or an arc")
          end
          reach = (@layout.breadth + 1) * @gauge.stitch_mm / 2
          if most_rows.zero?
            refuse("side", @layout.section[:at][:side], "not one row has room within the bend",
              Mirrored::OTHER[@layout.section[:at][:side]])
          end
          return if reach <= bar.room_mm + 1e-9

          refuse("along", Units::Text.length(bar.middle_mm),
            "#{@layout.breadth} stitches do not stand along the wire: they take #{Units::Text.length(2 * reach)} of it",
            "a middle at least #{Units::Text.length(reach)} from both its ends, or fewer stitches")
        end

        def refuse(...) = Rim.refuse(@layout.section, ...)
      end
    end
  end
end
