# frozen_string_literal: true

module Meander
  module Crochet
    # The foot of a stitch: two strands that go under what it is worked into, one from behind to the front, one back.
    # What is held lies above both: an axis along x, at y and z; room_mm: how far the wire keeps from it. All in mm.
    Foot = Struct.new(:y, :z, :room_mm) do
      # A place so much further away from the axis, told from that.
      # @return [Array] [y, z]
      def away(py, pz, mm)
        dy, dz = py - y, pz - z
        far = [Math.hypot(dy, dz), 1e-9].max
        [dy * (1 + (mm / far)), dz * (1 + (mm / far))]
      end
    end

    # How it is found.
    class Foot
      # Where the axis is looked for, in bundles of wires: above the lowest place of the foot, and to either side.
      ABOVE = [1.2, 1.5, 1.8, 2.1, 2.5].freeze
      BESIDE = (-8..8).map { |i| i * 0.2 }.freeze
      STRANDS = 2

      # The roomiest axis of a stitch, both strands of its foot under it.
      # line: its way, [[x, y, z], ...]; bundle_mm: how thick what it is worked with is.
      # @return [Foot]
      def self.of(line, bundle_mm)
        low = line.map { |_, y, _| y }.min
        places = ABOVE.product(BESIDE).map { |up, by| [low + (up * bundle_mm), by * bundle_mm] }
        held = places.select { |y, z| under(line, y, z) == STRANDS }
        (held.empty? ? places : held).map { |y, z| new(y, z, room(line, y, z)) }.max_by(&:room_mm).freeze
      end

      # How often a way passes straight under a place.
      def self.under(line, y, z)
        line.each_cons(2).count do |(_, from, one), (_, to, other)|
          one != other && ((one - z) * (other - z)) <= 0 && one != z &&
            from + ((z - one) / (other - one) * (to - from)) < y
        end
      end

      def self.room(line, y, z) = line.map { |_, py, pz| Math.hypot(py - y, pz - z) }.min
      private_class_method :under, :room
    end
  end
end
