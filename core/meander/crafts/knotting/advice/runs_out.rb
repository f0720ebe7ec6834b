# frozen_string_literal: true

module Meander
  module Crafts
    module Knotting
      module Advice
        # Cords that there are, and that end before their knots do.
        module RunsOut
          def self.call(knotted)
            given = knotted.section[:to_hand] or return
            short = lengths(knotted).select { |cord, need| need + spare_mm(knotted, cord) > given.mm + 1e-6 }
            return if short.empty?

            cord, = short.max_by { |number, need| need + spare_mm(knotted, number) }
            spare = spare_mm(knotted, cord)
            AdviceItem.of("knot-runs-out", "stop", "/to_hand", "#{Units::Text.count(short.size, "cord")} of those " \
              "to hand run short",
              "Cord #{cord + 1} takes #{Units::Text.length(short[cord] + spare)} with its tails and is " \
              "#{Units::Text.length(given.mm)} long: it runs out " \
              "#{where(knotted, cord, given.mm - spare)}.",
              "Longer cords, fewer rows, or working cords and fillers exchanged half-way.",
              needs_mm: short[cord] + spare, given_mm: given.mm, short: short.size)
          end

          # What each cord takes, both legs of one together: { first number => mm }.
          def self.lengths(knotted)
            mount = knotted.layout.mounted?
            knotted.base.each_index.group_by { |number| mount ? number / 2 : number }
              .to_h { |_, numbers| [numbers.first, numbers.sum { |number| knotted.knotted_mm(number) }] }
          end

          # What a cord takes beside its knots: unknotted, and a tail at either end that nothing else is made of.
          def self.spare_mm(knotted, number)
            tails = knotted.loose_ends(knotted.base[number]).size * knotted.section[:tail].mm
            tails + knotted.above_mm + ((knotted.layout.mounted? ? 2 : 1) * knotted.bare_mm)
          end

          # The row in which it ends; of a mounted cord its longer leg, hung so that both run out together.
          def self.where(knotted, cord, left)
            legs = knotted.layout.mounted? ? [cord, cord + 1] : [cord]
            share = legs.sum { |number| knotted.knotted_mm(number) }
            number = legs.max_by { |leg| knotted.knotted_mm(leg) }
            rest = (left * knotted.knotted_mm(number) / share) - knotted.mounted_mm(number)
            knot = knotted.passes(number).find { |pass| (rest -= pass.mm + pass.gap_mm).negative? }&.knot
            return "before the first knot" unless knot

            each = knotted.layout.each
            "in row #{knot.row + 1}#{" of repeat #{(knot.number / each) + 1}" if knotted.repeats > 1}"
          end
          private_class_method :lengths, :spare_mm, :where
        end
      end
    end
  end
end
