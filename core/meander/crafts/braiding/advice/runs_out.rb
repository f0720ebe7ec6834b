# frozen_string_literal: true

module Meander
  module Crafts
    module Braiding
      module Advice
        # Wires that there are, and that end before their braid does.
        module RunsOut
          # plan: Planner::Plan, as a wire goes on to other sections and its ends.
          def self.call(braided, plan)
            given = braided.section[:to_hand] or return
            short = plan.runs.select { |run| legs(run, braided).any? && run.total_mm > given.mm + 1e-6 }
            return if short.empty?

            worst = short.max_by(&:total_mm)
            AdviceItem.of("braid-runs-out", "stop", "/to_hand", "#{Units::Text.count(short.size, "wire")} of those " \
              "to hand #{(short.size == 1) ? "runs" : "run"} short",
              "The wire of #{named(worst, braided)} takes #{Units::Text.length(worst.total_mm)} from end to end and " \
              "is #{Units::Text.length(given.mm)} long: it runs out #{where(worst, braided, given.mm)}.",
              "Longer wires, fewer #{Words.names(braided.layout).last}, or shorter ends.",
              needs_mm: worst.total_mm, given_mm: given.mm, short: short.size)
          end

          # The places of the braid that it lies in.
          def self.legs(run, braided) = run.stops.select { |stop| stop.section == braided }.map(&:number)

          def self.named(run, braided)
            strands = legs(run, braided).map { |number| braided.strand_of(number) + 1 }.uniq
            "#{(strands.size == 1) ? "strand" : "strands"} #{Units::Text.list(strands)}"
          end

          # The stitch in which it ends. A wire folded to several strands is laid so that all run out together.
          def self.where(run, braided, given_mm)
            legs = legs(run, braided)
            braids = legs.sum { |number| braided.braid_mm(number) }
            share = (given_mm - (run.total_mm - braids)) / braids
            return "before the first #{Words.names(braided.layout).first}" unless share.positive?

            strand = braided.strand_of(legs.max_by { |number| braided.braid_mm(number) })
            stitch = braided.course.cell_at(strand, share) + 1
            "in #{Words.names(braided.layout).first} #{stitch} of #{braided.repeats}"
          end
          private_class_method :legs, :named, :where
        end
      end
    end
  end
end
