# frozen_string_literal: true

module Meander
  module Document
    # The piece a maker starts from: a plain document, valid as it stands, with common sizes (see the trade's rules of
    # thumb: opening about a quarter of the wrist, ease 12 mm).
    module StartingPiece
      ALLOWANCES = {
        "tail" => {"typed" => "50 mm"}, "waste" => {"typed" => "30 mm"}, "margin" => 0.05,
        "working_length" => {"typed" => "2 m"}, "base_tail" => {"typed" => "20 mm"}, "base_tails" => "start",
        "trim" => {"typed" => "5 mm"}
      }.freeze
      # Wires that are bent at both ends are held at both.
      BOTH_ENDS = {**ALLOWANCES, "base_tails" => "both"}.freeze
      COILS = {"kind" => "coils", "single" => 3, "both" => 3, "anchor" => 0, "closing" => 3}.freeze
      EIGHT = {"kind" => "walk", "gaps" => [1, 2, 1, 2, 1, 0, 1, 0], "before" => [], "after" => []}.freeze

      def self.size(typed) = {"typed" => typed}.freeze

      def self.kind(id, use, typed)
        {"id" => id, "use" => use, "size" => size(typed), "metal" => "copper", "temper" => "soft"}.freeze
      end

      def self.visit(seat, **more)
        {"kind" => "visit", "section" => "s1", "seat" => seat, **more.transform_keys(&:to_s)}.freeze
      end

      def self.wire(id, kind, *route, start: nil, stop: nil)
        {"id" => id, "kind" => kind, "route" => route, "ends" => {"start" => start, "end" => stop}}.freeze
      end

      def self.at(ending, place) = {"ending" => ending, "place" => place}.freeze

      # A woven strip as long as what it is worn on asks for; a frame as far as it is long.
      def self.woven(pattern, bare, gives, form, extent)
        {"id" => "s1", "craft" => "weave", "copies" => 1, "at" => {"kind" => "first", "turn" => 0}, "form" => form,
          "extent" => {"kind" => extent}, "pattern" => pattern,
          "spacing" => {"kind" => "tight"}, "rise" => {"kind" => "packed"}, "from" => "end", "centre" => "shared",
          "bare" => {"length" => size(bare), "gives" => gives}}.freeze
      end
      private_class_method :size, :kind, :visit, :wire, :at, :woven

      COPPER = ->(base, working) { [kind("k1", "base", base), kind("k2", "working", working)].freeze }
      # A hook of soft wire would open.
      HARD = ->(base, working) {
        hard, soft = COPPER.call(base, working)
        [{**hard, "temper" => "half_hard"}.freeze, soft].freeze
      }
      # Two base wires from ending to ending, and one that is woven over them.
      TWO = [wire("w1", "k1", visit("base 1"), start: at("e1", 1), stop: at("e2", 1)),
        wire("w2", "k1", visit("base 2"), start: at("e1", 2), stop: at("e2", 2)),
        wire("w3", "k2", visit("weaving 1"))].freeze
      # One base wire there and back round a fold.
      FOLDED = ->(back) {
        [wire("w1", "k1", visit("base 1"), {"kind" => "fold", "id" => "f1", "ring" => nil}, visit("base 2", back: true),
          start: at("e1", 1), stop: back), wire("w2", "k2", visit("weaving 1"))].freeze
      }
      STRIP = [woven(COILS, "5 mm", true, {"kind" => "straight"}, "free")].freeze
      FRAME = ->(form) { [woven(EIGHT, "0 mm", false, form, "fill")].freeze }
      PLAIN = [{"id" => "e1", "kind" => "plain"}, {"id" => "e2", "kind" => "plain"}].freeze
      LOOP_AND_HOOK = [{"id" => "e1", "kind" => "loop", "inside" => size("5 mm"), "wraps" => 3},
        {"id" => "e2", "kind" => "hook", "inside" => size("4 mm"), "shank" => size("9 mm"), "wraps" => 3}].freeze
      WRIST = [{"id" => "p1", "quantity" => "wrist", "length" => size("170 mm")}].freeze
      EASE = {"on" => "wrist", "ease" => size("12 mm")}.freeze

      PIECES = {
        "cuff" => {
          "worn" => {**EASE, "opening" => {"kind" => "share", "share" => 0.25}},
          "kinds" => COPPER.call("1.0 mm", "0.4 mm"), "wires" => TWO, "sections" => STRIP, "endings" => PLAIN,
          "pins" => WRIST
        },
        "bracelet" => {
          "worn" => EASE, "kinds" => HARD.call("1.0 mm", "0.4 mm"), "wires" => TWO, "sections" => STRIP,
          "endings" => LOOP_AND_HOOK, "pins" => WRIST
        },
        # A ring is woven of finer wire.
        "ring" => {
          "worn" => {"on" => "finger", "closing" => {"kind" => "beside", "length" => size("6 mm")}},
          "kinds" => COPPER.call("0.8 mm", "0.3 mm"), "wires" => TWO, "sections" => STRIP, "endings" => PLAIN,
          "pins" => [{"id" => "p1", "quantity" => "finger", "length" => size("US 7")}], "allowances" => BOTH_ENDS
        },
        # As many frames as the wrist asks for.
        "links" => {
          "worn" => EASE, "kinds" => HARD.call("1.0 mm", "0.3 mm"), "wires" => TWO, "endings" => LOOP_AND_HOOK,
          "pins" => WRIST, "sections" => FRAME.call({"kind" => "waists", "length" => size("18 mm"),
            "width" => size("6 mm"), "frames" => nil, "crossing" => "left"})
        },
        "earring" => {
          "worn" => {"on" => "ear"}, "pair" => true, "kinds" => COPPER.call("0.8 mm", "0.3 mm"),
          "wires" => FOLDED.call(nil), "endings" => [{"id" => "e1", "kind" => "eye", "inside" => size("2.5 mm")}],
          "sections" => FRAME.call({"kind" => "drop", "length" => size("32 mm"), "width" => size("16 mm"),
            "open" => size("5 mm")})
        },
        "pendant" => {
          "worn" => {"on" => "neck", "chain" => size("3 mm")}, "kinds" => COPPER.call("0.8 mm", "0.3 mm"),
          "wires" => FOLDED.call(at("e1", 2)), "allowances" => BOTH_ENDS,
          "endings" => [{"id" => "e1", "kind" => "bail", "inside" => size("4 mm"), "wraps" => 3}],
          "sections" => FRAME.call({"kind" => "leaf", "length" => size("42 mm"), "width" => size("15 mm"),
            "open" => size("0 mm")})
        },
        # A bracelet braided of one wire folded and a second one, the fold its loop.
        "plait" => {
          "kind" => "bracelet", "name" => "New braided bracelet", "worn" => EASE,
          "kinds" => [{**kind("k1", "base", "0.9 mm"), "temper" => "half_hard"}.freeze],
          "wires" => [
            wire("w1", "k1", visit("base 1", back: true), {"kind" => "fold", "id" => "f1", "ring" => size("6 mm")},
              visit("base 2"), start: at("e1", 1), stop: at("e1", 2)),
            wire("w2", "k1", visit("base 3"), stop: at("e1", 3))
          ],
          "sections" => [{"id" => "s1", "craft" => "braid", "copies" => 1, "at" => {"kind" => "first", "turn" => 0},
            "form" => {"kind" => "straight"}, "extent" => {"kind" => "free"}, "scheme" => {"kind" => "flat"},
            "strands" => Array.new(3) { {"wires" => 1, "twist" => nil} }, "pitch" => nil, "swatch" => nil,
            "bare" => {"length" => size("3 mm"), "gives" => true}}],
          "endings" => [LOOP_AND_HOOK.last.merge("id" => "e1").freeze], "pins" => WRIST, "allowances" => BOTH_ENDS
        },
        # A bracelet crocheted along its length, in ribbon ends.
        "crochet" => {
          "kind" => "bracelet", "name" => "New crocheted bracelet", "worn" => EASE,
          "kinds" => [kind("k1", "base", "0.3 mm")],
          "wires" => [wire("w1", "k1", visit("base 1"), start: at("e1", 1), stop: at("e2", 1))],
          "sections" => [{"id" => "s1", "craft" => "crochet", "copies" => 1, "at" => {"kind" => "first", "turn" => 0},
            "form" => {"kind" => "straight"}, "extent" => {"kind" => "free"}, "hook" => size("2.5 mm"), "turns" => nil,
            "fabric" => {"kind" => "band", "stitch" => "single", "lying" => "along",
              "across" => {"kind" => "count", "count" => 4}},
            "swatch" => nil, "begun" => "chain", "ended" => "off", "tail" => size("150 mm"), "margin" => 0.1,
            "bare" => {"length" => size("0 mm"), "gives" => false}}],
          "endings" => %w[e1 e2].map { |id|
            {"id" => id, "kind" => "ribbon", "wide" => size("16 mm"), "thick" => size("3.5 mm"),
              "depth" => size("6 mm"), "length" => size("10 mm"), "glued" => false}
          },
          "pins" => WRIST, "allowances" => BOTH_ENDS
        },
        # A bracelet of four cords in square knots, in ribbon ends.
        "knotted" => {
          "kind" => "bracelet", "name" => "New knotted bracelet", "worn" => EASE,
          "kinds" => [{**kind("k1", "base", "1.0 mm"), "metal" => "waxed_cord"}.freeze],
          "wires" => (1..4).map { |i|
            wire("w#{i}", "k1", visit("base #{i}"), start: at("e1", i), stop: at("e2", i))
          },
          "sections" => [{"id" => "s1", "craft" => "knot", "copies" => 1, "at" => {"kind" => "first", "turn" => 0},
            "form" => {"kind" => "straight"}, "extent" => {"kind" => "free"},
            "rows" => [{"knots" => [{"kind" => "square", "hand" => "left", "cords" => 4, "times" => 1, "turns" => 1}],
              "gap" => size("0 mm"), "times" => 1}],
            "mount" => nil, "spacing" => nil, "swatch" => nil, "to_hand" => nil, "finish" => "cut",
            "tail" => size("100 mm"), "margin" => 0.1, "bare" => {"length" => size("0 mm"), "gives" => false}}],
          "endings" => %w[e1 e2].map { |id|
            {"id" => id, "kind" => "ribbon", "wide" => size("8 mm"), "thick" => size("3.5 mm"),
              "depth" => size("6 mm"), "length" => size("10 mm"), "glued" => true}
          },
          "pins" => WRIST, "allowances" => BOTH_ENDS
        },
        "component" => {
          "kinds" => [kind("k1", "base", "0.8 mm")], "wires" => [wire("w1", "k1", visit("base 1"))],
          "sections" => [{"id" => "s1", "craft" => "bend", "copies" => 1, "at" => {"kind" => "first", "turn" => 0},
            "bend" => {"kind" => "rosette", "long" => size("14 mm"), "short" => size("10 mm"),
              "fold" => size("2 mm"), "centre" => size("0 mm"), "petals" => 8}}]
        }
      }.freeze

      # kind: of a piece, see Fields::PIECES; or plait, crochet or knotted, which are bracelets.
      def self.call(kind)
        {"format" => Fields::FORMAT, "version" => Fields::VERSION,
          "name" => "New #{(kind == "links") ? "row of links" : kind}", "notes" => "", "kind" => kind, "pair" => false,
          "worn" => nil,
          "endings" => [], "beads" => [], "steps" => [], "pins" => [], "allowances" => ALLOWANCES, "weaves" => [],
          **PIECES.fetch(kind)}
      end
    end
  end
end
