# frozen_string_literal: true

module Meander
  module Crafts
    module Crocheting
      # How many stitches so many rows or rounds have, and how far they reach; reckoned, not made. What includes it is a
      # Layout. All in mm.
      module Reckoned
        # So many stitches are in it.
        def stitches(count)
          case kind
          when "cord" then count * cords
          when "band", "tube" then count * breadth
          when "triangle" then (count * 2) + (shape[:more] * count * (count + 1) / 2)
          when "rows" then repeated(typed.map(&:stitches), count)
          else rounds([count, Layout::MOST_STITCHES / 4].min).sum(&:first)
          end
        end

        # How high so many rows stand.
        def heights(count)
          return count * gauge.height_mm(shape[:stitch]) unless kind == "rows"

          repeated(typed.map { |row| gauge.height_mm(row.tallest || "chain") }, count)
        end

        private

        # Of so many rounds of a motif how many stitches each has, and how high it stands.
        def rounds(count)
          return (0...count).map { |i| typed_round(typed[i % typed.size]) } if kind == "rows"

          onto, high = into, gauge.height_mm(shape[:stitch])
          (1..count).map { |i| [Crochet::Rounds.count(shape, gauge, i, onto), high] }
        end

        def typed_round(row) = [row.heads, gauge.height_mm(row.tallest || "single")]

        # What its first round is worked into.
        def into
          chains = (kind == "rows") ? shape[:begin][:count] : Crochet::Shapes::RING
          ring || Crochet::Rounds.chains(gauge, chains)
        end

        # From edge to edge of a motif.
        def across_mm(count)
          chains = (kind == "oval") ? shape[:chains] : 1
          Crochet::Rounds.across_mm(gauge, rounds(count), into, chains:)
        end

        # Rows as they were typed.
        def typed = @told[:typed] ||= Crochet::Shapes.rows(shape)

        # What so many come to, some again and again.
        def repeated(each, count)
          whole, over = count.divmod(each.size)
          (whole * each.sum) + each.first(over).sum
        end
      end
    end
  end
end
