# frozen_string_literal: true

module Meander
  module Planner
    # A piece whose sections have other counts of repeats than when they were planned last, as by rules that have
    # changed since.
    module PlannedAnew
      # document: as JSON values; before, now: repeats by section, nil for what is not woven.
      # @return [Hash] words, and document: the piece with the counts it had
      def self.call(document, before, now)
        changed = now.each_index.select { |i| before[i] && now[i] && before[i] != now[i] }
        told = changed.map { |i| "#{"section #{i + 1}: " if now.size > 1}#{now[i]} repeats, #{before[i]} before" }
        {words: "Planned anew: #{told.join("; ")}.",
          document: changed.reduce(document) { |json, i| as_before(json, i, before[i]) }}
      end

      # It has as many as it says; a pin on how far it is woven would say otherwise.
      def self.as_before(json, index, count)
        sections = json["sections"].each_with_index.map do |section, i|
          (i == index) ? section.merge("extent" => {"kind" => "repeats", "count" => count}) : section
        end
        pins = json["pins"].reject { |pin| pin["quantity"] == "woven" && pin["section"] == sections[index]["id"] }
        json.merge("sections" => sections, "pins" => pins)
      end
      private_class_method :as_before
    end
  end
end
