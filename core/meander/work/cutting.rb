# frozen_string_literal: true

module Meander
  module Work
    # Base wires cut, straightened and marked, before the first section that they lie in.
    module Cutting
      CAUTION = "Wear eye protection and hold both sides of a cut: offcuts fly."

      # plan: Planner::Plan; wires: Document::Wire values; section: Crafts::Worked, the first they lie in; caution:
      # whether it is said.
      # @return [Array<Step>]
      def self.call(plan, wires, section, caution:)
        runs = plan.runs.select { |run| wires.include?(run.wire) }
        names = Planner::WireNames.new([section])
        called = ->(id) { plan.called(plan.placed.section(id)) }
        [cut(runs, names, plan.called(section), section.id, caution), *mark(runs, names, section.id, called)]
      end

      def self.cut(runs, names, called, section, caution)
        wires = runs.map(&:wire)
        spool = runs.all? { |run| off_spool?(run) }
        words = "#{from_all(runs, names, called)} #{spool ? OFF_SPOOL : after(wires)}"
        Step.of("cut", words, section, wires: wires.map(&:id), caution: caution ? flies(wires) : nil,
          makes: spool ? [] : Step::Made.wires(wires), cuts: runs.map { |run| measured(run, names) })
      end

      # Kind by kind.
      def self.from_all(runs, names, called)
        told = runs.group_by { |run| run.wire.words }.map { |words, alike| from(words, alike, names) }
        told[0] = "For #{called} from#{told[0].delete_prefix("From")}" if called
        told.join(" ")
      end

      def self.measured(run, names)
        spare = run.cut_mm - run.total_mm + run.parts.select { |part| SPARE.include?(part.kind) }.sum(&:mm)
        tail = run.parts.select { |part| part.kind == "tail" }.map(&:mm).max
        Step::Cut.new(run.wire.id, names.call(run.wire), run.cut_mm, spare, tail || 0.0).freeze
      end

      # Parts of a wire that nothing is made of.
      SPARE = %w[tail trim].freeze

      def self.cord?(wires) = wires.all? { |wire| wire.material.fibre? }
      def self.flies(wires) = cord?(wires) ? nil : CAUTION

      # What is done with them then.
      def self.after(wires)
        return FRAYS if cord?(wires)

        "Straighten #{wires.one? ? "it" : "them"}."
      end

      def self.off_spool?(run) = run.stops.all? { |stop| stop.section.off_spool? }

      # A crocheted wire is not pulled through anything, so it may stay on its spool.
      OFF_SPOOL = "Or leave it on the spool, where that holds as much, until the work is done."

      # Cord is not straightened.
      FRAYS = "Tape the ends, or stiffen them with a drop of glue, so that they do not fray."

      # What is cut of one kind of wire.
      def self.from(words, runs, names)
        lengths = runs.group_by(&:cut_mm).map { |mm, some| length(mm, names.list(some.map(&:wire)), some.size) }
        "From #{words} cut #{Units::Text.list(lengths)}."
      end

      def self.length(cut_mm, names, count) = "#{Units::Text.cut(cut_mm)}#{" each" if count > 1} for #{names}"

      # More marks than these are told wire by wire.
      MOST_MARKS = 12

      # Where on them something happens, from the end each is begun with; wires marked alike together. called: what a
      # section is called, by its id.
      def self.mark(runs, names, section, called)
        alike = runs.group_by { |run| places(run, called) }.reject { |places, _| places.empty? }
        return [] if alike.empty?

        told = (alike.keys.sum(&:size) > MOST_MARKS) ? alike.to_a.zip : [alike.to_a]
        told.map { |some| marking(some, names, section) }
      end

      # Marks that are told at the same length are one. Where a wire lies in several sections they say in which.
      def self.places(run, called)
        several = run.stops.map { |stop| stop.section.id }.uniq.size > 1
        marks = run.marks.chunk_while { |one, other| [one, other].map { |mark| told(mark) }.uniq.one? }
        marks.map do |at|
          words = at.map { |mark| "#{mark.words}#{" in #{called.call(mark.section)}" if several && mark.section}" }
          "#{told(at.first)} (#{words.uniq.join(", ")})"
        end
      end

      def self.told(mark) = Units::Text.length(mark.at_mm)

      # alike: [[places, runs], ...]
      def self.marking(alike, names, section)
        told = alike.map { |places, some| "mark #{names.list(some.map(&:wire))} at #{Units::Text.list(places)}" }
        Step.of("mark", "Measured from the end you begin with, #{told.join("; ")}.", section,
          wires: alike.flat_map(&:last).map { |run| run.wire.id })
      end
      private_class_method :cut, :from_all, :measured, :cord?, :flies, :after, :off_spool?, :from, :length, :mark,
        :places, :told, :marking
    end
  end
end
