# frozen_string_literal: true

module Meander
  module Crafts
    module Braiding
      # Which beads a braid can carry, by how it is braided.
      module BeadChecks
        STRANDS = {"middle" => 3, "strand" => 3, "near" => 4, "far" => 4}.freeze

        # section: Document::Section; placement: of the rule "braided"; place: its JSON pointer; strands: Strand values.
        # @raise [InvalidInput]
        def self.call(section, placement, place, strands)
          needed = STRANDS.fetch(placement[:on])
          if section[:scheme][:kind] != "flat" || strands.size != needed
            refuse("#{place}/on", placement[:on], "beads are braided in so on a flat braid of #{needed} strands alone",
              accepted(section, strands))
          end
          if section.threaded.size > 1 && section.threaded.any? { |one| one[:on] == "strand" }
            refuse(place, placement[:id], "a braid with a filled strand carries no other beads", "one placement alone")
          end
          curve(section, placement, place) if %w[near far].include?(placement[:on])
        end

        def self.accepted(section, strands)
          fit = (section[:scheme][:kind] == "flat") ? STRANDS.select { |_, count| count == strands.size }.keys : []
          fit.empty? ? "a flat braid of 3 or 4 strands" : fit.join(", ")
        end

        # Beads on an edge curve it away from them, and only one thing says how far.
        def self.curve(section, placement, place)
          form = section.form
          return unless form[:kind] == "arc"

          away = (placement[:on] == "near") ? "far" : "near"
          if form[:towards] != away
            refuse("#{section.place}/form/towards", form[:towards],
              "beads on the #{placement[:on]} edge curve it to the #{away} side", away)
          end
          return unless placement[:inner]

          refuse("#{place}/inner", placement[:inner].typed, "the radius of the arc says already how far it curves",
            "null, or a straight form")
        end

        def self.refuse(path, given, message, accepted)
          raise InvalidInput.new([Fault.new(path:, code: "bead", message:, given:, accepted:)])
        end
        private_class_method :accepted, :curve, :refuse
      end
    end
  end
end
