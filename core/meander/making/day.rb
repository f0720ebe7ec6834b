# frozen_string_literal: true

require "date"

module Meander
  module Making
    # A day, as 2026-12-24; nothing for none.
    class Day
      PATTERN = /\A(\d{4}-\d{2}-\d{2})?\z/

      def read(value, path, reading)
        return value if value.is_a?(String) && value.match?(PATTERN) && there?(value)

        reading.fault(path, "day", value, message: "#{Fault.printable(value)} is no day",
          accepted: "a day as 2026-12-24, or nothing")
      end

      def schema = {type: "string", pattern: "^([0-9]{4}-[0-9]{2}-[0-9]{2})?$"}

      private

      def there?(value) = value.empty? || Date.valid_date?(*value.split("-").map(&:to_i))
    end
  end
end
