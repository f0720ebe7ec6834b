# frozen_string_literal: true

module Meander
  module Crafts
    # The rim that a section is worked onto: a wire that another section is bent of.
    module Rim
      # @param section [Document::Section]
      # @return [Form::Bar, nil] nil where it stands otherwise
      def self.bar(section)
        at = at(section) or return
        wire = section.piece.section(at[:section])
        Registry.fetch(wire.craft).rim(wire, at)
      end

      # All that it depends on, as plain values.
      def self.key(section)
        at = at(section) or return
        wire = section.piece.section(at[:section])
        [at, wire.fields.except(:at), *wire.base.map(&:to_h)]
      end

      # @raise [InvalidInput] always: why a section does not go onto its wire; field: of where it stands
      def self.refuse(section, field, given, message, accepted)
        raise InvalidInput.new([Fault.new(path: "#{section.place}/at/#{field}", code: "rim", message:, given:,
          accepted:)])
      end

      def self.at(section) = section[:at]&.then { |at| at if at[:kind] == "rim" }
      private_class_method :at
    end
  end
end
