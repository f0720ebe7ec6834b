# frozen_string_literal: true

module Meander
  module Crafts
    # A wire cut for something by itself, beside what is woven: a lacing, a coil over a fold, beads stitched on. All in
    # mm.
    class SeparateLength
      attr_reader :kind, :wire, :path_mm, :use, :wraps

      # kind: lacing, binding, cover or beads; path_mm: its drawn way; use: what it does, in words; wraps: how many of
      # it are wraps; slack: as in Calibration.
      def initialize(kind, piece, wire, path_mm, use:, wraps:, slack:)
        @kind = kind
        @piece = piece
        @wire = wire
        @path_mm = path_mm
        @use = use
        @wraps = wraps
        @slack = slack
        freeze
      end

      def used_mm = path_mm * (1 + @slack)

      # How many lengths a hand can manage it takes.
      def lengths = [(used_mm / [@piece.allowance_mm(:working_length) - ends_mm, 1.0].max).ceil, 1].max

      # What it is made up of: [[words, mm], ...].
      def parts
        {"path" => path_mm, "slack" => used_mm - path_mm, "margin" => used_mm * @piece.margin,
          "tails" => lengths * 2 * @piece.allowance_mm(:tail),
         "waste" => lengths * @piece.allowance_mm(:waste)}.reject { |_, mm| mm.zero? }.to_a.freeze
      end

      def total_mm = (used_mm * (1 + @piece.margin)) + (lengths * ends_mm)

      # What to measure off and cut in all, rounded up to a whole millimetre.
      def cut_mm = (total_mm - Tolerance::PACKING_MM).ceil

      # "Cut 554 mm of 0.35 mm bronze"; in as many lengths as a hand can manage.
      def cutting
        told = "Cut #{Units::Text.cut(cut_mm)} of #{wire.words}"
        (lengths == 1) ? told : "#{told}, in #{lengths} lengths,"
      end

      # As a step cuts it.
      def cut
        Step::Cut.new(wire.id, "the wire that #{use}", cut_mm, cut_mm - used_mm, @piece.allowance_mm(:tail)).freeze
      end

      def mass_g = wire.material.mass_g(wire.mm, used_mm)
      def to_h = {kind:, wire: wire.id, words: wire.words, use:, path_mm:, cut_mm:, lengths:, wraps:}

      private

      def ends_mm = (2 * @piece.allowance_mm(:tail)) + @piece.allowance_mm(:waste)
    end
  end
end
