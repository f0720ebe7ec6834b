# frozen_string_literal: true

module Meander
  module Beads
    # Two sections where they come nearest to each other, in the places of the finished piece.
    class MeetingSite
      # A place: Form::Meeting::Met and how thick the two wires are there.
      Place = Struct.new(:met, :thick)

      attr_reader :places

      def initialize(places)
        @places = places.freeze
        freeze
      end

      def woven? = false
      def copies = 1
    end
  end
end
