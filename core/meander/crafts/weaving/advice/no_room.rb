# frozen_string_literal: true

module Meander
  module Crafts
    module Weaving
      module Advice
        # A gap narrower than the wire that goes through it.
        module NoRoom
          def self.call(woven)
            frame = woven.frame
            narrow = woven.strip.impassable
            return if narrow.empty?

            gaps, tightest = narrow.keys, narrow.values.min
            AdviceItem.new(id: "no-room", severity: "stop", place: "/spacing",
              title: "No room to pass through #{(gaps.size == 1) ? "gap" : "gaps"} " \
                     "#{Units::Text.list(gaps.sort)}",
              why: "The weaving wire is #{Units::Text.wire(frame.wire_mm)}, and the base wires there stand " \
                   "#{Units::Text.wire(tightest, 2)} apart.",
              remedy: "Hold them at least #{Units::Text.wire(frame.wire_mm)} apart: lead the wire, don't " \
                      "pull; a scrap of wire or a bead between keeps the gap.",
              figures: {gaps: gaps.sort, clear_mm: tightest, wire_mm: frame.wire_mm})
          end
        end
      end
    end
  end
end
