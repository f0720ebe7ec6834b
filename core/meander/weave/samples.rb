# frozen_string_literal: true

module Meander
  module Weave
    # Weaves to choose from, each a walk over so many base wires with the coils that close it.
    module Samples
      # before, after: what is woven before and after the repeats; clear: how many weaving wires wide its gaps stand,
      # nil for as close as the weave lets them; coils: [round one, round both] where it is a coil pattern, nil for
      # other walks; suits: what it is good for.
      Sample = Struct.new(:key, :name, :base, :gaps, :before, :after, :clear, :coils, :suits, keyword_init: true)

      def self.wraps(*spans) = spans.flat_map { |from, to, times| [from, to] * times }
      def self.eight(count) = wraps([1, 2, count], [1, 0, count])
      private_class_method :wraps, :eight

      RAY = wraps([0, 1, 8]) + [0, 2, 1, 3, 2, 3, 1, 4, 3, 4, 1, 5, 4, 5, 1, 4, 3, 4, 1, 3, 2, 3, 1, 2]
      DIAMOND = wraps([2, 3, 2], [1, 4, 2], [0, 5, 2], [1, 4, 2]).freeze
      WALKS = [
        ["plain-coil", "a plain coil", 1, wraps([0, 1, 1]), nil, "anchors, covered stems and tube components"],
        ["coils-3-3", "three and three", 2, wraps([0, 1, 3], [0, 2, 3]), nil,
          "cuffs and ring bands; a close, even texture"],
        ["coils-5-2", "five and two", 2, wraps([0, 1, 5], [0, 2, 2]), nil,
          "frames and bracelets that bend edgewise, the far wire half bare"],
        ["coils-8-2", "eight and two", 2, wraps([0, 1, 8], [0, 2, 2]), nil,
          "long airy strips; the fewest wraps round both"],
        ["figure-eight-1", "a figure-eight, one a side", 2, eight(1), nil, "a fine, flat braid of a band"],
        ["figure-eight-2", "a figure-eight, two a side", 2, eight(2), nil, "bands that look alike on both faces"],
        ["figure-eight-3", "a figure-eight, three a side", 2, eight(3), nil, "bands with a visible rhythm"],
        ["figure-eight-4", "a figure-eight, four a side", 2, eight(4), nil, "filling petals, drops and leaves"],
        ["wide-eight-5", "a wide figure-eight, five a side", 2, eight(5), 8,
          "open frames; light fills between two wires"],
        ["wide-eight-7", "a wide figure-eight, seven a side", 2, eight(7), 10, "wide open frames with long ladders"],
        ["wide-eight-9", "a wide figure-eight, nine a side", 2, eight(9), 12,
          "the widest frames; hold the gap with a bead"],
        ["wide-eight-11", "a wide figure-eight, eleven a side", 2, eight(11), 12, "collars and frames seen through"],
        ["stagger-3", "a stagger over three", 3, wraps([0, 2, 2], [1, 3, 2]), nil,
          "cuffs; the back looks different and may be worn as the front"],
        ["edge-bound-4", "an edge-bound band over four", 4, wraps([0, 1, 3], [0, 4, 2], [3, 4, 3], [0, 4, 2]), nil,
          "flat bracelets with firm edges"],
        ["accent-3", "two and two with an accent row", 3, wraps([0, 1, 2], [0, 2, 2], [0, 1, 2], [0, 3, 3]), nil,
          "bands with a bar across at every repeat"],
        ["diamond-5", "diamonds over five", 5, DIAMOND, nil, "cuffs and collars; the pattern reads from afar"],
        ["spaced-diamond-5", "spaced diamonds over five", 5, wraps([2, 3, 8]) + DIAMOND.drop(4), nil,
          "diamonds set apart; the coils between set the distance"],
        ["diamond-7", "diamonds over seven", 7, wraps([3, 4, 2], [2, 5, 2], [1, 6, 2], [0, 7, 2], [1, 6, 2], [2, 5, 2]),
          nil, "wide cuffs; takes the most wire"],
        ["ray-5", "stepped rays over five", 5, RAY, nil, "fans and rays; middle wires may be cut away afterwards"],
        ["panel-4", "a panel, in and out", 4, [0, 1, 2, 3, 4, 3, 2, 1], nil, "closing a panel quickly"],
        ["coiled-panel-4", "a panel, a coil on each wire", 4,
          [0, 1, 0, 1, 2, 1, 2, 3, 2, 3, 4, 3, 4, 3, 2, 3, 2, 1, 2, 1], nil, "panels that hold their shape"]
      ].freeze
      ALL = WALKS.map do |key, name, base, gaps, clear, suits|
        first = gaps.first
        closing = {gaps: [first, (first < base) ? first + 1 : first - 1].freeze, times: 3}.freeze
        coils = key[/\Acoils-(\d+)-(\d+)\z/] && [$1.to_i, $2.to_i].freeze
        Sample.new(key:, name:, base:, gaps: gaps.freeze, before: [].freeze, after: [closing].freeze, clear:, coils:,
          suits:).freeze
      end.freeze

      # A sample's walk placed in base wires all alike; lean: see Placing.
      def self.placed(sample, base_mm, wire_mm, lean)
        base, walk = [base_mm] * sample.base, Walk.new(sample.gaps)
        visited = [sample.gaps, *sample.after.map { |stretch| stretch[:gaps] }].flatten.uniq
        frame = sample.clear ? Frame.new(base_mm: base, wire_mm:,
          clear_mm: [sample.clear * wire_mm] * (base.size - 1)) :
          Frame.tight(base_mm: base, wire_mm:, visited:)
        Repeat.new(frame, walk, lean:)
      end

      # A weave the maker named, in a weaving wire of so many mm.
      def self.own(weave, wire_mm)
        clear = weave[:clear] && (weave[:clear].mm / wire_mm)
        Sample.new(key: "own", name: weave[:name], **weave.slice(:base, :gaps, :before, :after), clear:, coils: nil,
          suits: weave[:notes]).freeze
      end

      # What a section's pattern is called: its counts, its name among the maker's own or here, or what kind of walk it
      # is.
      def self.words(pattern, base, own = [])
        return "#{pattern[:single]} + #{pattern[:both]}" if pattern[:kind] == "coils"

        gaps, known = pattern[:gaps], [*own.map { |weave| own(weave, 1.0) }, *ALL]
        mirrored = Walk.new(gaps).across(base).gaps
        named(gaps, base, known) || (named(mirrored, base, known) || coils(mirrored, base))&.+(", mirrored") ||
          "a walk of #{Units::Text.count(gaps.size, "pass", "passes")}"
      end

      def self.named(gaps, base, known) = known.find { |sample| sample.base == base && sample.gaps == gaps }&.name

      # Coils round the first of two wires, then round both.
      def self.coils(gaps, base)
        single = gaps.each_slice(2).take_while { |pair| pair == [0, 1] }.size
        both = (gaps.size / 2) - single
        return unless base == 2 && single.positive? && both.positive?

        "#{single} + #{both}" if Walk.coils(single, both).gaps == gaps
      end
      private_class_method :named, :coils
    end
  end
end
