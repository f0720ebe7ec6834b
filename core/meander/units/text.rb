# frozen_string_literal: true

module Meander
  module Units
    # Numbers in words, for sentences the core writes. Lengths are in mm, marked so that they can be told in inches: see
    # Said.
    module Text
      # A number without trailing zeros.
      def self.number(value, digits)
        format("%.#{digits}f", value).then { |s| s.include?(".") ? s.sub(/\.?0+\z/, "") : s }
      end

      # mm to a tenth, metres from two metres on.
      def self.length(mm)
        (mm.abs >= 2000) ? Said.mark(number(mm / 1000.0, 2), "m", :length) : Said.mark(number(mm, 1), "mm", :length)
      end

      # A diameter, to the thousandth as gauges have it; a gap or a hole to the hundredth.
      def self.wire(mm, digits = 3) = Said.mark(number(mm, digits), "mm", :wire)

      # What to cut, rounded up to whole mm.
      def self.cut(mm) = Said.mark(mm, "mm", :cut)

      def self.count(number, one, many = "#{one}s") = "#{number} #{(number == 1) ? one : many}"

      # The same of what need not be whole: "1 turn", "1.5 turns".
      def self.amount(value, digits, one, many = "#{one}s")
        number(value, digits).then { |said| "#{said} #{(said == "1") ? one : many}" }
      end

      # "once", "twice", "3 times"
      def self.times(number) = {1 => "once", 2 => "twice"}.fetch(number) { "#{number} times" }

      # With its article: "an ear wire", "a bail"; what begins with a number has none.
      def self.a(words)
        return words if words.match?(/\A\d/)

        "#{words.match?(/\A[aeiou]/) ? "an" : "a"} #{words}"
      end

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
