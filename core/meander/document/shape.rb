# frozen_string_literal: true

module Meander
  module Document
    # The kinds of values a document is made of. Every shape answers two questions: `read(value, path, reading)` turns
    # plain JSON into values (nil after noting a fault), `schema` describes the same thing as JSON Schema.
    module Shape
      # Text of a limited length, no control characters but line breaks.
      class Text
        def initialize(max:, min: 0)
          @min = min
          @max = max
          freeze
        end

        def read(value, path, reading)
          return value if value.is_a?(String) && value.valid_encoding? && fits?(value)

          reading.fault(path, "text", value, message: "#{path} is not such a text", accepted: "text of #{@min} to #{@max} characters")
        end

        def schema = {type: "string", minLength: @min, maxLength: @max}

        private

        def fits?(value) = value.strip.length >= @min && value.length <= @max && !value.match?(/[\x00-\x08\x0b\x0c\x0e-\x1f]/)
      end

      # A name other parts of the document refer to.
      class Id
        PATTERN = /\A[a-z][a-z0-9_-]{0,31}\z/

        def read(value, path, reading)
          return value if value.is_a?(String) && value.match?(PATTERN)

          reading.fault(path, "id", value, message: "not an id", accepted: "a small letter, then up to 31 of a-z, 0-9, _ and -")
        end

        def schema = {type: "string", pattern: "^[a-z][a-z0-9_-]{0,31}$"}
      end

      # One of a few values.
      class Choice
        def initialize(values)
          @values = values.freeze
          freeze
        end

        def read(value, path, reading)
          return value if @values.include?(value)

          reading.fault(path, "choice", value, message: "#{Fault.printable(value)} is not one of the choices", accepted: @values.join(", "))
        end

        def schema = (@values.size == 1) ? {const: @values.first} : {enum: @values}
      end

      # A whole number in a range.
      class Count
        def initialize(range)
          @range = range
          freeze
        end

        def read(value, path, reading)
          return value if value.is_a?(Integer) && @range.cover?(value)

          reading.fault(path, "count", value, message: "#{Fault.printable(value)} is not a count that can be made",
                                              accepted: "a whole number from #{@range.min} to #{@range.max}")
        end

        def schema = {type: "integer", minimum: @range.min, maximum: @range.max}
      end

      # A part of a whole, 0.2 for a fifth.
      class Share
        def initialize(range)
          @range = range
          freeze
        end

        def read(value, path, reading)
          return value.to_f if value.is_a?(Numeric) && value.to_f.finite? && @range.cover?(value)

          low, high = [@range.min, @range.max].map { |share| Units::Text.percent(share) }
          reading.fault(path, "share", value, message: "#{Fault.printable(value)} is not such a share", accepted: "a share from #{low} to #{high}, written #{@range.min} to #{@range.max}")
        end

        def schema = {type: "number", minimum: @range.min, maximum: @range.max}
      end

      # A number in a range, of a unit.
      class Amount
        def initialize(range, unit)
          @range = range
          @unit = unit
          freeze
        end

        def read(value, path, reading)
          return value.to_f if value.is_a?(Numeric) && value.to_f.finite? && @range.cover?(value)

          reading.fault(path, "amount", value, message: "#{Fault.printable(value)} is not such an amount", accepted: "a number from #{@range.min} to #{@range.max} #{@unit}")
        end

        def schema = {type: "number", minimum: @range.min, maximum: @range.max}
      end

      # A colour as #rrggbb.
      class Colour
        def read(value, path, reading)
          return value if value.is_a?(String) && value.match?(/\A#\h{6}\z/)

          reading.fault(path, "colour", value, message: "#{Fault.printable(value)} is not a colour", accepted: "#rrggbb, as #4b7f7a")
        end

        def schema = {type: "string", pattern: "^#[0-9a-fA-F]{6}$"}
      end

      # A list of one shape.
      class List
        def initialize(of, size)
          @of = of
          @size = size
          freeze
        end

        def read(value, path, reading)
          unless value.is_a?(Array) && @size.cover?(value.size)
            given = value.is_a?(Array) ? "a list of #{value.size}" : value
            return reading.fault(path, "list", given, message: "not a list of the right size", accepted: "a list of #{@size.min} to #{@size.max}")
          end
          value.each_with_index.map { |item, i| @of.read(item, "#{path}/#{i}", reading) }
        end

        def schema = {type: "array", items: @of.schema, minItems: @size.min, maxItems: @size.max}
      end

      # Something that may be missing: null.
      class Maybe
        def initialize(of)
          @of = of
          freeze
        end

        def read(value, path, reading) = value.nil? ? nil : @of.read(value, path, reading)
        def schema = {anyOf: [@of.schema, {type: "null"}]}
      end

      # Named fields, no others allowed. Every one is required but those that documents may leave out, with what then stands there.
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
            return reading.fault(path, "record", value, message: "not a set of fields", accepted: "an object with #{fields.keys.join(", ")}")
          end

          refuse_unknown(value, path, reading)
          fields.to_h { |key, shape| [key, read_field(key, shape, value, path, reading)] }
        end

        def schema
          {type: "object", properties: fields.transform_values(&:schema), required: fields.keys - @left_out.keys, additionalProperties: false}
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
            reading.fault(place, "unknown", key, message: "#{Fault.printable(key)} is not a field here", accepted: fields.keys.join(", "))
          end
        end
      end

      # One of several records, told apart by one field.
      class Variant
        attr_reader :tag, :records

        # left_out: as Record takes it, of every record that has such fields.
        def initialize(tag, records, left_out: {})
          @tag = tag
          @records = records.to_h { |key, fields| [key, Record.new({tag => Choice.new([key]), **fields}, left_out: left_out.slice(*fields.keys))] }.freeze
          freeze
        end

        def read(value, path, reading)
          kind = value.is_a?(Hash) ? value[tag.name] : nil
          return records[kind].read(value, path, reading) if kind.is_a?(String) && records.key?(kind)

          reading.fault("#{path}/#{tag}", "choice", kind, message: "#{Fault.printable(kind)} is not one of the kinds", accepted: records.keys.join(", "))
        end

        def schema = {oneOf: records.values.map(&:schema)}
      end
    end
  end
end
