# frozen_string_literal: true

module Meander
  module Built
    # A pendant as the front of a necklace: from end to end along its first section, straight across, how far it drops, and what is left
    # of the necklace for the chain on each side. All in mm.
    module Front
      # nil where the piece is no pendant bent to an arc or straight across.
      def self.call(plan)
        section = plan.sections.first
        return if plan.piece.body[:neck].nil? || (section.woven? && section.opening)

        curve = section.length_mm + plan.endings.sum(&:reach_mm)
        place, turn = section.out
        chord = Math.hypot(place[0], place[1])
        {curve_mm: curve, chord_mm: chord, drop_mm: drop(section, chord), turn: turn * 180 / Math::PI, chain_mm: (plan.piece.body[:neck].mm - curve) / 2}
      end

      # The greatest distance of its middle line from the chord.
      def self.drop(section, chord)
        x, y, = section.out[0]
        places = section.woven? ? (0..60).map { |i| section.way.at(section.length_mm * i / 60, 0.0, 0.0) } : section.bent.points
        return 0.0 if chord < 1e-9

        places.map { |px, py| (((px * y) - (py * x)) / chord).abs }.max
      end
      private_class_method :drop
    end
  end
end
