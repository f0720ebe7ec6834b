# frozen_string_literal: true

module Meander
  module Crafts
    module Crocheting
      # Crochet: loops drawn through loops with a hook, from a spool, with nothing to hold them but each other. Answers
      # for its craft as Registry says.
      module Craft
        def self.words = "a crocheted section"

        # Its seats, and how many there may be of each: the wires that are held together, or taken in turn; of chains
        # side by side those of one after those of the other.
        def self.seats = {"base" => 1..27}.freeze

        # Wire that is thinner than other crafts', and as usual here; mm.
        def self.usual_wire = 0.15..0.8

        # Rules of beads (Beads::Rules) that it can carry.
        def self.beads = %w[crocheted].freeze
        def self.fields = Fields::SECTION
        def self.left_out = Fields::LEFT_OUT
        def self.check(...) = Checks.call(...)
        def self.lay(section, calibration) = Layout.new(section, calibration)

        # It names what it is worked into.
        def self.names_places? = true

        # What begins in an edge is worked onto the wire another section is bent of: rows, or rounds about a ring.
        def self.rimmed?(fields)
          fields[:begun] == "edge" && %w[band disc rows].include?(fields[:fabric][:kind])
        end

        # Worked the same way round whichever side it is for: rows go to and fro.
        def self.mirrored(fields, _beside) = Mirrored.call(fields)
      end
    end
  end
end
