# frozen_string_literal: true

module Meander
  module Units
    # Numbers in words, for sentences the core writes. All in mm; an interface may show its own unit beside them.
    module Text
      # A number without trailing zeros.
      def self.number(value, digits)
        format("%.#{digits}f", value).then { |s| s.include?(".") ? s.sub(/\.?0+\z/, "") : s }
      end

      # mm to a tenth, metres from two metres on.
      def self.length(mm) = (mm.abs >= 2000) ? "#{number(mm / 1000.0, 2)} m" : "#{number(mm, 1)} mm"

      # A diameter to the hundredth.
      def self.wire(mm) = "#{number(mm, 2)} mm"

      def self.count(number, one, many = "#{one}s") = "#{number} #{(number == 1) ? one : many}"

      def self.percent(share) = "#{number(share * 100, 1)} %"

      # Why a text is not read as one length. ways: { text => mm }.
      def self.either(typed, doubt, ways)
        "“#{typed.strip}” is not read as one length: #{doubt} " \
        "(#{list(ways.map { |way, mm| (way == "#{number(mm, 3)} mm") ? way : "#{way} is #{number(mm, 3)} mm" }, "or")})"
      end

      # With a capital to begin with.
      def self.sentence(text) = text[0].upcase + text[1..]

      # "a, b and c"
      def self.list(words, joint = "and")
        (words.size < 2) ? words.join : "#{words[0..-2].join(", ")} #{joint} #{words.last}"
      end
    end
  end
end
