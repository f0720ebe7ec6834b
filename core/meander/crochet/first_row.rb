# frozen_string_literal: true

module Meander
  module Crochet
    # A first row that is worked round a wire, which may be thicker than its own. All in mm.
    class FirstRow
      # Up to this share of its height a stitch is foot.
      NEAR = 1.0 / 3

      # gauge: Gauge; thick_mm: of the wire it is worked round.
      def initialize(gauge, thick_mm)
        @gauge = gauge
        @thick_mm = thick_mm
        freeze
      end

      # From the middle of the one to that of the other, where they touch.
      def touching_mm = (@thick_mm + @gauge.bundle_mm) / 2

      # How much further out all of it stands than on a wire as thick as its own.
      def rise_mm = [(@thick_mm - @gauge.bundle_mm) / 2, 0.0].max

      # What every stitch of it takes more than in another stitch: both strands of its foot go half round the wire
      # instead of another one, and up both its sides (assumed).
      def more_mm = ((2 * Math::PI) + 4) * rise_mm

      # The way of a stitch with its foot led round the wire: what is at the foot is moved away from the middle of the
      # wire, its top stays. line: as Cells tells it, [[x, y, z], ...]; tall: how far its foot reaches down.
      def led(line, tall)
        foot = Foot.of(line, @gauge.bundle_mm)
        away = [touching_mm - foot.room_mm, 0.0].max
        line.map do |x, y, z|
          up = (1 + (y / tall) - NEAR).clamp(0.0, 1.0 - NEAR) / (1.0 - NEAR)
          out_y, out_z = foot.away(y, z, away)
          [x, ((out_y - tall - rise_mm) * (1 - up)) + (y * up), (out_z * (1 - up)) + (z * up)]
        end
      end
    end
  end
end
