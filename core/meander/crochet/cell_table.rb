# frozen_string_literal: true

module Meander
  module Crochet
    # The tables that stitches are drawn from: where the wire of a stitch lies, for some hooks, in wires; laid in rounds
    # and in turned rows, every loop through its loop, no two wires nearer than they are thick (pushed apart as a tube
    # on its lattice: a row's stitches beside each other, rows over each other).
    module CellTable
      # Hooks of the tables, in wires.
      HOOKS = [4.0, 5.0, 7.0, 10.0, 16.0, 20.0].freeze
      TABLES = {"rounds" => RoundCells, "rows" => TurnedCells}.freeze
      PARTS = 100.0

      # The way through a stitch of a kind, [[x, y, z], ...], for a hook so many wires thick: evenly between two tables,
      # and beyond them as they differ.
      def self.points(kind, way, hook)
        at, share = between(hook)
        one, other = table(way, kind).values_at(at, at + 1)
        one.zip(other).map { |(a, b, c), (d, e, f)|
          [a + ((d - a) * share), b + ((e - b) * share), c + ((f - c) * share)]
        }
      end

      # How far a stitch stands from those it is worked into: along the row, and towards the maker.
      def self.shift(kind, way, hook)
        return [Gauge::WIDE * hook / 2, 0.0] if way == "rounds"

        at, share = between(hook)
        one, other = TurnedCells::SHIFTS.fetch(kind).values_at(at, at + 1)
        one.zip(other).map { |a, b| a + ((b - a) * share) }
      end

      def self.between(hook)
        at = HOOKS[1..-2].index { |one| hook < one } || (HOOKS.size - 2)
        [at, (hook - HOOKS[at]) / (HOOKS[at + 1] - HOOKS[at])]
      end

      # [[[x, y, z], ...] for each hook].
      def self.table(way, kind)
        (@tables ||= {})[[way, kind]] ||= begin
          rows = TABLES.fetch(way)::POINTS.fetch(kind).split.map { |text| text.to_i / PARTS }.each_slice(3 * HOOKS.size)
          rows.map { |row| row.each_slice(3).to_a }.transpose.freeze
        end
      end
      private_class_method :between, :table
    end
  end
end
