# frozen_string_literal: true

module Meander
  module Crafts
    module Braiding
      # Which beads a braid can carry, by how it is braided: on an edge any, all along a strand a flat one of up to six,
      # in the middle a flat one of three.
      module BeadChecks
        EDGES = %w[near far].freeze

        # What there must be for beads to lie so.
        WHERE = {"middle" => "beads lie in the middle of a flat braid of 3 strands alone",
          "strand" => "one strand is filled in a flat braid of 3 to 6 strands alone"}.freeze

        # section: Document::Section; placement: of the rule "braided"; place: its JSON pointer; layout: Layout.
        # @raise [InvalidInput]
        def self.call(section, placement, place, layout)
          unless Beading.lies?(placement[:on], layout)
            fit = ["near", "far", *("strand" if Beading.lies?("strand", layout))]
            refuse("#{place}/on", placement[:on], WHERE.fetch(placement[:on]), fit.join(", "))
          end
          together(section, placement, place)
          curve(section, placement, place) if EDGES.include?(placement[:on])
        end

        def self.together(section, placement, place)
          places = section.threaded.map { |one| one[:on] }
          if places.size > 1 && places.include?("strand")
            refuse(place, placement[:id], "a braid with a filled strand carries no other beads", "one placement alone")
          end
          return unless places.include?("middle") && placement[:on] != "middle"

          refuse("#{place}/on", placement[:on], "a braid with beads in the middle carries none on its edges", "middle")
        end

        # Beads on an edge curve it away from them, and only one thing says how far.
        def self.curve(section, placement, place)
          form = section.form
          if placement[:inner] && !StripForms::FIELDS.key?(form[:kind])
            refuse("#{place}/inner", placement[:inner].typed, "the form of the braid says already how it lies",
              "null, or a straight form")
          end
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
        private_class_method :together, :curve, :refuse
      end
    end
  end
end
