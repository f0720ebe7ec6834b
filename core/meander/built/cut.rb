# frozen_string_literal: true

module Meander
  module Built
    # A base wire to cut: one run, or two that are folded from one piece, with its parts in order from the end it is measured from
    # and the marks to make on it. All in mm.
    class Cut
      # places: the marks in sections with where they lie in the finished piece, [[WireRun::Mark, [x, y, z]], ...].
      attr_reader :wire, :wires, :parts, :marks, :places

      # folds: the endings of kind fold. Runs folded together come out as one.
      def self.all(runs, folds)
        joined = folds.map { |fold| [fold[:side], runs.select { |run| fold[:wires].include?(run.wire.id) }] }
        alone = runs - joined.flat_map { |_, pair| pair }
        (alone.map { |run| new([run], run.parts, run.marks, run.places) } + joined.map { |side, pair| folded(side, *pair) }).sort_by { |cut| runs.index { |run| run.wire == cut.wire } }
      end

      # At the fold there is nothing to trim.
      def self.folded(side, one, other)
        towards, away = (side == "end") ? [told(one), told(other, back: true)] : [told(one, back: true), told(other)]
        parts = [*towards[0][..-2], *away[0].drop(1)]
        before = towards[0][..-2].sum(&:mm)
        on = before - away[0].first.mm
        marks = towards[1].select { |mark| mark.at_mm <= before + 1e-9 } + away[1].map { |mark| moved(mark, on) }
        new([one, other], parts, marks, towards[2] + away[2].map { |mark, place| [moved(mark, on), place] })
      end

      # A run's parts, marks and places, from its start or back from its end.
      def self.told(run, back: false)
        return [run.parts, run.marks, run.places] unless back

        turned = ->(mark) { WireRun::Mark.new(run.total_mm - mark.at_mm, mark.words).freeze }
        [run.parts.reverse, run.marks.reverse.map(&turned), run.places.map { |mark, place| [turned.call(mark), place] }]
      end

      def self.moved(mark, by_mm) = WireRun::Mark.new(mark.at_mm + by_mm, mark.words).freeze
      private_class_method :folded, :told, :moved

      def initialize(runs, parts, marks, places)
        @wire = runs.first.wire
        @wires = runs.map { |run| run.wire.id }.freeze
        @parts = parts.reject { |part| part.kind == "ending" && part.mm.zero? }.freeze
        @marks = marks.freeze
        @places = places.freeze
        freeze
      end

      def total_mm = parts.sum(&:mm)

      # What to measure off and cut: the sum, rounded up to a whole millimetre.
      def cut_mm = (total_mm - Tolerance::PACKING_MM).ceil
      def folded? = wires.size == 2
      def words = folded? ? "#{wire.words}, folded in one piece" : wire.words
      def to_h = {wires:, words:, colour: wire.material.colour, cut_mm:, total_mm:, parts: parts.map(&:to_h), marks: marks.map(&:to_h)}
    end
  end
end
