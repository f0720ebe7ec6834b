# frozen_string_literal: true

module Meander
  module Units
    # Lengths as makers type them: `0.8`, `18 cm`, `7 in`, `1 1/2"`, `1½"`, `20 awg`, `21swg`, `2.4 m`. A bare number is
    # mm. Spaces and digits of any width are read as the plain ones, a point after the unit as none.
    module LengthText
      MM_PER = {
        "mm" => 1.0, "cm" => 10.0, "m" => 1000.0,
        "in" => 25.4, "inch" => 25.4, "inches" => 25.4, '"' => 25.4, "''" => 25.4, "ft" => 304.8
      }.freeze
      NUMBER = %r{(?:(\d{1,9})[ -]+)?(\d{1,9})/(\d{1,9})|(\d{1,9}(?:[.,]\d{0,12})?|[.,]\d{1,12})}
      PATTERN = /\A#{NUMBER}\s*([a-z"']*)\z/
      GAUGE = %r{\A(?:(0{1,4})|([1-4])/0|(\d{1,2}))\s*(awg|swg)\z}
      # A comma before three digits may part thousands or begin the decimals, unless nothing but 0 stands before it.
      GROUPED = /\A[1-9]\d{0,2}(?:,\d{3})+(?:\.\d+)?(?![\d,])/
      # Spaces between groups of three digits part thousands.
      THOUSANDS = %r{\A\d{1,3}(?: \d{3})+(?![\d/])}
      FRACTIONS =
        {"¼" => "1/4", "½" => "1/2", "¾" => "3/4", "⅓" => "1/3", "⅔" => "2/3", "⅕" => "1/5", "⅖" => "2/5", "⅗" => "3/5",
          "⅘" => "4/5", "⅙" => "1/6",
        "⅚" => "5/6", "⅛" => "1/8", "⅜" => "3/8", "⅝" => "5/8", "⅞" => "7/8"}.freeze
      ACCEPTED = 'a length such as 0.8, 18 cm, 7 in, 1 1/2", 20 awg or 21 swg'

      # mm as a Float, or nil when the text is no length, or may be one of several (see ways). May be zero.
      # @example
      #   LengthText.mm('1/32"') #=> 0.79375
      #   LengthText.mm("1½ in").round(6) #=> 38.1
      def self.mm(text)
        plain = plain(text)
        return if plain.match?(GROUPED)

        gauge = GAUGE.match(plain)
        return Gauge.mm(gauge[4], gauge_number(gauge)) if gauge

        match = PATTERN.match(plain)
        scale = match && (match[5].empty? ? 1.0 : MM_PER[match[5]])
        number = scale && number(match)
        number && (number * scale)
      end

      # What a text may mean that could be read in more than one way: a gauge whose system is not named, a comma that
      # may part thousands. [text => mm], empty where it can be read only one way or none.
      # @example
      #   LengthText.ways("1,200 mm") #=> {"1200 mm" => 1200.0, "1.2 mm" => 1.2}
      def self.ways(text)
        plain = plain(text)
        number = plain[/\A(\d{1,2})\s*(?:ga|gauge|g)\z/, 1]
        told = number ? %w[awg swg].map { |system| "#{number} #{system}" } : grouped(plain)
        told.to_h { |way| [way, mm(way)] }.compact
      end

      # Why it may mean more than one thing, in words.
      def self.doubt(text)
        plain(text).match?(GROUPED) ? "the comma may part thousands or begin the decimals" : "it may be either gauge"
      end

      def self.grouped(plain)
        comma = plain[GROUPED] or return []
        rest = plain.delete_prefix(comma).strip
        whole = comma.delete(",")
        [whole, (comma.sub(",", ".") if comma.count(",") == 1 && !comma.include?("."))].compact.map do |number|
          "#{trimmed(number)} #{rest.empty? ? "mm" : rest}"
        end
      end

      def self.trimmed(number) = number.include?(".") ? number.sub(/\.?0+\z/, "") : number

      def self.plain(text)
        parted = text.gsub(/(\d)?([#{FRACTIONS.keys.join}])/o) { "#{"#{$1} " if $1}#{FRACTIONS.fetch($2)}" }
        told = parted.unicode_normalize(:nfkc).tr("⁄", "/").strip.downcase.tr("″”“", '"').tr("’′", "'")
          .gsub(/[[:space:]]+/, " ")
        told.sub(/\A[øØ⌀]\s*/, "").sub(THOUSANDS) { |digits| digits.delete(" ") }.sub(/(?<=[a-z"'])\.\z/, "")
      end

      def self.number(match)
        if match[4]
          return match[4].tr(",", ".").then { |text| Float(text.start_with?(".") ? "0#{text}" : text.chomp(".")) }
        end
        return if match[3].to_i.zero?

        match[1].to_i + Rational(match[2].to_i, match[3].to_i).to_f
      end

      def self.gauge_number(match)
        return 1 - match[1].length if match[1]

        match[2] ? 1 - match[2].to_i : match[3].to_i
      end
      private_class_method :grouped, :trimmed, :plain, :number, :gauge_number
    end
  end
end
