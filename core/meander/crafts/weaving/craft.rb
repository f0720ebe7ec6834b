# frozen_string_literal: true

module Meander
  module Crafts
    module Weaving
      # Weaving: wire led through the gaps of base wires, repeat by repeat. Answers for its craft as Registry says.
      module Craft
        def self.words = "a woven section"

        # Its seats, and how many there may be of each.
        def self.seats = {"base" => 1..25, "weaving" => 1..2}.freeze

        # Rules of beads (Beads::Rules) that it can carry.
        def self.beads = %w[woven rows curve surface centre met].freeze
        def self.fields = Fields::SECTION
        def self.left_out = Fields::LEFT_OUT
        def self.check(...) = Checks.call(...)
        def self.lay(section, calibration) = Layout.new(section, calibration)

        # An edge of it as what other sections are worked onto.
        def self.rim(...) = Edge.call(...)

        # Its base wires lie side by side.
        def self.beside? = true

        def self.mirrored(fields, beside)
          pattern = {kind: "walk", **Weave::Mirrors.across(fields[:pattern], beside[fields[:id]])}
          spacing = fields[:spacing]
          spacing = {**spacing, clear: spacing[:clear].reverse} if spacing[:kind] == "apart"
          Mirrored.call(fields, pattern:, spacing:)
        end
      end
    end
  end
end
