# frozen_string_literal: true

module Meander
  module Units
    # Lengths in sentences, written in mm so that whoever passes a sentence on can say them in inches: between number
    # and unit stand a word joiner, which nobody sees or types, and a space whose kind tells what the length is.
    module Said
      MM_PER_INCH = 25.4
      UNITS = %w[mm in].freeze
      JOINER = "\u2060"
      # A length on the piece, a wire's diameter, what to cut.
      SPACES = {length: " ", wire: "\u00a0", cut: "\u202f"}.freeze
      SPACE = /#{JOINER}[#{SPACES.values.join}]/
      UNIT = /\A([#{SPACES.values.join}])(mm|m)\b/
      # No number told is longer than this, in bytes.
      LONGEST = 24
      # Inches are told in the coarsest of these parts that is off by no more than its share, else in thousandths.
      PARTS = {16 => 0.01, 32 => 0.01, 64 => 0.03}.freeze

      # A number of mm or m with its unit, marked by what it is.
      def self.mark(number, unit, kind) = "#{number}#{JOINER}#{SPACES.fetch(kind)}#{unit}"

      # A text with the lengths in it in a unit, mm or in; values of answers with every text in them.
      # @example
      #   Said.call("#{Said.mark("178", "mm", :length)} long", "in") #=> "7 in long"
      def self.call(value, units = "mm")
        case value
        when String then text(value, units)
        when Array then value.map { |one| call(one, units) }
        when Hash then value.transform_values { |one| call(one, units) }
        else value
        end
      end

      def self.text(text, units)
        return text unless text.include?(JOINER)

        (units == "in") ? in_inches(text) : text.gsub(SPACE, " ")
      end

      # Part by part between the marks, so that long texts with few lengths in them take no longer than they must.
      def self.in_inches(text)
        first, *rest = text.split(JOINER, -1)
        rest.each_with_object(+first) do |part, said|
          number = said.byteslice([said.bytesize - LONGEST, 0].max, LONGEST).scrub("")[/-?\d+(?:\.\d+)?\z/]
          space, unit = UNIT.match(part)&.captures
          next said << JOINER << part unless number && space

          said.replace(said.byteslice(0, said.bytesize - number.bytesize))
          said << inches(SPACES.key(space), number.to_f * ((unit == "m") ? 1000 : 1)) << part[(1 + unit.size)..]
        end
      end

      # A length in inches as makers read them: 7 1/16 in. Diameters are told in ten-thousandths, what to cut is rounded
      # up to the next sixteenth.
      # @example
      #   Said.inches(:length, 179.4) #=> "7 1/16 in"
      #   Said.inches(:cut, 172) #=> "6 13/16 in"
      #   Said.inches(:wire, 0.8) #=> "0.0315 in"
      def self.inches(kind, mm)
        inch = mm / MM_PER_INCH
        return "#{Text.number(inch, 4)} in" if kind == :wire
        return "#{fraction((inch * 16 - 1e-6).ceil, 16)} in" if kind == :cut

        parts, = PARTS.find { |part, off| ((inch * part).round - (inch * part)).abs <= off * inch.abs * part }
        parts ? "#{fraction((inch * parts).round, parts)} in" : "#{Text.number(inch, 3)} in"
      end

      # So many parts of an inch, whole and the rest as a fraction in its lowest terms.
      def self.fraction(number, parts)
        whole, rest = number.abs.divmod(parts)
        rest = Rational(rest, parts)
        told = [(whole if whole.positive? || rest.zero?), ("#{rest.numerator}/#{rest.denominator}" unless rest.zero?)]
        "#{"-" if number.negative?}#{told.compact.join(" ")}"
      end
      private_class_method :text, :in_inches, :fraction
    end
  end
end
