# frozen_string_literal: true

module Meander
  module Picture
    # Shades of a wire's colour, as "#rrggbb".
    module Colour
      # Tones a wire is drawn in, from its dark edge to its light.
      DEPTHS = 4

      # towards: 0 for black, 255 for white; share: how far.
      def self.mix(hex, towards, share)
        channels = hex.delete("#").scan(/../).map { |pair| (pair.hex + ((towards - pair.hex) * share)).round }
        format("#%02x%02x%02x", *channels)
      end

      # The strokes that make a line read as round wire: [colour, width as a share of the wire, offset towards the
      # light].
      def self.strokes(hex)
        [[mix(hex, 0, 0.62), 1.0, 0.0], [mix(hex, 0, 0.18), 0.8, 0.02], [hex, 0.56, 0.06],
          [mix(hex, 255, 0.45), 0.2, 0.14]]
      end
    end
  end
end
