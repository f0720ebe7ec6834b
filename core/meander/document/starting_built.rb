# frozen_string_literal: true

module Meander
  module Document
    # The pieces put together from sections that a maker starts from: plain documents, valid as they stand, with common sizes.
    module StartingBuilt
      EIGHT = {"kind" => "walk", "gaps" => [1, 2, 1, 2, 1, 0, 1, 0], "before" => [], "after" => []}.freeze
      BASE = %w[w1 w2].freeze

      def self.size(typed) = {"typed" => typed}

      def self.wire(id, typed, role = "base", temper = "soft") = {"id" => id, "role" => role, "size" => size(typed), "metal" => "copper", "temper" => temper}

      def self.frame(form) = {**StartingPiece.section, "pattern" => EIGHT, "bare" => size("0 mm"), "form" => form, "at" => {"kind" => "first", "turn" => 0}, "extent" => {"kind" => "fill"}}
      private_class_method :size, :wire, :frame

      WOVEN = [wire("w1", "0.8 mm"), wire("w2", "0.8 mm"), wire("w3", "0.3 mm", "weaving")].freeze
      FOLD = {"id" => "e2", "kind" => "fold", "side" => "end", "wires" => BASE}.freeze
      PIECES = {
        "links" => {
          "body" => {"kind" => "links", "ease" => size("12 mm")}, "wires" => [wire("w1", "1.0 mm"), wire("w2", "1.0 mm"), wire("w3", "0.3 mm", "weaving")],
          "sections" => [frame("kind" => "waists", "length" => size("18 mm"), "width" => size("6 mm"), "frames" => 9, "crossing" => "left")],
          "endings" => [{"id" => "e1", "kind" => "loop", "side" => "start", "wires" => BASE, "inside" => size("5 mm"), "wraps" => 3},
            {"id" => "e2", "kind" => "hook", "side" => "end", "wires" => BASE, "inside" => size("4 mm"), "shank" => size("9 mm"), "wraps" => 3}],
          "pins" => [{"id" => "p1", "quantity" => "wrist", "length" => size("170 mm")}]
        },
        "earring" => {
          "body" => {"kind" => "earring", "pair" => true}, "wires" => WOVEN,
          "sections" => [frame("kind" => "drop", "length" => size("32 mm"), "width" => size("16 mm"), "open" => size("5 mm"))],
          "endings" => [{"id" => "e1", "kind" => "eye", "side" => "start", "wires" => ["w1"], "inside" => size("2.5 mm")}, FOLD]
        },
        "pendant" => {
          "body" => {"kind" => "pendant", "chain" => size("3 mm")}, "wires" => WOVEN,
          "sections" => [frame("kind" => "leaf", "length" => size("42 mm"), "width" => size("15 mm"), "open" => size("0 mm"))],
          "endings" => [{"id" => "e1", "kind" => "bail", "side" => "start", "wires" => BASE, "inside" => size("4 mm"), "wraps" => 3}, FOLD]
        },
        "component" => {
          "body" => {"kind" => "component"}, "wires" => [wire("w1", "0.8 mm")],
          "sections" => [{"id" => "s1", "craft" => "bend", "base" => ["w1"], "at" => {"kind" => "first", "turn" => 0},
                          "bend" => {"kind" => "rosette", "long" => size("14 mm"), "short" => size("10 mm"), "fold" => size("2 mm"), "centre" => size("0 mm"), "petals" => 8}}]
        }
      }.freeze

      def self.call(kind)
        name = "New #{(kind == "links") ? "row of links" : kind}"
        {"format" => Fields::FORMAT, "version" => Fields::VERSION, "name" => name, "notes" => "", "endings" => [], "beads" => [], "steps" => [], "pins" => [],
          "allowances" => (kind == "pendant") ? StartingPiece::BOTH_ENDS : StartingPiece::ALLOWANCES, "weaves" => [], **PIECES.fetch(kind)}
      end
    end
  end
end
