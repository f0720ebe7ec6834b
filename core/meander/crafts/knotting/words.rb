# frozen_string_literal: true

module Meander
  module Crafts
    module Knotting
      # What a knotted section is called, and its rows and knots in words.
      module Words
        # layout: Layout.
        def self.call(layout)
          "a knotted #{strip(layout)} of #{Units::Text.count(layout.section.base.size, "cord")}#{mounted(layout)}" \
            "#{", closed round" if layout.girth}#{StripForms.after(layout.section.form)}"
        end

        # Cords all in one line of knots, or beside each other.
        def self.strip(layout)
          return "net" if layout.girth

          beside = layout.section[:rows].map { |row| row[:knots].count { |one| one[:kind] != "pass" } }
          (beside.max < 2) ? "strap" : "panel"
        end

        def self.mounted(layout)
          return "" unless layout.mounted?

          ", hung from #{Units::Text.a(layout.bar&.noun || (layout.girth ? "ring" : "bar"))}"
        end

        # knotted: Knotted.
        def self.counted(knotted) = Units::Text.count(knotted.placed.size, "knot")

        # A row as it is tied, from the left, on so many cords.
        def self.row(row, cords)
          said = row[:knots].map { |one| item(one) }
          gap = row[:gap].mm.positive? ? "leave #{Units::Text.length(row[:gap].mm)} bare, then " : ""
          "#{gap}#{runs(said).join(", ")}#{joining(row, cords)}"
        end

        # The knot that closes a round: in cords of both its ends.
        def self.joining(row, cords)
          over = row[:knots].sum { |one| one[:cords] } - cords
          return "" unless over.positive?

          own = ((cords - row[:knots].last[:cords] + over)..(cords + over - 1)).map { |place| (place % cords) + 1 }
          "; the last one closes the round, in places #{Units::Text.list(own)}"
        end

        # What follows itself is said once.
        def self.runs(said)
          said.chunk_while { |one, other| one == other }
            .map { |run| run.one? ? run.first : "#{run.first}, #{run.size} such beside each other" }
        end

        def self.item(one)
          return "leave #{Units::Text.count(one[:cords], "cord")} hanging" if one[:kind] == "pass"

          "#{often(one)} #{with(one)}"
        end

        def self.often(one)
          kind = Knot::Kinds.fetch(one[:kind])
          name = kind.hands ? "#{kind.name} #{kind.hands.fetch(one[:hand])}" : kind.name
          return Units::Text.a(name) if one[:times] == 1

          "#{one[:times]} times #{Units::Text.a(name)}"
        end

        # What of its cords do what.
        def self.with(one)
          cords = one[:cords]
          case one[:kind]
          when "square", "half" then "with 2 cords round #{cords - 2}"
          when "bar", "diagonal", "vertical" then "with #{Units::Text.count(cords - 1, "cord")} #{{"vertical" => "held"}
            .fetch(one[:kind], "hitched")} and one across"
          when "overhand" then "in #{Units::Text.count(cords, "cord")} together"
          when "crown" then "with #{Units::Text.count(cords, "cord")}"
          when "wrap" then "of #{Units::Text.count(one[:turns], "turn")} round #{Units::Text.count(cords - 1, "cord")}"
          else "of #{Units::Text.count(cords, "cord")}"
          end
        end

        # What hands do for a knot, tie by tie, as the work hangs.
        # kind: see Knot::Kinds; hand: its own.
        def self.ties(kind, hand, cords)
          other = (hand == "left") ? "right" : "left"
          case kind
          when "square" then ["half knot, #{hand} cord in front", "half knot, #{other} cord in front"]
          when "half" then ["half knot, #{hand} cord in front"]
          when "bar", "diagonal" then ["hitch the next cord round the holder", "hitch it once more"] * (cords - 1)
          when "vertical" then ["hitch round the next cord", "hitch once more round it"] * (cords - 1)
          when "overhand" then ["overhand knot in all of them"]
          when "crown" then crown(cords)
          when "wrap" then ["lay a loop along the cords", "wind the turns over it", "end through the loop",
            "draw the loop in", "trim both ends"]
          else ["bring the inner cords outside, in front"]
          end
        end

        # Its end towards the maker.
        def self.crown(cords)
          ["fold the first cord over, past the middle", *["fold the next one over that"] * (cords - 2),
            "fold the last one over, through the first bight", "draw all of them tight, evenly"]
        end

        # What a cord does in a knot (Knot::Course::Pass): works, fills (is tied round), or holds a row of hitches.
        def self.role(pass)
          knot, last = pass.knot, pass.knot.cords.size - 1
          case knot.kind
          when "square", "half" then pass.place.between?(1, last - 1) ? "fills" : "works"
          when "bar", "diagonal" then (pass.place == holder(knot)) ? "holds" : "works"
          when "vertical" then (pass.place == holder(knot)) ? "works" : "fills"
          when "wrap" then pass.place.zero? ? "works" : "fills"
          else "works"
          end
        end

        def self.holder(knot) = (knot.hand == "right") ? 0 : knot.cords.size - 1
        private_class_method :strip, :mounted, :runs, :joining, :often, :with, :crown, :holder
      end
    end
  end
end
