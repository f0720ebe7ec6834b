# frozen_string_literal: true

module Meander
  module Document
    module Shape
      # A part of a whole, 0.2 for a fifth.
      class Share
        def initialize(range)
          @range = range
          freeze
        end

        def read(value, path, reading)
          return value.to_f if value.is_a?(Numeric) && value.to_f.finite? && @range.cover?(value)

          low, high = [@range.min, @range.max].map { |share| Units::Text.percent(share) }
          reading.fault(path, "share", value, message: "#{told(value)} is not such a share",
            accepted: "#{low} to #{high}")
        end

        # In percent, as it is shown.
        def told(value)
          (value.is_a?(Numeric) && value.to_f.finite?) ? Units::Text.percent(value) : Fault.printable(value)
        end
        private :told

        def schema = {type: "number", minimum: @range.min, maximum: @range.max}
      end
    end
  end
end
