# frozen_string_literal: true

module Meander
  module Crochet
    # The tables that stitches are drawn from (cells.json): where the wire of a stitch lies, for some hooks, in wires;
    # laid in rounds and in turned rows, every loop through its loop, no two wires nearer than they are thick (pushed
    # apart as a tube on its lattice: a row's stitches beside each other, rows over each other). And what moves two, or
    # more, of them apart that are worked into one place, from where they lean to (pushed apart likewise, between
    # neighbours that lean, over a row that lies straight).
    module CellTable
      # Its figures are so many parts of a wire.
      PARTS = 100.0
      # What the tables of a kind are called: of one by itself, and of so many in a place.
      NAMES = %w[alone two three four five].freeze

      # The way through a stitch of a kind, [[x, y, z], ...], for a hook so many wires thick: evenly between two tables,
      # and beyond them as they differ. way: rounds or rows.
      def self.points(kind, way, hook) = even(by_hook(way, kind, ["alone"]), hook)

      # What is to be added to each of those points where the stitch is one of several in a place, at most as many as
      # there are tables of its kind. number: which of them, from 0.
      def self.beside(kind, way, hook, number, all) = even(by_hook(way, kind, [NAMES[all - 1], number]), hook)

      # So many of a kind in a place have tables: of doubles more, as shells are made of them.
      def self.most(kind) = data.fetch("rounds").fetch(kind).size

      # How far a stitch stands from those it is worked into: along the row, and towards the maker.
      def self.shift(kind, way, hook)
        return [Gauge::WIDE * hook / 2, 0.0] if way == "rounds"

        @shifts ||= data.fetch("shifts").transform_values { |all| all.map { |one| [one.map { |part| part / PARTS }] } }
        even(@shifts.fetch(kind), hook).first
      end

      # Points of one hook between those of others.
      def self.even(tables, hook)
        hooks = data.fetch("hooks")
        at = hooks[1..-2].index { |one| hook < one } || (hooks.size - 2)
        share = (hook - hooks[at]).fdiv(hooks[at + 1] - hooks[at])
        tables[at].zip(tables[at + 1]).map { |one, other| one.zip(other).map { |a, b| a + ((b - a) * share) } }
      end

      # [[[x, y, z], ...] for each hook]; at: where among the tables of a kind.
      def self.by_hook(way, kind, at)
        (@tables ||= {})[[way, kind, at]] ||= begin
          parts = data.fetch(way).fetch(kind).dig(*at).map { |part| part / PARTS }
          parts.each_slice(3 * data.fetch("hooks").size).map { |row| row.each_slice(3).to_a }.transpose.freeze
        end
      end

      def self.data = @data ||= Loader.table("crochet/cells")
      private_class_method :even, :by_hook, :data
    end
  end
end
