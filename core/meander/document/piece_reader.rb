# frozen_string_literal: true

module Meander
  module Document
    # Reads a piece document (parsed JSON with string keys) into a Piece. All faults are found together.
    class PieceReader
      # The piece with the questions its values raise.
      Result = Struct.new(:piece, :questions)

      # @raise [InvalidInput] with every fault, when the document cannot be planned
      def self.call(json) = new.call(json)

      def call(json)
        reading = Reading.new
        check_kind(json, reading)
        document = reading.faults.empty? ? Fields::PIECE.read(json, "", reading) : nil
        References.call(document, reading) if reading.faults.empty?
        raise InvalidInput.new(reading.faults) unless reading.faults.empty?

        Result.new(Piece.new(document), reading.questions.freeze).freeze
      end

      private

      # A document of another kind or version is refused as a whole: its fields may mean something else.
      def check_kind(json, reading)
        return unless json.is_a?(Hash)

        expect(json, "format", Fields::FORMAT, "this is not a Meander piece", reading) &&
          expect(json, "version", Fields::VERSION, "this version of the piece document is not known here", reading)
      end

      def expect(json, key, accepted, message, reading)
        return true if json[key] == accepted

        reading.fault("/#{key}", key, json[key], message:, accepted: accepted.to_s)
      end
    end
  end
end
