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
          reading.fault(path, "share", value, message: "#{Fault.printable(value)} is not such a share",
            accepted: "a share from #{low} to #{high}, written #{@range.min} to #{@range.max}")
        end

        def schema = {type: "number", minimum: @range.min, maximum: @range.max}
      end
    end
  end
end
