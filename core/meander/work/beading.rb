# frozen_string_literal: true

module Meander
  module Work
    # The steps beads ask for: what is strung before, and what is set by a wire of its own after. plan: Planner::Plan.
    module Beading
      # More runs than these are told by their kinds.
      MOST_RUNS = 3
      STRUNG = [Beads::Woven, Beads::Strung, Beads::Framed].freeze

      # Beads woven in are strung before the weave begins, on each length those it weaves; beads on a bent wire before
      # it is bent past them.
      def self.strung(plan)
        woven, bent = plan.beads.select { |rule| STRUNG.any? { |kind| rule.is_a?(kind) } && rule.count.positive? }
          .partition { |rule| rule.is_a?(Beads::Woven) }
        on = Beads::Stringing.call(woven).group_by(&:section).map do |section, strings|
          Step.of("bead",
            "String #{Units::Text.list(strings.map { |one| told(one) })} on the weaving wire before it is anchored, " \
            "behind a stop bend, and slide one up at each place.", section,
            wires: threads(woven, section))
        end
        on + bent.map do |rule|
          Step.of("bead", "String #{rule.count} of #{rule.kind.words} on the wire before its end is bent.",
            rule.fields[:section], wires: [rule.thread.id])
        end
      end

      def self.threads(rules, section)
        rules.select { |rule| rule.fields[:section] == section }.map { |rule| rule.thread.id }.uniq
      end

      def self.told(string)
        mixed = string.runs.size > MOST_RUNS
        runs = mixed ? string.runs.group_by(&:first).transform_values { |all| all.sum(&:last) }.to_a : string.runs
        beads = runs.map { |kind, times| "#{times} of #{kind.words}" }
        whose = [string.share, ("each of the #{string.copies} frames" if string.copies > 1)].compact.reject(&:empty?)
        told = mixed ? "#{Units::Text.list(beads)} in their order" : beads.join(", then ")
        "#{told}#{" for #{whose.join(" of ")}" if whose.any?}"
      end

      def self.set(plan, calibration)
        plan.beads.select { |rule| rule.own_mm && rule.count.positive? }.map do |rule|
          own = Planner::BeadLengths.call(plan.piece, [rule], calibration).first
          Step.of("bead",
            "With #{own.cut_mm} mm of #{own.wire.words} set #{rule.words}; try the row dry first, every one of a " \
            "pair takes the same number.",
            rule.fields[:section], own.wraps / calibration.pace.to_f, wires: [own.wire.id])
        end
      end
      private_class_method :threads, :told
    end
  end
end
