# frozen_string_literal: true

module Meander
  module Crafts
    module Weaving
      # What is wrong with the form of a woven section once its weave is known.
      module FormFault
        # section: Document::Section; key: of its form.
        # @raise [InvalidInput]
        # Woven further than is planned in one section.
        def self.too_long(section, repeats, woven_mm)
          raise InvalidInput.new([Fault.new(path: "#{section.place}/extent", code: "too_much",
            message: "this is more than can be planned at once",
            given: "#{Units::Text.count(repeats, "repeat")}, #{Units::Text.length(woven_mm)} long",
            accepted: "up to #{Units::Text.length(Layout::LONGEST_MM)} woven in one section")])
        end

        def self.refuse(section, key, message, accepted)
          fault = Fault.new(path: "#{section.place}/form/#{key}", code: "form", message:,
            given: section.form[key.to_sym].typed, accepted:)
          raise InvalidInput.new([fault])
        end
      end
    end
  end
end
