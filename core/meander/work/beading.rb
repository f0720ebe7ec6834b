# frozen_string_literal: true

module Meander
  module Work
    # The steps beads ask for beside what is woven: what is strung on a bent wire before, and what is set by a wire of
    # its own after. plan: Planner::Plan.
    module Beading
      # More runs than these are told by their kinds.
      MOST_RUNS = 3
      ON_WIRES = [Beads::Strung, Beads::Framed].freeze

      # Is a placement strung on a bent wire, before that is bent past it?
      def self.strung?(rule) = ON_WIRES.any? { |kind| rule.is_a?(kind) }

      # A placement that has steps of its own: strung beforehand, set with a wire of its own, or both.
      # @return [Array<Step>]
      def self.call(plan, rule)
        [(strung(plan, rule) if strung?(rule)), (set(plan, rule) if rule.making)].compact
      end

      def self.strung(plan, rule)
        section = plan.placed.section(rule.fields[:section])
        words = "String #{rule.count} #{rule.kind.words} on #{plan.names.list(section.base)} before its end is bent"
        Step.of("bead", "#{[words, *rule.slid(section.begins)].join(": ")}.", section.id, wires: section.base.map(&:id),
          makes: [Step::Made.whole("end", rule.id)])
      end

      # The beads of a Stringing::BeadString as they are strung, in words; nil where it has none.
      def self.told(string)
        return if string.count.zero?

        mixed = string.runs.size > MOST_RUNS
        runs = mixed ? string.runs.group_by(&:first).transform_values { |all| all.sum(&:last) }.to_a : string.runs
        beads = runs.map { |kind, times| "#{times} #{kind.words}" }
        told = mixed ? "#{Units::Text.list(beads)} in their order" : beads.join(", then ")
        (string.copies > 1) ? "#{told} for each of the #{string.copies} frames" : told
      end

      # Beads with a wire of their own.
      def self.set(plan, rule)
        wire = Planner::BeadLengths.call(plan.piece, [rule], plan.calibration).first
        on = plan.called(plan.placed.section(rule.fields[:section]))
        pair = plan.pair? ? "; both of the pair take as many" : ""
        words = "#{wire.cutting}#{" for #{on}" if on} and #{rule.making}. Try the beads dry first#{pair}."
        Step.of("bead", words, rule.fields[:section], wire.wraps / plan.calibration.pace.to_f, wires: [wire.wire.id],
          makes: [Step::Made.whole("end", rule.id)], cuts: [wire.cut])
      end
      private_class_method :strung, :set
    end
  end
end
