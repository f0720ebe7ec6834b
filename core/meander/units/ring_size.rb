# frozen_string_literal: true

module Meander
  module Units
    # Ring sizes as makers type them, read as the inside circumference in mm: `US 7`, `UK N`, `UK N 1/2`, `ISO 54`, `54
    # mm round`, `17.3 mm across`. A length alone is refused: it may be meant either way.
    #
    # ISO 8653: the size is the inside circumference in mm. US: diameter 0.458 in and 0.032 in more for every size; UK:
    # 1.25 mm more round for every letter (both linear rules from memory).
    module RingSize
      US_INCHES = [0.458, 0.032].freeze
      UK_MM = [37.8, 1.25].freeze
      LETTERS = ("A".."Z").to_a.freeze
      HALVES = {"1/4" => 0.25, "1/2" => 0.5, "3/4" => 0.75, "¼" => 0.25, "½" => 0.5, "¾" => 0.75}.freeze
      ACCEPTED = "a ring size such as US 7, UK N 1/2, ISO 54, 54 mm round or 17.3 mm across"
      PART = %r{(?:\s*(1/4|1/2|3/4|¼|½|¾))?}

      # The inside circumference in mm, or nil when the text is no ring size.
      # @example
      #   RingSize.mm("ISO 54") #=> 54.0
      def self.mm(text)
        case text.strip.downcase
        when /\Aus\s*(\d{1,2}(?:[.,]\d{1,2})?)#{PART}\z/o then us($1.tr(",", ".").to_f + HALVES.fetch($2, 0.0))
        when /\Auk\s*([a-z])#{PART}\z/o then uk(LETTERS.index($1.upcase) + HALVES.fetch($2, 0.0))
        when /\Aiso\s*(\d{2}(?:[.,]\d{1,2})?)\z/ then $1.tr(",", ".").to_f
        when /\A(.+?)\s*(round|across)\z/ then LengthText.mm($1)&.then { |mm| ($2 == "round") ? mm : Math::PI * mm }
        end
      end

      # No gauge is meant where a finger is, nor thousands.
      def self.ways(_text) = {}

      # What a circumference is in every system, to the nearest quarter or half: "US 7, UK N½, ISO 54.4".
      def self.names(mm)
        us = (((mm / Math::PI / 25.4) - US_INCHES[0]) / US_INCHES[1] * 4).round / 4.0
        uk = ((mm - UK_MM[0]) / UK_MM[1] * 2).round / 2.0
        letter = uk.between?(0, 25.5) ? "UK #{LETTERS[uk.floor]}#{"½" if uk % 1 == 0.5}" : nil # rubocop:disable Lint/FloatComparison -- halves are exact
        [("US #{Text.number(us, 2)}" if us >= 0), letter, "ISO #{Text.number(mm, 1)}"].compact.join(", ")
      end

      def self.us(size) = Math::PI * 25.4 * (US_INCHES[0] + (US_INCHES[1] * size))
      def self.uk(letters) = UK_MM[0] + (UK_MM[1] * letters)
      private_class_method :us, :uk
    end
  end
end
