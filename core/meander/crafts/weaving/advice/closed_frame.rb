# frozen_string_literal: true

module Meander
  module Crafts
    module Weaving
      module Advice
        # A frame closed at both ends lets no spool through.
        module ClosedFrame
          def self.call(woven)
            return unless woven.profile&.joined?

            AdviceItem.new(id: "spool-closed", severity: "note", place: "/spacing",
              title: "The frame is closed at both ends: the spool cannot be used",
              why: "Where the base wires meet at both ends, the whole wire must be pulled through at " \
                   "every pass.",
              remedy: "Cut lengths you can pull, or leave one end open until it is woven.")
          end
        end
      end
    end
  end
end
