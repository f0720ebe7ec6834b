# frozen_string_literal: true

module Meander
  module Making
    # The order of work as it is counted at the bench: every step of a plan with what is counted in it. Of a pair the
    # second one is made like the first, step by step, each counted against what was really done there and told as its
    # mirror image is made, where that can be told; so is the second half of what is worked from its middle, and every
    # frame after the first.
    module Steps
      # @param plan [Planner::Plan]
      # @param second [Planner::Plan, nil] of its mirror image, see Second
      # @return [Array<Hash>] number:, kind:, section:, craft:, words:, caution:, minutes:, makes:, count: (nil where
      #   nothing is counted), mm: what one of those reaches, units: [{ name:, many:, each: }, ...] the finest first;
      #   first: the number of the same step of the first of a pair, nil of that one itself; like: that of the first
      #   half, or frame; model: which of these in words; cuts: Step::Cut as hashes; takes: what one of what is counted
      #   uses, [{ of:, mm: }, ...]
      def self.call(plan, second = nil)
        own = ordered(plan)
        pair = own.index { |step| step[:kind] == "pair" }
        return numbered(own) unless pair

        others = second ? ordered(second) : own
        again = others[0...pair].each_with_index.map { |step, i| {**own_lengths(step), first: i, model: "first one"} }
        numbered([*own[0..pair], *again, *own[(pair + 1)..]].map.with_index { |step, i| shifted(step, i, pair) })
      end

      def self.ordered(plan) = halves(frames(Work::Order.new(plan).steps.map { |step| told(step, plan) }, plan))

      def self.numbered(steps) = steps.each_with_index.map { |step, i| {number: i, **step} }

      # The lengths of the second one are its own.
      def self.own_lengths(step)
        cuts = step[:cuts].map { |cut| {**cut, of: again(cut[:of]), words: again(cut[:words])} }
        {**step, cuts:, takes: step[:takes].map { |take| {**take, of: again(take[:of])} }}
      end

      def self.again(words) = "#{words}, of the second"

      # Of the second one the first half stands so much further down.
      def self.shifted(step, number, pair)
        (number > pair && step[:like]) ? {**step, like: step[:like] + pair + 1} : step
      end

      # Weaving after the work is turned over goes as it went before, step by step.
      def self.halves(steps)
        turned = steps.each_index.select { |i| steps[i][:kind] == "turn" }
        turned.reduce(steps) do |all, at|
          mine = all.each_index.select { |i| all[i][:section] == all[at][:section] && all[i][:count] }
          before, after = mine.partition { |i| i < at }
          pairs = after.zip(before).reject { |i, first| first.nil? || all[i][:count] != all[first][:count] }.to_h
          all.each_with_index.map { |step, i| pairs.key?(i) ? {**step, like: pairs[i], model: "first half"} : step }
        end
      end

      # What is woven in several frames is counted frame by frame.
      def self.frames(steps, plan)
        steps.each_with_object([]) do |step, all|
          copies = (step[:count] && step[:craft]) ? plan.placed.section(step[:section]).copies : 1
          next all << step unless copies > 1

          first = all.size
          copies.times { |copy| all << frame(step, copy, copies, first) }
        end
      end

      # Only lengths of its own are used in a frame.
      def self.frame(step, copy, copies, first)
        takes = step[:takes].reject { |take| take[:of].include?("/") && !take[:of].end_with?("/#{copy}") }
        {**step, words: "Frame #{copy + 1} of #{copies}. #{step[:words]}", minutes: step[:minutes] / copies, takes:,
          makes: copy.zero? ? step[:makes] : [], cuts: copy.zero? ? step[:cuts] : [],
          **(copy.zero? ? {} : {like: first, model: "first frame"})}
      end

      def self.told(step, plan)
        own = {kind: step.kind, section: step.section, words: step.words, caution: step.caution,
          minutes: step.minutes, makes: step.makes.map(&:to_h), cuts: step.cuts.map(&:to_h), first: nil, like: nil,
          model: nil}
        section, from, to, all = counted(step, plan)
        return {**own, **beaded(step, plan)} unless section

        {**own, craft: section.section.craft, count: to - from, units: units(section, from, to, all),
          mm: section.length_mm * section.copies / all(section, step),
          takes: takes(step, plan, section, to - from)}
      end

      def self.beaded(step, plan)
        beads = beads(step, plan)
        {craft: nil, count: beads, units: beads ? [unit("bead", "beads", 1)] : [], mm: nil, takes: []}
      end

      # The section a step works, from how much of it to how much, of all; nil where nothing is counted.
      def self.counted(step, plan)
        section = step.section && plan.placed.section(step.section)
        made = step.makes.find { |one| one.of == "weave" && one.to > one.from + 1 }
        return [section, made.from, made.to, made.all] if made
        return unless step.kind == "weave" && section.crossings.positive?

        [section, 0, section.crossings, section.crossings]
      end

      # How many beads a step sets.
      def self.beads(step, plan)
        ids = step.makes.select { |one| one.of == "end" }.map(&:id)
        plan.beads.find { |rule| ids.include?(rule.id) }&.count
      end

      def self.all(section, step)
        made = step.makes.find { |one| one.of == "weave" }
        made ? made.all * section.copies : section.crossings
      end

      # What a step is counted by: no unit that is more than all of it.
      def self.units(section, from, to, all)
        section.units(from, to, all).select { |_, _, each| each == 1 || each <= to - from }
          .uniq(&:last).map { |one| unit(*one) }
      end

      def self.unit(name, many, each) = {name:, many:, each:}

      # Of working wire what the step says; of base wires what is worked of them, or what they lie under. A frame that
      # is bent first is as long, however far it is woven.
      def self.takes(step, plan, section, count)
        own = step.takes.map { |take| {of: take.of, mm: take.mm / count} }
        return own if section.strip && (section.shaped_first? || section.opening)

        all = all(section, step)
        own + plan.runs.filter_map do |run|
          mm = run.parts.select { |part| part.kind == "section" && part.section == section.id }.sum(&:mm)
          {of: run.wire.id, mm: mm / all} if mm.positive?
        end
      end
      private_class_method :ordered, :numbered, :own_lengths, :again, :shifted, :halves, :frames, :frame, :told,
        :beaded, :counted, :beads, :all, :units, :unit, :takes
    end
  end
end
