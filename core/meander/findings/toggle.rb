# frozen_string_literal: true

module Meander
  module Findings
    # The bar of a toggle with an eye at its middle; it goes through a ring or loop at the other end of the piece.
    class Toggle < Bent
      def words = "toggle bar, #{Units::Text.length(bar_mm)} long, #{made}"
      def bar_mm = fields[:bar].mm
      def reach_mm = fields[:eye].mm

      # Half the bar, once round the eye below it, the other half.
      def way
        half, high = bar_mm / 2, fields[:eye].mm + (d / 2)
        Curve::Chain.new([Curve::Line.new([-half, high], [0.0, high]), Curve::Arc.new([0.0, high - eye_radius], eye_radius, Math::PI / 2, -2 * Math::PI), Curve::Line.new([0.0, high], [half, high])])
      end
    end
  end
end
