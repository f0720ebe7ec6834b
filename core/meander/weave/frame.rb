# frozen_string_literal: true

module Meander
  module Weave
    # The base wires lying side by side in one plane, seen in cross-section, with the weaving wire that goes round them.
    #
    # x runs across the strip, z towards the maker; the first base wire (nearest the maker) has its centre at x = 0.
    # Gap k lies between wire k and wire k + 1; gaps 0 and n are the outsides. All lengths in mm.
    class Frame
      attr_reader :base_mm, :wire_mm, :clear_mm, :strands, :centres

      # base_mm: diameters from the maker's side outwards; wire_mm: the weaving wire's diameter; clear_mm: clear width
      # of each inner gap (one fewer than base wires); strands: weaving wires laid side by side; origin: x of the first
      # base wire.
      def initialize(base_mm:, wire_mm:, clear_mm:, strands: 1, origin: 0.0)
        @base_mm = base_mm.map(&:to_f).freeze
        @wire_mm = wire_mm.to_f
        @clear_mm = clear_mm.map(&:to_f).freeze
        @strands = strands
        @centres = place(origin).freeze
        @level = @base_mm.uniq.size == 1
        freeze
      end

      # The frame on which a wire walking through the given gaps finds just room to pass: neighbours stand one weaving
      # wire apart where it goes between them and touch where it does not.
      def self.tight(base_mm:, wire_mm:, visited:, strands: 1)
        clear = (1...base_mm.size).map { |gap| visited.include?(gap) ? wire_mm : 0.0 }
        new(base_mm:, wire_mm:, clear_mm: clear, strands:)
      end

      def count = base_mm.size

      # Are all base wires of one size?
      def level? = @level

      # What one pass takes up along the strip: a wire, or two side by side.
      def lay_mm = wire_mm * strands

      # Radius of the weaving wire's centre line round base wire i (from 0).
      def rho(index) = (base_mm[index] + wire_mm) / 2

      # Clear width of inner gap k (1..n-1), nil for the outsides.
      def clear(gap) = gap.between?(1, count - 1) ? clear_mm[gap - 1] : nil

      # Inner gaps among the given ones that are narrower than the weaving wire.
      def impassable(gaps) = gaps.select { |gap| clear(gap)&.then { |mm| mm < wire_mm - 1e-6 } }

      # Radial thickness of the woven band: the thickest base wire with a weaving wire on each face.
      def thickness_mm = base_mm.max + (2 * wire_mm)

      # Outermost x of base wires and of a weaving wire that turns at the given gaps.
      def x_range(gaps)
        low = centres.first - (base_mm.first / 2) - (gaps.include?(0) ? wire_mm : 0.0)
        high = centres.last + (base_mm.last / 2) + (gaps.include?(count) ? wire_mm : 0.0)
        [low, high]
      end

      # Where the wire goes through a gap, in the plane of the base wires.
      def gap_x(gap)
        return centres.first - rho(0) if gap.zero?
        return centres.last + rho(count - 1) if gap == count

        near, far = centres[gap - 1] + (base_mm[gap - 1] / 2), centres[gap] - (base_mm[gap] / 2)
        (near + far) / 2
      end

      private

      def place(origin)
        base_mm.each_index.with_object([]) do |i, xs|
          xs << (i.zero? ? origin : xs.last + ((base_mm[i - 1] + base_mm[i]) / 2) + clear_mm[i - 1])
        end
      end
    end
  end
end
