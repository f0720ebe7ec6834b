# frozen_string_literal: true

module Meander
  module Crafts
    module Knotting
      # A knotted section as it goes out: schema answer, knot.
      module Told
        # knotted: Knotted.
        def self.call(knotted)
          layout = knotted.layout
          kinds = knotted.placed.map { |knot| kind_of(knot) }.uniq
          at = kinds.each_with_index.to_h
          {repeats: knotted.repeats, woven_mm: knotted.made_mm, bare_mm: knotted.bare_mm,
            counted: Words.counted(knotted), cords: knotted.base.size, ties: knotted.ties,
            kinds: kinds.map { |one| kind(*one) },
            knots: knotted.placed.map { |knot|
              [at.fetch(kind_of(knot)), knot.row, knot.from, knot.bead ? knot.bead.placement + 1 : 0]
            },
            orders: orders(knotted), rows: rows(layout), notation: Knot::Notation.write(layout.section[:rows]),
            width_mm: knotted.width_mm, thickness_mm: knotted.thickness_mm, advance_mm: layout.advance_mm,
            heads_mm: layout.heads_mm, spacing_mm: layout.spacing_mm, round_mm: layout.girth&.round_mm,
            least_spacing_mm: layout.least_mm,
            wires: knotted.base.each_index.map { |number| wire(knotted, number) }, assumed: knotted.assumed?}
        end

        def self.kind_of(knot) = [knot.kind, knot.hand, knot.cords.size, knot.turns]

        def self.kind(kind, hand, cords, turns)
          {kind:, hand:, cords:, name: Knot::Kinds.fetch(kind).words(hand),
            words: Words.item({kind:, hand:, cords:, turns:, times: 1}), ties: Words.ties(kind, hand, cords)}
        end

        # Rows of the pattern; knots: how many one of them has.
        def self.rows(layout)
          layout.section[:rows].map do |row|
            {words: Words.row(row, layout.section.base.size), times: row[:times],
              knots: row[:knots].sum { |one| (one[:kind] == "pass") ? 0 : one[:times] }}
          end
        end

        # Which cord, by its number from 1, hangs where at the beginning and at the end, from the left.
        def self.orders(knotted)
          {start: (1..knotted.base.size).to_a, end: knotted.course.order(knotted.repeats).map { |cord| cord + 1 }}
        end

        def self.wire(knotted, number)
          roles = knotted.roles(number)
          {wire: knotted.base[number].id, cord: number + 1, run_mm: knotted.knotted_mm(number),
            works: roles.fetch("works", 0), fills: roles.fetch("fills", 0), holds: roles.fetch("holds", 0)}
        end
        private_class_method :kind_of, :kind, :rows, :orders, :wire
      end
    end
  end
end
