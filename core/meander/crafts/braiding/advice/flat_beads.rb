# frozen_string_literal: true

module Meander
  module Crafts
    module Braiding
      module Advice
        # Flat beads that the strands beside them turn on edge.
        module FlatBeads
          def self.call(braided)
            kind = braided.layout.beadings.map(&:kind).find { |one| one.shape == "flat" }
            return unless kind

            AdviceItem.of("braid-beads-tilt", "note", "/strands", "Flat beads tilt between strands",
              "#{Units::Text.sentence(kind.name)}, #{Units::Text.length(kind.depth_mm)} thick, is held at its hole " \
              "alone.",
              "Round or oval beads, or strands drawn up close on both sides of each.", depth_mm: kind.depth_mm)
          end
        end
      end
    end
  end
end
