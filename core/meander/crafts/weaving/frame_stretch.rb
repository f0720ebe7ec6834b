# frozen_string_literal: true

module Meander
  module Crafts
    module Weaving
      # What along a frame is woven: from where its opening lets the weaving wire through to where it no more does, or
      # to what is left open. In mm along it.
      module FrameStretch
        # section: Document::Section; opening: Form::Opening.
        # @return [Array] [from, to]
        # @raise [InvalidInput] where there is nothing to weave
        def self.call(section, opening)
          wire = section.working_wire
          from, to = opening.stretch(wire.mm)
          narrow(section, "this frame never lets its weaving wire through", wire) unless from
          left = section.form[:open]&.mm || 0.0
          to = [to, opening.length_mm - left].min
          return [from, to] unless to - from < wire.mm

          narrow(section, "this frame leaves nothing to weave", wire) unless left.positive?
          FormFault.refuse(section, "open", "this frame leaves nothing to weave",
            "less than #{Units::Text.length(opening.length_mm - from)}")
        end

        def self.narrow(section, message, wire)
          FormFault.refuse(section, "width", message, "wider than #{Units::Text.wire(wire.mm)}")
        end
        private_class_method :narrow
      end
    end
  end
end
