# frozen_string_literal: true

module Meander
  module Crafts
    module Weaving
      module Advice
        # Base wires that come together in the direction of the weave: coils slide towards the narrow end. A frame that
        # opens first and then closes does so from whichever end it is woven; one that only closes could be turned.
        module FrameNarrows
          # Gaps that close by less than this share of their width are held by their coils: ours.
          TELLING = 0.1

          def self.call(woven)
            return unless woven.profile

            narrows = woven.profile.closing(woven.strip.woven_mm).select { |from, to| from - to > TELLING * from }
            return if narrows.empty?

            from, to = narrows.max_by { |wide, narrow| wide - narrow }
            turn = woven.profile.gaps.each_cons(2).none? { |one, other| other > one }
            AdviceItem.new(id: "frame-narrows", severity: turn ? "warn" : "note", place: "/spacing",
              title: "The base wires come together in the direction of the weave",
              why: "The gap closes from #{Units::Text.wire(from, 2)} to #{Units::Text.wire(to, 2)}, and coils slide " \
                   "towards the narrow end.",
              remedy: "Hold each wrap down as the next is made#{", or weave from narrow to wide" if turn}.",
              figures: {from_mm: from, to_mm: to})
          end
        end
      end
    end
  end
end
