# frozen_string_literal: true

module Meander
  module Crochet
    # A smooth line through points (Catmull and Rom's spline, uniform; any text on computer graphics).
    module Curved
      # So far, 0 to 1, from the second to the third of four points.
      def self.between((a, b, c, d), share)
        two, three = share**2, share**3
        a.each_index.map do |i|
          0.5 * ((2 * b[i]) + ((c[i] - a[i]) * share) + (((2 * a[i]) - (5 * b[i]) + (4 * c[i]) - d[i]) * two) +
            (((3 * b[i]) - a[i] - (3 * c[i]) + d[i]) * three))
        end
      end
    end
  end
end
