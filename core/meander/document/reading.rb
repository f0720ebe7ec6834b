# frozen_string_literal: true

module Meander
  module Document
    # What came to light while a document was read: faults that stop it, questions about values that look slipped.
    class Reading
      attr_reader :faults, :questions

      # A value read whole by a shape; the block may look for further faults in it.
      # @raise [InvalidInput] with every fault
      def self.whole(shape, json)
        reading = new
        value = shape.read(json, "", reading)
        yield value, reading if block_given? && reading.faults.empty?
        raise InvalidInput.new(reading.faults) if reading.faults.any?

        value
      end

      def initialize
        @faults = []
        @questions = []
      end

      # Notes a fault and answers nil, so that a reader can end with it.
      def fault(path, code, given, message:, accepted:, likely: [])
        faults << Fault.new(path:, code:, message:, given:, accepted:, likely:)
        nil
      end

      # A value that can be read but is implausible for its field by a factor of ten or 25.4.
      def question(path, size, what, likely) = questions << {path:, what:, given: size, likely:}
    end
  end
end
