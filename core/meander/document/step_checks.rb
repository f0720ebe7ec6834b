# frozen_string_literal: true

module Meander
  module Document
    # Checks the maker's order of work: each of its steps names one thing of the piece, once.
    module StepChecks
      PARTS = {sections: "section", beads: "placement of beads", endings: "ending", findings: "finding"}.freeze

      def self.call(document, reading)
        named = PARTS.keys.flat_map { |key| document[key].map { |one| one[:id] } }
        named << Work::Tasks::WORN if Work::Tasks::BENT_ROUND.include?(document.dig(:worn, :on))
        fault = ->(i, id, code, message, accepted) {
          reading.fault("/steps/#{i}", code, id, message:, accepted:)
        }
        document[:steps].each_with_index do |id, i|
          if !named.include?(id)
            fault.call(i, id, "reference", "there is no #{PARTS.values.join(", ")} called #{id}",
              "one of #{named.join(", ")}")
          elsif named.count(id) > 1
            fault.call(i, id, "built", "two things of the piece are called #{id}", "an id of its own for each")
          elsif document[:steps].index(id) < i
            fault.call(i, id, "duplicate", "#{id} stands twice in the order of work", "each once")
          end
        end
      end
    end
  end
end
