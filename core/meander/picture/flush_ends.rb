# frozen_string_literal: true

module Meander
  module Picture
    # What stands at the ends of a strip that is drawn by itself: its base wires, cut flush and rounded. Answers, as
    # everything that stands there does, `strands(strip)`, lines { wire:, d:, points: } in the places of the strip, and
    # `beads`, see Beads::Drawing.
    class FlushEnds
      NO_BEADS = {looks: [].freeze, solids: [].freeze, set: [].freeze}.freeze

      attr_reader :beads

      def initialize(beads = NO_BEADS)
        @beads = beads
        freeze
      end

      # Of the wires of the strip.
      def colours(strip) = (strip.base + strip.section.strands).to_h { |wire| [wire.id, wire.material.colour] }

      def strands(strip)
        ends = {"start" => [-1.0, strip.bare_mm], "end" => [1.0, strip.bare_mm + strip.woven_mm]}
        ends.flat_map do |side, (sign, edge)|
          strip.base.each_index.reject { |number| strip.section.cut_away?(number) }.map do |number|
            wire, x = strip.base[number], strip.layout.across(side)[number] + strip.layout.middle_mm
            {wire: wire.id, of: nil, d: wire.mm,
              points: [0.0, wire.mm / 2].map { |out| [x, sign * (edge + out), 0.0] }}
          end
        end
      end
    end
  end
end
