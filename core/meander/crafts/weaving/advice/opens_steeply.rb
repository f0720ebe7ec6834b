# frozen_string_literal: true

module Meander
  module Crafts
    module Weaving
      module Advice
        # Base wires that part or meet so steeply that wraps slide down them.
        module OpensSteeply
          # How much the gap changes to what is woven: ours, as placed wire comes nearer to itself than it should beyond
          # it.
          STEEP = 1.5
          # Less of it than so many weaving wires need not be told.
          WIRES = 3.0
          # So many places along the strip are looked at.
          PLACES = 200

          def self.call(woven)
            return unless woven.profile

            mm = woven.strip.woven_mm
            steep_mm = mm * PLACES.times.count { |i| woven.profile.slope(mm * (i + 0.5) / PLACES).abs > STEEP } / PLACES
            return if steep_mm < WIRES * woven.frame.wire_mm

            AdviceItem.new(id: "opens-steeply", severity: "note", place: "/spacing",
              title: "Over #{Units::Text.length(steep_mm)} of it the gap opens or closes steeply: wraps lie " \
                     "unevenly there",
              why: "Where the gap changes by more than one and a half times what is woven, a wrap slides down " \
                   "the slant until the next one holds it, and repeats and wire are told less surely.",
              remedy: "Hold each wrap until the next is pulled tight there, or make the frame longer or " \
                      "narrower.", figures: {steep_mm:})
          end
        end
      end
    end
  end
end
