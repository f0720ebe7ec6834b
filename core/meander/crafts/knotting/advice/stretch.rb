# frozen_string_literal: true

module Meander
  module Crafts
    module Knotting
      module Advice
        # Cord that grows longer.
        module Stretch
          # From this share on it is told.
          LEAST = 0.04

          def self.call(knotted)
            piece = knotted.section.piece
            cord = knotted.base.map(&:material).select(&:fibre?).max_by(&:stretch) or return
            return if piece.document[:worn].nil? || cord.stretch < LEAST

            AdviceItem.of("knot-stretch", "note", "/extent", "#{Units::Text.sentence(cord.name)} gives when it is worn",
              "It stretches by about #{Units::Text.percent(cord.stretch)} (from memory, no source), " \
              "#{Units::Text.length(knotted.made_mm * cord.stretch)} over what is knotted.",
              "Stretch it before it is cut, or make it that much shorter.", stretch: cord.stretch)
          end
        end
      end
    end
  end
end
