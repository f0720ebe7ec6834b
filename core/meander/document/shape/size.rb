# frozen_string_literal: true

module Meander
  module Document
    module Shape
      # A length as typed: `{ "typed": "20 awg", "mm": 0.8128 }`. mm may be left out on the way in; where it is given it
      # must agree with the words. Outside `accept` it is a fault; inside, but off its plausible range by a factor of
      # ten or 25.4, it is questioned with the likely value, and never corrected.
      class Size
        # Words and number may differ by this share before they contradict each other.
        AGREEMENT = 0.005
        # How a slip of a decimal place multiplies a value; a slip of the unit does so by 25.4, one way or the other.
        DECIMAL_SLIPS = [10, 0.1].freeze
        INCHES = /in|"|ft/

        attr_reader :what

        # what: the field in the maker's words; accept, plausible: ranges in mm; words: what reads the words
        # (Units::LengthText).
        def initialize(what, accept:, plausible:, words: Units::LengthText)
          @words = words
          @what = what
          @accept = accept
          @plausible = plausible
          freeze
        end

        def read(value, path, reading)
          typed = typed_text(value)
          unless typed
            return reading.fault(path, "size", value, message: "#{@what} must be given as typed words",
              accepted: accepted)
          end

          mm = @words.mm(typed)
          return unreadable(typed, path, reading) unless mm
          return contradiction(value, mm, path, reading) unless agrees?(value["mm"], mm)
          return out_of_range(mm, typed, path, reading) unless @accept.cover?(mm)

          ask(mm, typed, path, reading)
          Units::Size.new(mm, typed.strip)
        end

        def schema
          description = Units::Said.call("#{@what}; #{accepted}; usually #{usual}")
          {type: "object", description:, required: %w[typed], additionalProperties: false,
            properties: {typed: {type: "string", maxLength: 40},
                          mm: {type: "number", minimum: @accept.min, maximum: @accept.max}}}
        end

        # Sizes this may have been meant to be, as texts; empty when the value is plausible or nothing near is.
        # Millimetres typed where inches were meant are too small, inches typed for millimetres too large.
        def likely(mm, typed)
          return [] if @plausible.cover?(mm) || mm.zero?

          slips = DECIMAL_SLIPS + [typed.match?(INCHES) ? 1 / 25.4 : 25.4]
          slips.map { |factor| mm * factor }.select { |other| @plausible.cover?(other) }
            .map { |other| "#{Units::Text.number(other, 3)} mm" }
        end

        private

        def typed_text(value)
          value["typed"] if value.is_a?(Hash) && (value.keys - %w[mm typed]).empty? && value["typed"].is_a?(String) &&
            value["typed"].valid_encoding? && value["typed"].length <= 40
        end

        def accepted
          "#{@words::ACCEPTED}, from #{Units::Text.length(@accept.min)} to #{Units::Text.length(@accept.max)}"
        end

        def agrees?(given, mm)
          given.nil? || (given.is_a?(Numeric) && given.to_f.finite? && (given - mm).abs <= [mm * AGREEMENT, 0.0006].max)
        end

        def usual = "#{Units::Text.length(@plausible.min)} to #{Units::Text.length(@plausible.max)}"

        def unreadable(typed, path, reading)
          ways = @words.ways(typed)
          return either(ways, typed, path, reading) unless ways.empty?

          shown = typed.strip.empty? ? "nothing" : "“#{Fault.printable(typed)}”"
          reading.fault(path, "unreadable", typed, message: "#{@what}: #{shown} is not a length", accepted:)
        end

        def either(ways, typed, path, reading)
          reading.fault(path, "either", typed,
            message: "#{@what}: #{Units::Text.either(typed, @words.doubt(typed), ways)}", accepted:, likely: ways.keys)
        end

        def contradiction(value, mm, path, reading)
          message = "#{@what}: the words “#{value["typed"]}” say #{Units::Text.number(mm, 4)} mm, the number says " \
                    "#{Fault.printable(value["mm"])}"
          reading.fault(path, "contradiction", value["mm"], message:, accepted: "mm that agrees with typed, or no mm")
        end

        def out_of_range(mm, typed, path, reading)
          message = "#{@what}: #{Fault.printable(typed)} is outside what can be planned"
          reading.fault(path, "range", typed, message:, accepted:, likely: likely(mm, typed))
        end

        def ask(mm, typed, path, reading)
          guesses = likely(mm, typed)
          reading.question(path, Units::Size.new(mm, typed.strip), @what, guesses) unless guesses.empty?
        end
      end
    end
  end
end
