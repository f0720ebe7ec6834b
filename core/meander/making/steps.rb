# frozen_string_literal: true

module Meander
  module Making
    # The order of work as it is counted at the bench: every step of a plan with what is counted in it. Of a pair the
    # second one is made like the first, step by step, each counted against what was really done there and told as its
    # mirror image is made, where that can be told; so is the second half of what is worked from its middle, and every
    # frame after the first.
    module Steps
      # What is counted of a section by its craft, the finest first.
      FINEST = {"weave" => %w[pass passes], "braid" => %w[crossing crossings], "crochet" => %w[stitch stitches],
        "knot" => %w[knot knots]}.freeze
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
          next all << step unless copies.between?(2, MOST_FRAMES)

          first = all.size
          copies.times { |copy| all << frame(step, copy, copies, first) }
        end
      end

      # More frames than these are counted together.
      MOST_FRAMES = 50

      # Only lengths of its own are used in a frame.
      def self.frame(step, copy, copies, first)
        takes = step[:takes].reject { |take| take[:of].include?("/") && !take[:of].end_with?("/#{copy}") }
        {**step, words: "Frame #{copy + 1} of #{copies}. #{step[:words]}", minutes: step[:minutes] / copies, takes:,
          makes: copy.zero? ? step[:makes] : [], cuts: copy.zero? ? step[:cuts] : [],
          **(copy.zero? ? {} : {like: first, model: "first frame"})}
      end

      def self.told(step, plan)
        section, count, each = counted(step, plan)
        beads = beads(step, plan) unless count
        mm = section.length_mm * section.copies / all(section, step) if count
        {kind: step.kind, section: step.section, craft: section&.section&.craft, words: step.words,
          caution: step.caution, minutes: step.minutes, makes: step.makes.map(&:to_h), count: count || beads, mm:,
          units: units(section, count, each, beads), first: nil, like: nil, model: nil, cuts: step.cuts.map(&:to_h),
          takes: count ? takes(step, plan, section, count) : []}
      end

      # The section a step works, how much of it, and how much a repeat is; nil where nothing is counted.
      def self.counted(step, plan)
        section = step.section && plan.placed.section(step.section)
        made = step.makes.find { |one| one.of == "weave" && one.to > one.from + 1 }
        return [section, made.to - made.from, repeat(section, made)] if made
        return unless step.kind == "weave" && section.crossings.positive?

        [section, section.crossings, section.crossings / section.repeats]
      end

      # How many beads a step sets.
      def self.beads(step, plan)
        ids = step.makes.select { |one| one.of == "end" }.map(&:id)
        plan.beads.find { |rule| ids.include?(rule.id) }&.count
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

      # Of weaves wraps besides, two passes each; repeats, where the step is more than one of them.
      def self.units(section, count, each, beads)
        return beads ? [unit(%w[bead beads])] : [] unless count

        finest = [unit(FINEST.fetch(section.section.craft)), *([unit(%w[wrap wraps], 2)] if section.strip)]
        (each && each > finest.last[:each] && count >= each) ? [*finest, unit(%w[repeat repeats], each)] : finest
      end

      def self.unit(names, each = 1) = {name: names[0], many: names[1], each:}

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
      private_class_method :ordered, :numbered, :own_lengths, :again, :shifted, :halves, :frames, :frame, :told, :counted, :beads,
        :repeat, :all, :units, :unit, :takes
    end
  end
end
