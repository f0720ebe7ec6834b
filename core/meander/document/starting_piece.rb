# frozen_string_literal: true

module Meander
  module Document
    # The piece a maker starts from: a plain document, valid as it stands, with common sizes (see the trade's rules of
    # thumb: opening about a quarter of the wrist, ease 12 mm).
    module StartingPiece
      WIRES = [
        {"id" => "w1", "role" => "base", "size" => {"typed" => "1.0 mm"}, "metal" => "copper", "temper" => "soft"},
        {"id" => "w2", "role" => "base", "size" => {"typed" => "1.0 mm"}, "metal" => "copper", "temper" => "soft"},
        {"id" => "w3", "role" => "weaving", "size" => {"typed" => "0.4 mm"}, "metal" => "copper", "temper" => "soft"}
      ].freeze
      BODIES = {
        "cuff" => {"kind" => "cuff", "ease" => {"typed" => "12 mm"}, "opening" => {"kind" => "share", "share" => 0.25}},
        "bracelet" => {"kind" => "bracelet", "ease" => {"typed" => "12 mm"}},
        "ring" => {"kind" => "ring", "closing" => {"kind" => "beside", "length" => {"typed" => "6 mm"}}}
      }.freeze
      # What each is measured by. A ring is woven of finer wire.
      MEASURES = Hash.new({"quantity" => "wrist", "length" => {"typed" => "170 mm"}}.freeze).merge("ring" => {"quantity" => "finger", "length" => {"typed" => "US 7"}}).freeze
      RING_SIZES = ["0.8 mm", "0.8 mm", "0.3 mm"].freeze
      PLAIN = %w[start end].map.with_index(1) { |side, i| {"id" => "e#{i}", "kind" => "plain", "side" => side, "wires" => %w[w1 w2]} }.freeze
      ENDINGS = {
        "ring" => PLAIN,
        "cuff" => PLAIN,
        "bracelet" => [
          {"id" => "e1", "kind" => "loop", "side" => "start", "wires" => %w[w1 w2], "inside" => {"typed" => "5 mm"}, "wraps" => 3},
          {"id" => "e2", "kind" => "hook", "side" => "end", "wires" => %w[w1 w2], "inside" => {"typed" => "4 mm"},
            "shank" => {"typed" => "9 mm"}, "wraps" => 3}
        ]
      }.freeze
      ALLOWANCES = {
        "tail" => {"typed" => "50 mm"}, "waste" => {"typed" => "30 mm"}, "margin" => 0.05,
        "working_length" => {"typed" => "2 m"}, "base_tail" => {"typed" => "20 mm"}, "base_tails" => "start", "trim" => {"typed" => "5 mm"}
      }.freeze
      # Wires that are bent at both ends are held at both.
      BOTH_ENDS = {**ALLOWANCES, "base_tails" => "both"}.freeze

      # kind: of a body, see Fields::BODY.
      def self.call(kind)
        return StartingBuilt.call(kind) if Fields::BUILT.include?(kind)

        {"format" => Fields::FORMAT, "version" => Fields::VERSION, "name" => "New #{kind}", "notes" => "",
          "body" => BODIES.fetch(kind), "wires" => wires(kind), "sections" => [section], "endings" => ENDINGS.fetch(kind),
          "beads" => [], "steps" => [], "pins" => [{"id" => "p1", **MEASURES[kind]}],
          "allowances" => (kind == "ring") ? BOTH_ENDS : ALLOWANCES, "weaves" => []}
      end

      def self.wires(kind) = (kind == "ring") ? WIRES.zip(RING_SIZES).map { |wire, typed| wire.merge("size" => {"typed" => typed}) } : WIRES

      def self.section
        {"id" => "s1", "craft" => "weave", "base" => %w[w1 w2], "cut_away" => [], "weaving" => ["w3"], "strands" => 1, "turns" => "together",
          "pattern" => {"kind" => "coils", "single" => 3, "both" => 3, "anchor" => 0, "closing" => 3},
          "spacing" => {"kind" => "tight"}, "rise" => {"kind" => "packed"}, "from" => "end", "centre" => "shared", "bare" => {"typed" => "5 mm"}}
      end
      private_class_method :wires
    end
  end
end
