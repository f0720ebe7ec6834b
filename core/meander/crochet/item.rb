# frozen_string_literal: true

module Meander
  module Crochet
    # Stitches alike, one after another. kind: of Stitches, or picot (three chains closed by a slip stitch), or skip;
    # times: how often; into: so many of them into the same stitch of the row below; over: each over so many of those,
    # drawn together at its head.
    Item = Struct.new(:kind, :times, :into, :over, keyword_init: true) do
      def initialize(kind:, times: 1, into: 1, over: 1) = super

      # Does it hold on to the row below?
      def worked? = !%w[chain skip picot].include?(kind)
      def stitches = (kind == "skip") ? 0 : times * into
      # Places the next row may be worked into.
      def heads = %w[skip picot].include?(kind) ? 0 : times * into
      # What it takes of the row below.
      def takes = %w[chain picot].include?(kind) ? 0 : times * over

      # Those that are alike beside each other as one.
      def self.together(items)
        items.chunk_while { |one, other| one.kind == other.kind && one.into == other.into && one.over == other.over }
          .map { |run| new(**run.first.to_h, times: run.sum(&:times)) }
      end
    end
  end
end
