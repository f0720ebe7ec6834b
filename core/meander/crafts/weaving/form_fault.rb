# frozen_string_literal: true

module Meander
  module Crafts
    module Weaving
      # What is wrong with the form of a woven section once its weave is known.
      module FormFault
        # section: Document::Section; key: of its form.
        # @raise [InvalidInput]
        def self.refuse(section, key, message, accepted)
          fault = Fault.new(path: "#{section.place}/form/#{key}", code: "form", message:,
            given: section.form[key.to_sym].typed, accepted:)
          raise InvalidInput.new([fault])
        end
      end
    end
  end
end
