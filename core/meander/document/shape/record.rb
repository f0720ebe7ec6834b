# frozen_string_literal: true

module Meander
  module Document
    module Shape
      # The kinds of values a document is made of are shapes. Each answers `schema`, which describes it as JSON Schema,
      # and those that come in answer `read(value, path, reading)`, which turns plain JSON into values (nil after noting
      # a fault).
      #
      # Named fields, no others allowed. Every one is required but those that documents may leave out, with what then
      # stands there.
      class Record
        attr_reader :fields

        # left_out: { key => value where it is left out }.
        def initialize(fields, left_out: {})
          @fields = fields.freeze
          @left_out = left_out.freeze
          freeze
        end

        def read(value, path, reading)
          unless value.is_a?(Hash)
            return reading.fault(path, "record", value, message: "not a set of fields",
              accepted: "an object with #{fields.keys.join(", ")}")
          end

          refuse_unknown(value, path, reading)
          fields.to_h { |key, shape| [key, read_field(key, shape, value, path, reading)] }
        end

        def schema
          {type: "object", properties: fields.transform_values(&:schema), required: fields.keys - @left_out.keys,
            additionalProperties: false}
        end

        private

        def read_field(key, shape, value, path, reading)
          return shape.read(value[key.name], "#{path}/#{key}", reading) if value.key?(key.name)
          return @left_out[key] if @left_out.key?(key)

          reading.fault("#{path}/#{key}", "missing", nil, message: "#{key} is missing", accepted: "a value for #{key}")
        end

        def refuse_unknown(value, path, reading)
          (value.keys - fields.keys.map(&:name)).each do |key|
            place = "#{path}/#{Fault.printable(key)}"
            reading.fault(place, "unknown", key, message: "#{Fault.printable(key)} is not a field here",
              accepted: fields.keys.join(", "))
          end
        end
      end
    end
  end
end
