# frozen_string_literal: true

module Meander
  module Crafts
    module Knotting
      # Macrame: cords hung side by side and knotted round each other, with nothing else to hold them. Answers for its
      # craft as Registry says.
      module Craft
        def self.words = "a knotted section"

        # Its seats, and how many there may be of each: the cords, from the left as the work hangs; both legs of a cord
        # that is mounted by its fold beside each other.
        def self.seats = {"base" => 2..60}.freeze

        # Thinner and thicker than other crafts' wire, and as usual here; mm.
        def self.usual_wire = 0.3..3.0

        # Cord that is no wire can be worked so.
        def self.cord? = true

        # Rules of beads (Beads::Rules) that it can carry.
        def self.beads = %w[knotted].freeze
        def self.fields = Fields::SECTION
        def self.left_out = Fields::LEFT_OUT
        def self.check(...) = Checks.call(...)
        def self.lay(section, calibration) = Layout.new(section, calibration)
      end
    end
  end
end
