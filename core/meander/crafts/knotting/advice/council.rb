# frozen_string_literal: true

module Meander
  module Crafts
    module Knotting
      module Advice
        # Every check of a knotted section.
        module Council
          CHECKS = [RunsOut, Granny, ThinCore, Stiff, EndsLoose, Spiral, Assumed, Exchange, FansOut, Stretch,
            ClosesOver, Level].freeze

          # knotted: Knotted.
          # @return [Array<AdviceItem>]
          def self.call(knotted) = CHECKS.filter_map { |check| check.call(knotted) }
        end
      end
    end
  end
end
