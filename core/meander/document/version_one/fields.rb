# frozen_string_literal: true

module Meander
  module Document
    # The first version of a piece document: what it held, and how it is lifted to the present one.
    module VersionOne
      # What a document of the first version holds, where the present table does not say it.
      module Fields
        include Shape

        VERSION = 1
        now = Document::Fields
        ids = Crafts::Common::IDS

        BODY = Variant.new(:kind, {
          "cuff" => {ease: now::EASE, opening: now::OPENING}, "bracelet" => {ease: now::EASE},
          "ring" => {closing: now::CLOSING}, "links" => {ease: now::EASE},
          "earring" => {pair: Choice.new([true, false])}, "pendant" => now::WORN.records["neck"].fields.except(:on),
          "component" => {}
        }, left_out: {neck: nil})
        # Bodies put together from sections; the others are one woven band.
        BUILT = %w[links earring pendant component].freeze

        kinds = now::KIND.records.transform_values { |record| record.fields.except(:use) }
        WIRE = Variant.new(:role, {"base" => kinds["base"], "weaving" => kinds["working"]})

        at = Crafts::Common::AT.records.transform_values { |record| record.fields.except(:kind, :apart, :to) }
        AT = Variant.new(:kind,
          {**at.except("rim", "gathered"), "after" => {**at["after"].except(:from), cut_away: ids.call(0..24)}},
          left_out: {turn: 0, cut_away: [].freeze})
        EXTENT = Variant.new(:kind,
          Crafts::Common::EXTENT.records.except("free", "share")
            .transform_values { |record| record.fields.except(:kind) })
        weave = Crafts::Weaving::Fields::SECTION
        RISE = Variant.new(:kind, weave[:rise].records.transform_values { |record| record.fields.slice(:pitch) })
        forms = weave[:form].records.transform_values { |record| record.fields.except(:kind, :hand) }
        FORM = Variant.new(:kind, {**forms, "waists" => {**forms["waists"], frames: Count.new(1..40)}},
          left_out: {shaped: "after"})
        bends = Crafts::Bending::Fields::BEND.records.except("run")
        BEND = Variant.new(:kind, bends.transform_values { |record| record.fields.except(:kind) },
          left_out: {sides: "one"})
        STRETCH = Record.new({gaps: Crafts::Weaving::Fields::GAPS, times: Count.new(1..500)})
        SECTION = Variant.new(:craft, {
          "bend" => {id: Id.new, base: ids.call(1..1), bend: BEND, at: AT},
          "lace" => {id: Id.new, base: ids.call(0..0), weaving: ids.call(1..1), **Crafts::Lacing::Fields::SECTION},
          "weave" => {**weave, pattern: Crafts::Weaving::Fields::PATTERN_WITH[STRETCH], rise: RISE, form: FORM, at: AT,
            extent: EXTENT, id: Id.new, base: ids.call(1..25), cut_away: ids.call(0..24),
                       weaving: ids.call(1..2), strands: Count.new(1..2),
                       turns: Choice.new(%w[together in_turn]), bare: Crafts::Weaving::Fields::BARE,
                       reserve: now::RESERVE}
        }, left_out: {**Crafts::Weaving::Fields::LEFT_OUT, at: {kind: "first", turn: 0}.freeze,
          extent: {kind: "fill"}.freeze,
                      reserve: {side: "end", length: Units::Size.new(0.0, "0 mm")}.freeze})

        ends = {side: Choice.new(%w[start end]), wires: ids.call(1..25)}
        endings = now::ENDING.records.transform_values { |record| {**record.fields.except(:kind), **ends} }
        fold = now::STOP.records["fold"].fields.slice(:id, :ring)
        ENDING = Variant.new(:kind, {**endings, "fold" => {**fold, **ends, cover: Maybe.new(Id.new)}},
          left_out: {cover: nil, ring: nil, turns: 1, bound: "round"})
        FINDING = Variant.new(:kind,
          now::FINDING.records.transform_values { |record| {**record.fields.except(:kind, :on), side: ends[:side]} },
          left_out: {flat: false})
        # Rules whose beads have a wire of their own.
        SPUN = Beads::Rules::SENTENCES.select { |_, sentence| sentence.more[:thread] }.keys.freeze
        PLACED = Variant.new(:rule,
          now::PLACED.records.to_h { |rule, record|
            [rule,
              {**record.fields.except(:rule), **(SPUN.include?(rule) ? {weaving: Id.new} : {})}]
          })
        pins = now::PIN.records.transform_values { |record| record.fields.except(:quantity) }
        PIN = Variant.new(:quantity,
          {**pins.slice("wrist", "finger"), "repeats" => {id: Id.new, count: Count.new(1..2000)},
            "woven" => pins["woven"].except(:section),
                                       "weaving_wire" => pins["wire"].except(:kind)})

        PIECE = Record.new({
          **now::PIECE.fields.slice(:format, :name, :notes, :tray, :allowances),
          weaves: List.new(Crafts::Weaving::Fields::NAMED_WITH[STRETCH], 0..20),
          version: Choice.new([VERSION]), body: BODY, wires: List.new(WIRE, 1..40),
          sections: List.new(SECTION, 1..12), endings: List.new(ENDING, 0..40), beads: List.new(PLACED, 0..24),
          steps: List.new(Id.new, 0..0), pins: List.new(PIN, 0..4),
          findings: List.new(FINDING, 0..12)
        }, left_out: {weaves: [], tray: [], findings: []})
      end
    end
  end
end
