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

        # What it is bent to, or curved by; nothing where it is straight.
        def self.formed(layout)
          layout.curved? ? ", curved by its beads" : Forms.after(layout.section.form)
        end

        # Of a flat braid what is made again and again is a stitch, of another one a round: one, and several.
        def self.names(layout) = layout.flat? ? %w[stitch stitches] : %w[round rounds]

        # So many of them.
        def self.counted(layout, count) = Units::Text.count(count, *names(layout))

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

        # One crossing as it is made, seen with the beginning of the braid at the top, x to the right: what an outer
        # strand does, else what the two of a gap do.
        def self.move(crossing, strands)
          gap = crossing.gap
          return "the left outer strand #{crossing.right? ? "over" : "under"} its neighbour" if gap == 1
          return "the right outer strand #{crossing.right? ? "under" : "over"} its neighbour" if gap == strands - 1
          return "the two in the middle cross, the #{crossing.right? ? "left" : "right"} one over" if 2 * gap == strands

          one, other = crossing.right? ? [gap, gap + 1] : [gap + 1, gap]
          "strand #{one} from the left over strand #{other}"
        end

        # All crossings of a stitch, or a round: "the left outer strand over its neighbour, then the right ..."
        def self.moves(scheme) = scheme.crossings.map { |crossing| move(crossing, scheme.strands) }
        private_class_method :held
      end
    end
  end
end
