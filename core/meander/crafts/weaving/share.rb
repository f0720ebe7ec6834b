# frozen_string_literal: true

module Meander
  module Crafts
    module Weaving
      # Strands of a weave that are cut alike: all of them where they lie side by side; each by itself where two take
      # turns.
      class Share
        attr_reader :strands

        # The shares of the repeats of a half (0, or 1 for the second), or of a whole strip.
        def self.all(layout, repeats, half)
          return [Turn.new(layout, repeats, 0), Turn.new(layout, repeats, 1)] if layout.section.in_turn?

          [new(layout, repeats, half)]
        end

        def initialize(layout, repeats, half)
          @layout = layout
          @repeats = repeats
          @less_mm = half.zero? ? 0.0 : layout.weave.shared(repeats).path_mm
          @beads_mm = layout.seats.sum { |seats| seats.extra_mm(repeats, half) }
          @strands = layout.section.strands.each_index.to_a.freeze
          freeze
        end

        # What the beads of all repeats take more of one strand.
        attr_reader :beads_mm

        # What one strand weaves from one repeat to another, with what comes before the first and after the last of all,
        # and its share of what beads take more.
        def path_mm(first, last)
          @layout.weave.path_mm(first, last, @repeats) - ((first == 1) ? @less_mm : 0.0) +
            (beads_mm * (last - first + 1) / @repeats)
        end

        # The longest of so many lengths that share the repeats evenly.
        def longest_mm(lengths)
          @layout.weave.longest_mm(@repeats, lengths) + (beads_mm * (@repeats / lengths.to_f).ceil / @repeats)
        end
      end
    end
  end
end
