# frozen_string_literal: true

module Meander
  module Crafts
    module Braiding
      # What a braid is called, and its moves.
      module Words
        # layout: Layout.
        def self.call(layout)
          named = layout.flat? ? "a flat braid" : "a braid"
          "#{named} of #{layout.strands.size} strands#{held(layout.strands)}"
        end

        # Where strands are more than a wire each.
        def self.held(strands)
          many = strands.reject { |strand| strand.size == 1 }
          return "" if many.empty?
          return ", each #{many.first.words}" if many.size == strands.size && many.map(&:words).uniq.one?

          told = many.group_by(&:words).map do |words, some|
            numbers = some.map { |strand| strands.index(strand) + 1 }
            "strand#{"s" if numbers.size > 1} #{Units::Text.list(numbers)} #{words}"
          end
          ", #{told.join(", ")}"
        end

        # One crossing as it is made, seen with the beginning of the braid at the top: "the left outer strand over its
        # neighbour". x grows to the right.
        def self.move(crossing, strands)
          from, side = crossing.right? ? [crossing.gap, "right"] : [crossing.gap + 1, "left"]
          return "the left outer strand over its neighbour" if from == 1
          return "the right outer strand over its neighbour" if from == strands

          "strand #{from} from the left over its #{side} neighbour"
        end

        # All crossings of a stitch, or a round: "the left outer strand over its neighbour, then the right ..."
        def self.moves(scheme) = scheme.crossings.map { |crossing| move(crossing, scheme.strands) }
        private_class_method :held
      end
    end
  end
end
