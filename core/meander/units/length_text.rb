# frozen_string_literal: true

module Meander
  module Units
    # Lengths as makers type them: `0.8`, `18 cm`, `7 in`, `1 1/2"`, `20 awg`, `21swg`, `2.4 m`. A bare number is mm.
    module LengthText
      MM_PER = {
        "mm" => 1.0, "cm" => 10.0, "m" => 1000.0,
        "in" => 25.4, "inch" => 25.4, "inches" => 25.4, '"' => 25.4, "''" => 25.4, "ft" => 304.8
      }.freeze
      NUMBER = %r{(?:(\d{1,9})[ -]+)?(\d{1,9})/(\d{1,9})|(\d{1,9}(?:[.,]\d{0,12})?|[.,]\d{1,12})}
      PATTERN = /\A#{NUMBER}\s*([a-z"']*)\z/
      GAUGE = %r{\A(?:(0{1,4})|([2-4])/0|(\d{1,2}))\s*(awg|swg)\z}
      ACCEPTED = 'a length such as 0.8, 18 cm, 7 in, 1 1/2", 20 awg or 21 swg'

      # mm as a Float, or nil when the text is no length. May be zero.
      # @example
      #   LengthText.mm('1/32"') #=> 0.79375
      def self.mm(text)
        plain = text.strip.downcase.tr("″”“", '"').sub(/\A[øØ⌀]\s*/, "")
        gauge = GAUGE.match(plain)
        return Gauge.mm(gauge[4], gauge_number(gauge)) if gauge

        match = PATTERN.match(plain)
        scale = match && (match[5].empty? ? 1.0 : MM_PER[match[5]])
        number = scale && number(match)
        number && (number * scale)
      end

      # Is it a number with the word gauge alone, which may mean either system?
      def self.gauge_without_system(text) = text.strip.downcase[/\A(\d{1,2})\s*(?:ga|gauge|g)\z/, 1]&.to_i

      def self.number(match)
        return match[4].tr(",", ".").then { |text| Float(text.start_with?(".") ? "0#{text}" : text.chomp(".")) } if match[4]
        return if match[3].to_i.zero?

        match[1].to_i + Rational(match[2].to_i, match[3].to_i).to_f
      end

      def self.gauge_number(match)
        return 1 - match[1].length if match[1]

        match[2] ? 1 - match[2].to_i : match[3].to_i
      end
      private_class_method :number, :gauge_number
    end
  end
end
