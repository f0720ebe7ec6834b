# frozen_string_literal: true

module Meander
  module Advice
    # Ends rolled round the wire beside them, where that has too little bare wire to take the wraps.
    module RolledOver
      def self.call(plan)
        plan.piece.endings.each_with_index.filter_map do |ending, i|
          strip = (ending.kind == "rolled") ? plan.placed.section(ending.section).strip : nil
          next unless strip

          needs, bare = ending[:wraps] * ending.wires.first.mm, strip.bare_mm
          next if needs <= bare + Tolerance::PACKING_MM

          AdviceItem.of("rolled-over-weave", "note", "/endings/#{i}/wraps",
            "The wraps of a rolled end lie over more than bare wire",
            "#{Units::Text.count(ending[:wraps], "wrap")} take #{Units::Text.length(needs)}, " \
            "#{Units::Text.length(bare)} is bare there.",
            "Fewer wraps, or more bare wire at the ends.", needs_mm: needs, bare_mm: bare)
        end
      end
    end
  end
end
