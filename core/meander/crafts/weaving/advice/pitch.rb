# frozen_string_literal: true

module Meander
  module Crafts
    module Weaving
      module Advice
        # An open pitch against what the packed weave takes up, and how far it can be pulled out or pushed together.
        module Pitch
          def self.call(woven)
            asked = woven.pitch_mm
            return unless asked

            (asked < woven.repeat.packed_mm - 1e-6) ? below(woven, asked) : range(woven, asked)
          end

          def self.below(woven, asked)
            AdviceItem.new(id: "pitch-below-packed", severity: "stop", place: "/rise/pitch",
              title: "A repeat cannot be pushed to #{Units::Text.wire(asked, 2)}",
              why: "Packed tight it takes up #{Units::Text.wire(woven.repeat.packed_mm, 2)}; these " \
                   "figures are for that.",
              remedy: "A pitch of at least #{Units::Text.wire(woven.repeat.packed_mm, 2)}, or finer " \
                      "weaving wire.",
              figures: {pitch_mm: asked, packed_mm: woven.repeat.packed_mm})
          end

          def self.range(woven, asked)
            wide = (woven.widest_mm || asked) > woven.repeat.loosest_mm
            AdviceItem.new(id: wide ? "pitch-wide" : "pitch-range", severity: wide ? "warn" : "note",
              place: "/rise/pitch",
              title: "A repeat can be pushed to #{Units::Text.wire(woven.repeat.packed_mm, 2)} and " \
                     "pulled out to #{Units::Text.wire(woven.repeat.loosest_mm, 2)}",
              why: wide ? "Further out the passes slant more than they hold, and the coils wander." :
                "Between the two the strip can be eased to fit.",
              remedy: wide ? "A closer pitch, or more wraps to the repeat." :
                "Even out the coils with a fingernail.",
              figures: {pitch_mm: asked, packed_mm: woven.repeat.packed_mm, loosest_mm: woven.repeat.loosest_mm})
          end
          private_class_method :below, :range
        end
      end
    end
  end
end
