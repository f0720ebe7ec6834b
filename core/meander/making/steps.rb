# frozen_string_literal: true

module Meander
  module Making
    # The order of work as it is counted at the bench: every step of a plan with what is counted in it. Of a pair the
    # second one is made like the first, step by step, each counted against what was really done there.
    module Steps
      # What is counted of a section by its craft, the finest first.
      FINEST = {"weave" => "pass", "braid" => "crossing", "crochet" => "stitch", "knot" => "knot"}.freeze
      # @param plan [Planner::Plan]
      # @return [Array<Hash>] number:, kind:, section:, words:, caution:, minutes:, makes:, count: (nil where nothing is
      #   counted), mm: what one of those reaches, units: [{ name:, each: }, ...] the finest first, first: the number of
      #   the same step of the first of a pair, nil of that one itself; cuts: [{ name:, mm: }, ...] to be cut
      def self.call(plan)
        order = Work::Order.new(plan).steps
        pair = order.index { |step| step.kind == "pair" }
        own = order.map { |step| told(step, plan) }
        return numbered(own) unless pair

        again = own[0...pair].each_with_index.map { |step, i| {**step, first: i} }
        numbered([*own[0..pair], *again, *own[(pair + 1)..]])
      end

      def self.numbered(steps) = steps.each_with_index.map { |step, i| {number: i, **step} }

      def self.told(step, plan)
        section, count, each = counted(step, plan)
        {kind: step.kind, section: step.section, words: step.words, caution: step.caution, minutes: step.minutes,
          makes: step.makes.map(&:to_h), count:, mm: count && (section.length_mm * section.copies / all(section, step)),
          units: count ? units(section, count, each) : [], first: nil, cuts: cuts(step, plan)}
      end

      # The section a step works, how much of it, and how much a repeat is; nil where nothing is counted.
      def self.counted(step, plan)
        section = step.section && plan.placed.section(step.section)
        made = step.makes.find { |one| one.of == "weave" && one.to > one.from + 1 }
        return [section, made.to - made.from, repeat(section, made)] if made
        return unless step.kind == "weave" && section.crossings.positive?

        [section, section.crossings, section.crossings / section.repeats]
      end

      # How much of the finest a repeat is: of a weave its passes, of all else what the whole comes to by repeats.
      def self.repeat(section, made)
        return section.layout.pattern.walk.gaps.size if section.strip
        return unless section.repeats && (made.all % section.repeats).zero?

        made.all / section.repeats
      end

      def self.all(section, step)
        made = step.makes.find { |one| one.of == "weave" }
        made ? made.all * section.copies : section.crossings
      end

      # Repeats besides, where the step is more than one of them.
      def self.units(section, count, each)
        finest = {name: FINEST.fetch(section.section.craft, "pass"), each: 1}
        (each && each > 1 && count >= each) ? [finest, {name: "repeat", each:}] : [finest]
      end

      # Of a cutting step what is cut, wire by wire.
      def self.cuts(step, plan)
        return [] unless step.kind == "cut"

        plan.runs.select { |run| step.wires.include?(run.wire.id) }
          .map { |run| {name: plan.names.call(run.wire), mm: run.cut_mm} }
      end
      private_class_method :numbered, :told, :counted, :repeat, :all, :units, :cuts
    end
  end
end
