# frozen_string_literal: true

module Meander
  module Output
    # A plan as plain values, the same members whatever kind of piece it is of: what the command line prints (schema
    # plan-2). All that is told of wire is read off the cut list. Figures in mm and g, of one finished piece.
    module PlanJson
      # What working wire is told by, part by part as cuts name them.
      WORKING = {path_mm: "path", led_mm: "led on", slack_mm: "slack", tails_mm: "tails",
        reserve_mm: "kept for later", ended_mm: "endings", waste_mm: "waste", margin_mm: "margin"}.freeze
      WORKS = %w[weaving own].freeze

      # plan: Planner::Plan.
      def self.call(plan)
        {name: plan.piece.name, kind: plan.piece.kind, pieces: plan.pieces, cuts: plan.cut_list.map { |row| cut(row) },
          working: working(plan),
          beads: beads(plan.beads), steps: Work::Order.call(plan).map { |step| step_h(step) },
          advice: Advice::Council.call(plan).map(&:to_h), mass_g: plan.mass_g,
          extent_mm: plan.extent, pictures: pictures(plan).map { |of, hash| {of:, hash:} }}
      end

      def self.cut(row)
        {wire: row.ids.first, wires: row.ids, kind: row.kind, words: row.words, cut_mm: row.cut_mm,
          total_mm: row.total_mm, count: row.count,
          parts: row.parts.map { |words, mm| {words:, mm:} }, marks: row.marks.map { |at_mm, words| {at_mm:, words:} },
          use: row.use}
      end

      # Wire that is worked with, wire by wire.
      def self.working(plan)
        plan.cut_list.select { |row| WORKS.include?(row.kind) }.group_by { |row| row.ids.first }.map do |wire, own|
          parts = WORKING.transform_values do |words|
            own.sum { |row| row.count * row.parts.sum { |part, mm| (part == words) ? mm : 0.0 } }
          end
          {wire:, words: own.first.words, **parts, total_mm: own.sum { |row| row.count * row.total_mm },
            lengths: own.map { |row| {cut_mm: row.cut_mm, count: row.count, use: row.use} }}
        end
      end

      def self.beads(rules)
        rules.map do |rule|
          {id: rule.id, bead: rule.kind.id, words: rule.words, count: rule.count, wire: rule.thread.id,
            mass_g: rule.mass_g}
        end
      end

      # The pictures there are of it: [[what of, hash], ...].
      def self.pictures(plan)
        return [["strip", plan.strip_picture.content_hash]] if plan.band

        strips = plan.sections.select(&:strip_picture)
        plan.finished.map { |picture, _, section| [section || "loose", picture.content_hash] } +
          strips.map { |section| ["strip of #{section.id}", section.strip_picture.content_hash] }
      end

      def self.step_h(step)
        {kind: step.kind, words: step.words, sections: [step.section].compact, wires: step.wires, minutes: step.minutes,
          caution: step.caution}
      end
      private_class_method :cut, :beads, :pictures, :step_h
    end
  end
end
