# frozen_string_literal: true

module Meander
  module Document
    # A document that was read as plain JSON values again, every size as { typed:, mm: }.
    module Plain
      def self.call(value)
        case value
        when Hash then value.transform_values { |inner| call(inner) }
        when Array then value.map { |inner| call(inner) }
        when Units::Size then value.to_h
        else value
        end
      end
    end
  end
end
