# frozen_string_literal: true

module Meander
  module Crafts
    module Bending
      # A single wire bent without being woven. Answers for its craft as Registry says.
      module Craft
        def self.words = "a bent wire"

        # Its seats, and how many there may be of each.
        def self.seats = {"base" => 1..1}.freeze

        # Rules of beads (Beads::Rules) that it can carry.
        def self.beads = %w[strung framed scattered centre met].freeze
        def self.fields = Fields::SECTION
        def self.left_out = {at: Common::LEFT_OUT[:at]}
        def self.check(...) = Checks.call(...)
        def self.lay(section, calibration) = Layout.new(section, calibration)
      end
    end
  end
end
