# frozen_string_literal: true

module Meander
  module Weave
    # The base wires lying side by side in one plane, seen in cross-section, with the weaving wire that goes round them.
    #
    # x runs across the strip, z towards the maker; the first base wire (nearest the maker) has its centre at x = 0.
    # Gap k lies between wire k and wire k + 1; gaps 0 and n are the outsides. All lengths in mm.
    class Frame
      attr_reader :base_mm, :wire_mm, :clear_mm, :centres

      # base_mm: diameters from the maker's side outwards; wire_mm: the weaving wire's diameter;
      # clear_mm: clear width of each inner gap (one fewer than base wires).
      def initialize(base_mm:, wire_mm:, clear_mm:)
        @base_mm = base_mm.map(&:to_f).freeze
        @wire_mm = wire_mm.to_f
        @clear_mm = clear_mm.map(&:to_f).freeze
        @centres = place.freeze
        freeze
      end

      # The frame on which a wire walking through the given gaps finds just room to pass: neighbours stand one weaving
      # wire apart where it goes between them and touch where it does not.
      def self.tight(base_mm:, wire_mm:, visited:)
        clear = (1...base_mm.size).map { |gap| visited.include?(gap) ? wire_mm : 0.0 }
        new(base_mm:, wire_mm:, clear_mm: clear)
      end

      def count = base_mm.size

      # Radius of the weaving wire's centre line round base wire i (from 0).
      def rho(index) = (base_mm[index] + wire_mm) / 2

      # Clear width of inner gap k (1..n-1), nil for the outsides.
      def clear(gap) = gap.between?(1, count - 1) ? clear_mm[gap - 1] : nil

      # Radial thickness of the woven band: the thickest base wire with a weaving wire on each face.
      def thickness_mm = base_mm.max + (2 * wire_mm)

      private

      def place
        base_mm.each_index.with_object([]) do |i, xs|
          xs << (i.zero? ? 0.0 : xs.last + ((base_mm[i - 1] + base_mm[i]) / 2) + clear_mm[i - 1])
        end
      end
    end
  end
end
