# frozen_string_literal: true

module Meander
  module Crafts
    module Lacing
      # Two sections laced together, or tied where they meet. Answers for its craft as Registry says.
      module Craft
        def self.words = "a lacing"

        # Its seats, and how many there may be of each.
        def self.seats = {"lacing" => 1..1}.freeze

        # Rules of beads (Beads::Rules) that it can carry.
        def self.beads = []
        def self.fields = Fields::SECTION
        def self.left_out = {}
        def self.check(...) = Checks.call(...)
        def self.lay(section, calibration) = Layout.new(section, calibration)

        # It names the sections it joins by their numbers.
        def self.names_places? = true

        def self.mirrored(fields, _beside) = fields
      end
    end
  end
end
