# frozen_string_literal: true

module Meander
  module Advice
    module Built
      # How the finished piece is worn: its weight on an ear, its pair, its bail and its length round the wrist.
      module Wearing
        # An earring heavier than this pulls. Common practice, from memory.
        EAR_G = 7.0

        def self.call(plan) = [heavy(plan), alone(plan), bail(plan), row(plan), open_row(plan)].flatten.compact

        def self.heavy(plan)
          return unless plan.piece.body[:kind] == "earring" && plan.mass_g > EAR_G

          Bend.item("ear-heavy", "warn", "/body", "#{Units::Text.number(plan.mass_g, 1)} g is heavy for an ear", "Past about #{Units::Text.number(EAR_G, 0)} g (common practice) an earring pulls.",
"Thinner wire, an opener weave, or a smaller frame.", mass_g: plan.mass_g)
        end

        def self.alone(plan)
          return if plan.piece.body[:kind] != "earring" || plan.pair?

          Bend.item("pair-not-mirrored", "note", "/body/pair", "This is planned as a single earring", "A second one made from the same plan is its copy, not its mirror image.", "Plan it as a pair.")
        end

        def self.bail(plan)
          plan.piece.document[:endings].each_with_index.filter_map do |ending, i|
            chain = plan.piece.body[:chain]&.mm
            next unless ending[:kind] == "bail" && chain && ending[:inside].mm < chain

            Bend.item("bail-too-small", "warn", "/endings/#{i}/inside", "The chain does not pass the bail",
"The bail is #{Units::Text.length(ending[:inside].mm)} inside, the chain #{Units::Text.length(chain)} at its widest.",
              "A wider bail, or a finer chain.", inside_mm: ending[:inside].mm, chain_mm: chain)
          end
        end

        # Of frames another number comes nearer, or a row without them is visibly off.
        def self.row(plan)
          wearing = plan.wearing
          chain = plan.sections.find { |section| section.is_a?(Meander::Built::Waists) }
          return unless wearing && (chain ? wearing[:frames] != chain.copies : wearing[:off_mm].abs > Closeness::VISIBLE_MM)

          way = wearing[:off_mm].negative? ? "short of" : "over"
          Bend.item("row-off", "warn", "/pins", "The row is #{Units::Text.length(wearing[:off_mm].abs)} #{way} what the wrist asks",
            "It reaches #{Units::Text.length(wearing[:reach_mm])}; wrist, ease and thickness ask for #{Units::Text.length(wearing[:wanted_mm])}.",
                    chain ? "#{Units::Text.count(wearing[:frames], "frame")} come nearest." : "Change its lengths, or the ease.", off_mm: wearing[:off_mm], frames: wearing[:frames])
        end

        # A row of links needs something at each end to close it.
        def self.open_row(plan)
          return unless plan.piece.body[:kind] == "links" && plan.piece.document[:endings].map { |ending| ending[:side] }.uniq.size < 2

          Bend.item("row-not-closed", "warn", "/endings", "Nothing closes the row", "One end or both have no hook, loop or eye.", "Add a loop at one end and a hook at the other.")
        end
        private_class_method :heavy, :alone, :bail, :row, :open_row
      end
    end
  end
end
