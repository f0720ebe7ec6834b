# frozen_string_literal: true

module Meander
  module Document
    # Checks what the parts of a document say about each other, part by part; all faults are found together.
    class References
      PARTS = %i[kinds wires sections endings pins meetings tray beads stones findings].freeze

      def self.call(document, reading) = new(document, reading).call

      def initialize(document, reading)
        @document = document
        @reading = reading
        @routes = Routes.new(document[:wires])
      end

      def call
        PARTS.each { |key| unique_ids(key) }
        return unless RouteChecks.call(@document, @routes, @reading)

        SectionChecks.call(@document, @routes, @reading)
        MeetingChecks.call(@document, @reading)
        EndingChecks.call(@document, @routes, @reading)
        WornChecks.call(@document, @routes, @reading)
        BeadChecks.call(@document, @routes, @reading)
        FindingChecks.call(@document, @routes, @reading)
        StepChecks.call(@document, @reading)
        weaves
        EffortChecks.call(@document, @routes, @reading)
        NotYet.call(@document, @reading)
      end

      private

      def unique_ids(key)
        ids = @document[key].map { |item| item[:id] }
        ids.each_with_index do |id, i|
          next if ids.index(id) == i

          @reading.fault("/#{key}/#{i}/id", "duplicate", id, message: "the id #{id} is used twice in #{key}",
            accepted: "an id of its own")
        end
      end

      def weaves
        @document[:weaves].each_with_index do |weave, i|
          Crafts::Weaving::WalkChecks.call({kind: "walk", **weave}, weave[:base], "/weaves/#{i}", @reading)
        end
      end
    end
  end
end
