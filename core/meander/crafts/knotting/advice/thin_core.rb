# frozen_string_literal: true

module Meander
  module Crafts
    module Knotting
      module Advice
        # Knots tied round too little.
        module ThinCore
          # A core at least as thick as this share of the working cord fills its knot (our choice, no source).
          SHARE = 0.8

          def self.call(knotted)
            thin = knotted.placed.filter_map { |knot|
              next unless Knot::Kinds::AROUND.include?(knot.kind)

              own = knot.cords.map { |cord| knotted.base[cord].mm }
              core = Knot::Hull.new(own.size - 2, own[1..-2].sum / (own.size - 2))
              [core.width_mm, (own.first + own.last) / 2]
            }.uniq.select { |core, cord| core < SHARE * cord }.min_by(&:first) or return
            AdviceItem.of("knot-thin-core", "warn", "/rows", "The fillers are too thin to fill the knot",
              "They are #{Units::Text.wire(thin[0])} across, and the cord round them " \
              "#{Units::Text.wire(thin[1])}: the knots " \
              "" \
              "close over nothing, slide along and roll.", "More or thicker fillers.", core_mm: thin[0],
              cord_mm: thin[1])
          end
        end
      end
    end
  end
end
