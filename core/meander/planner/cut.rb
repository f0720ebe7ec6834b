# frozen_string_literal: true

module Meander
  module Planner
    # A base wire to cut: one run, or two that are folded from one piece, with its parts in order from the end it is measured from
    # and the marks to make on it. All in mm.
    class Cut
      attr_reader :wire, :wires, :parts, :marks

      # folds: the endings of kind fold. Runs folded together come out as one.
      def self.all(runs, folds)
        joined = folds.map { |fold| [fold[:side], runs.select { |run| fold[:wires].include?(run.wire.id) }] }
        alone = runs - joined.flat_map { |_, pair| pair }
        (alone.map { |run| new([run], run.parts, run.marks) } + joined.map { |side, pair| folded(side, *pair) }).sort_by { |cut| runs.index { |run| run.wire == cut.wire } }
      end

      # At the fold there is nothing to hold or to trim.
      def self.folded(side, one, other)
        towards, away = (side == "end") ? [told(one), told(other, back: true)] : [told(one, back: true), told(other)]
        there = ->(parts) { parts.drop_while { |part| WireRun::OFF.include?(part.kind) } }
        to_fold, from_fold = there.call(towards[0].reverse).reverse, there.call(away[0])
        parts = [*to_fold, *from_fold]
        before = to_fold.sum(&:mm)
        on = before - (away[0].sum(&:mm) - from_fold.sum(&:mm))
        marks = towards[1].select { |mark| mark.at_mm <= before + 1e-9 } + away[1].map { |mark| mark.moved(mark.at_mm + on) }
        new([one, other], parts, marks)
      end

      # A run's parts and marks, from its start or back from its end.
      def self.told(run, back: false)
        return [run.parts, run.marks] unless back

        [run.parts.reverse, run.marks.reverse.map { |mark| mark.moved(run.total_mm - mark.at_mm) }]
      end
      private_class_method :folded, :told

      def initialize(runs, parts, marks)
        @wire = runs.first.wire
        @wires = runs.map { |run| run.wire.id }.freeze
        @parts = parts.reject { |part| part.kind == "ending" && part.mm.zero? }.freeze
        @marks = marks.freeze
        freeze
      end

      def total_mm = parts.sum(&:mm)

      # [[words, mm], ...]
      def named_parts = parts.map { |part| [part.words, part.mm] }

      # What to measure off and cut: the sum, rounded up to a whole millimetre.
      def cut_mm = (total_mm - Tolerance::PACKING_MM).ceil
      def folded? = wires.size == 2
      def words = folded? ? "#{wire.words}, folded in one piece" : wire.words
      def to_h = {wires:, words:, colour: wire.material.colour, cut_mm:, total_mm:, parts: parts.map(&:to_h), marks: marks.map(&:to_h)}
    end
  end
end
