# frozen_string_literal: true

module Meander
  module Crafts
    module Crocheting
      module Advice
        # Every check of a crocheted section.
        module Council
          CHECKS = [Stiff, Loose, Assumed, Edges, Cups, RowsSpread, RoundsSpread, BeadFaces, BeadsCrowd, Seam,
            EndsBack].freeze

          # crocheted: Crocheted.
          # @return [Array<AdviceItem>]
          def self.call(crocheted) = CHECKS.filter_map { |check| check.call(crocheted) }
        end
      end
    end
  end
end
