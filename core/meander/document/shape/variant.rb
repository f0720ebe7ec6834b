# frozen_string_literal: true

module Meander
  module Document
    module Shape
      # One of several records, told apart by one field.
      class Variant
        attr_reader :tag, :records

        # left_out: as Record takes it, of every record that has such fields; own: the same of one record by itself,
        # by its key.
        def initialize(tag, records, left_out: {}, own: {})
          @tag = tag
          @records = records.to_h { |key, fields|
            [key,
              Record.new({tag => Choice.new([key]), **fields},
                left_out: {**left_out.slice(*fields.keys), **own.fetch(key, {})})]
          }.freeze
          freeze
        end

        def read(value, path, reading)
          kind = value.is_a?(Hash) ? value[tag.name] : nil
          return records[kind].read(value, path, reading) if kind.is_a?(String) && records.key?(kind)

          reading.fault("#{path}/#{tag}", "choice", kind, message: "#{Fault.printable(kind)} is not one of the kinds",
            accepted: records.keys.join(", "))
        end

        def schema = {oneOf: records.values.map(&:schema)}
      end
    end
  end
end
