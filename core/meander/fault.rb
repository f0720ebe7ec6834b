# frozen_string_literal: true

module Meander
  # One thing wrong with what was given.
  # `path` is a JSON pointer into the document, `given` what stood there, `accepted` what may stand there in words,
  # `likely` texts that were probably meant (may be empty).
  class Fault
    attr_reader :path, :code, :message, :given, :accepted, :likely

    def initialize(path:, code:, message:, given:, accepted:, likely: [])
      @path = path
      @code = code
      @message = message
      @given = given
      @accepted = accepted
      @likely = likely
      freeze
    end

    def to_h = {path:, code:, message:, given: Fault.printable(given), accepted:, likely:}

    # A short form of any JSON value, safe to send back and to print.
    def self.printable(value)
      return "nothing" if value.nil?
      return "a number too large" if value.is_a?(Float) && !value.finite?

      text = value.is_a?(String) ? value.scrub("?") : value.inspect
      (text.length > 80) ? "#{text[0, 77]}..." : text
    end
  end
end
