# frozen_string_literal: true

module Meander
  module Document
    # Reads a piece document (parsed JSON with string keys) into a Piece. All faults are found together. Documents of
    # earlier versions are lifted to the present one.
    class PieceReader
      # The piece with the questions its values raise.
      Result = Struct.new(:piece, :questions)

      # @raise [InvalidInput] with every fault, when the document cannot be planned
      def self.call(json) = new.call(json)

      def call(json)
        reading = Reading.new
        document = read(json, reading)
        References.call(document, reading) if reading.faults.empty?
        raise InvalidInput.new(reading.faults) unless reading.faults.empty?

        Result.new(Piece.new(document), UsualWires.call(document, reading.questions).freeze).freeze
      end

      private

      def read(json, reading)
        return unless of_a_kind?(json, reading)
        unless json.is_a?(Hash) && json["version"] == VersionOne::Fields::VERSION
          return Fields::PIECE.read(json, "", reading)
        end

        first = Reading.new
        older = VersionOne::Fields::PIECE.read(json, "", first)
        VersionOne::Checks.call(older, first) if first.faults.empty?
        reading.faults.concat(first.faults)
        Fields::PIECE.read(VersionOne::Lift.call(older), "", reading) if first.faults.empty?
      end

      # A document of another kind or version is refused as a whole: its fields may mean something else.
      def of_a_kind?(json, reading)
        return true unless json.is_a?(Hash)

        expect(json, "format", [Fields::FORMAT], "this is not a Meander piece", reading) &&
          expect(json, "version", [VersionOne::Fields::VERSION, Fields::VERSION],
            "this version of the piece document is not known here", reading)
      end

      def expect(json, key, accepted, message, reading)
        return true if accepted.include?(json[key])

        reading.fault("/#{key}", key, json[key], message:, accepted: accepted.join(" or "))
      end
    end
  end
end
