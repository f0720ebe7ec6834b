# frozen_string_literal: true

module Meander
  module Crafts
    # The rim that a section is worked onto: a wire that another section is bent of, or an edge of one that is woven.
    module Rim
      # section: Document::Section; passing_mm: how thick what is led round the rim is.
      # @return [Form::Bar, nil] nil where it stands otherwise
      # @raise [InvalidInput] where it cannot be worked onto it
      def self.bar(section, calibration, passing_mm)
        onto = onto(section) or return
        Registry.fetch(onto.craft).rim(onto, section, calibration, passing_mm)
      end

      # All that it depends on, as plain values.
      def self.key(section)
        onto = onto(section) or return
        [section[:at], *onto.key]
      end

      # @raise [InvalidInput] always: why a section does not go onto its rim; field: of where it stands
      def self.refuse(section, field, given, message, accepted)
        raise InvalidInput.new([Fault.new(path: "#{section.place}/at/#{field}", code: "rim", message:, given:,
          accepted:)])
      end

      def self.onto(section)
        at = section[:at]
        section.piece.section(at[:section]) if at && at[:kind] == "rim"
      end
      private_class_method :onto
    end
  end
end
