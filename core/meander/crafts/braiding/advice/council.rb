# frozen_string_literal: true

module Meander
  module Crafts
    module Braiding
      module Advice
        # Every check of a braid by itself.
        module Council
          CHECKS = [Thick, Openings, Unequal, Assumed, Curls, Uneven, FlatBeads, FullCircle,
            FoldSlips].freeze

          # braided: Braided.
          # @return [Array<AdviceItem>]
          def self.call(braided) = CHECKS.filter_map { |check| check.call(braided) }
        end
      end
    end
  end
end
