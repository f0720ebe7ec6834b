# frozen_string_literal: true

module Meander
  module Braid
    # Is there room between points of strands, and between those and beads?
    module Clear
      # Are all points at least so far from all others, in mm?
      def self.call(points, others, least)
        square = least * least
        points.all? do |x, y, z|
          others.all? { |a, b, c| ((x - a)**2) + ((y - b)**2) + ((z - c)**2) >= square }
        end
      end
    end
  end
end
