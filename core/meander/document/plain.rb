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

      # The same with keys as JSON has them, so that it can be read.
      def self.json(value)
        case value
        when Hash then value.to_h { |key, inner| [key.to_s, json(inner)] }
        when Array then value.map { |inner| json(inner) }
        when Units::Size then {"typed" => value.typed, "mm" => value.mm}
        else value
        end
      end
    end
  end
end
