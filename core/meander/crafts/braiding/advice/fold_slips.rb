# frozen_string_literal: true

module Meander
  module Crafts
    module Braiding
      module Advice
        # A fold holds its own two strands; what is wound on beside it is held by nothing yet.
        module FoldSlips
          def self.call(braided)
            folds = braided.section.piece.endings.select { |one| one.fold? && one.section == braided.id }
            return if folds.empty?

            loose = loose(braided, folds.flat_map(&:numbers))
            return if loose.empty?

            told = "strand#{"s" if loose.size > 1} #{Units::Text.list(loose)}"
            AdviceItem.of("braid-fold-slips", "note", "/strands", "Nothing but the first crossings holds #{told}",
              "The fold holds its own two strands; what begins beside it slips until some stitches are drawn down.",
              "Clamp all strands below the fold, or wind the end of the loose one once round the others first.",
              strands: loose)
          end

          # Strands that nothing holds where they begin, from 1.
          def self.loose(braided, folded)
            held = braided.strands.map { |one| one.numbers.any? { |number| held?(braided, number, folded) } }
            held.each_index.reject { |i| held[i] }.map { |i| i + 1 }
          end

          # Folded here, or ended in something.
          def self.held?(braided, number, folded)
            routes = braided.section.piece.routes
            folded.include?(number) || %w[start end].any? do |side|
              ended = routes.end_of(braided.base[number].id, side)
              ended&.section == braided.id && ended.at == "start"
            end
          end
          private_class_method :loose, :held?
        end
      end
    end
  end
end
