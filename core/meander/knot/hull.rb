# frozen_string_literal: true

module Meander
  module Knot
    # Cords that lie together and are tied round: up to two beside each other, more in a round bundle. In mm.
    class Hull
      # By how many they are: what the hull is longer than round one of them, how wide and how thick the bundle is, in
      # cords (round bundles: the closest packings of circles of equal size).
      ROUND = {1 => [0.0, 1.0, 1.0], 2 => [2.0, 2.0, 1.0], 3 => [3.0, 2.0, 1.866], 4 => [4.0, 2.0, 2.0],
        5 => [5.0, 2.7, 2.7], 6 => [6.0, 3.0, 2.73], 7 => [6.0, 3.0, 2.73]}.freeze
      # Where each of them lies, across and towards the maker, in cords.
      PLACES = {
        1 => [[0.0, 0.0]], 2 => [[-0.5, 0.0], [0.5, 0.0]],
        3 => [[-0.5, -0.289], [0.5, -0.289], [0.0, 0.577]],
        4 => [[-0.5, -0.5], [0.5, -0.5], [-0.5, 0.5], [0.5, 0.5]],
        5 => (0..4).map { |i| (2 * Math::PI * i / 5).then { |a| [0.851 * Math.cos(a), 0.851 * Math.sin(a)] } },
        6 => [[0.0, 0.0], *(0..4).map { |i| (Math::PI * i / 3).then { |a| [Math.cos(a), Math.sin(a)] } }],
        7 => [[0.0, 0.0], *(0..5).map { |i| (Math::PI * i / 3).then { |a| [Math.cos(a), Math.sin(a)] } }]
      }.transform_values { |places| places.sort.freeze }.freeze

      attr_reader :count, :cord_mm

      # cord_mm: how thick they are, in the mean.
      def initialize(count, cord_mm)
        @count = count
        @cord_mm = cord_mm
        freeze
      end

      # Round them, tight: the convex hull of their section (pi c + 2 (f - 1) c of a flat row).
      def round_mm = ((Math::PI + ROUND.fetch(count)[0]) * cord_mm)
      def width_mm = ROUND.fetch(count)[1] * cord_mm
      def thick_mm = ROUND.fetch(count)[2] * cord_mm

      # [[x, z], ...] by x.
      def places = PLACES.fetch(count).map { |place| place.map { |share| share * cord_mm } }
    end
  end
end
