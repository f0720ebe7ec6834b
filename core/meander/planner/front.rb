# frozen_string_literal: true

module Meander
  module Planner
    # A pendant as the front of a necklace: from end to end along its first section, straight across, how far it drops,
    # and what is left of the necklace for the chain on each side. All in mm.
    module Front
      # nil where the piece is no pendant bent to an arc or straight across.
      def self.call(plan)
        section = plan.sections.first
        line = section.middle_line
        return if plan.piece.worn[:neck].nil? || line.nil?

        curve = section.length_mm + plan.ends.of_base.sum(&:reach_mm)
        place, turn = section.out
        chord = Math.hypot(place[0], place[1])
        {curve_mm: curve, chord_mm: chord, drop_mm: drop(line, section.out[0], chord), turn: turn * 180 / Math::PI,
          chain_mm: (plan.piece.worn[:neck].mm - curve) / 2}
      end

      # The greatest distance of its middle line from the chord.
      def self.drop(line, (x, y), chord)
        return 0.0 if chord < 1e-9

        line.map { |px, py| (((px * y) - (py * x)) / chord).abs }.max
      end
      private_class_method :drop
    end
  end
end
