# frozen_string_literal: true

module Meander
  module Crafts
    module Weaving
      module Advice
        # The lengths of weaving wire a hand can manage. Past about two metres it kinks (common practice, no source).
        module WorkingLengths
          KINKS_MM = 2000.0

          # Why, and what helps: where lengths are comfortable, and where no comfortable one holds a repeat.
          KINKS = ["Past about 2 m the wire kinks and every pull is slow.", "Join lengths of 2 m or less."].freeze
          TOO_SHORT =
            ["A single repeat with its tails is longer than the comfortable length asked for.",
              "Allow a longer working length, shorter tails or a smaller repeat."].freeze

          HALF =
            ["One wire makes both halves, and what each takes of it is longer than the comfortable length asked for.",
              "A length for each half, a longer working length, or a bobbin for the half that waits."].freeze

          def self.call(woven) = [too_long(woven), joined(woven)].compact

          def self.too_long(woven)
            longest, comfortable = woven.strip.account.longest_mm, woven.strip.account.comfortable?
            return if comfortable && longest <= KINKS_MM + 1e-9

            why, remedy = if comfortable then KINKS
            else
              woven.section.begun_within? ? HALF : TOO_SHORT
            end
            AdviceItem.new(id: "working-length-long", severity: "warn", place: place(woven),
              title: "The longest working length is #{Units::Text.length(longest)}", why:, remedy:,
              figures: {longest_mm: longest})
          end

          def self.joined(woven)
            joins = woven.strip.account.joins.size
            return if joins.zero?

            AdviceItem.new(id: "joins", severity: "note", place: place(woven),
              title: "#{Units::Text.count(woven.strip.account.lengths.size, "working length")}, " \
                     "#{Units::Text.count(joins, "join")}",
              why: "Each is short enough to handle and starts with a whole repeat.",
              remedy: "Join on the single coils a repeat begins with, at the back, where the ends can be " \
                      "tucked.",
              figures: {joins:})
          end

          # Of one section among several at its own place, so that it is told which.
          def self.place(woven) = (woven.section.piece.sections.size == 1) ? "/allowances/working_length" : ""
          private_class_method :too_long, :joined, :place
        end
      end
    end
  end
end
