# frozen_string_literal: true

module Meander
  module Crafts
    module Braiding
      # Braiding: three to nine strands crossed over each other, with nothing to weave them with. Answers for its craft
      # as Registry says.
      module Craft
        def self.words = "a braided section"

        # Its seats, and how many there may be of each: the wires of its strands, from the near side, those of one
        # strand after each other.
        def self.seats = {"base" => 3..25}.freeze

        # Cord that is no wire can be worked so.
        def self.cord? = true

        # Rules of beads (Beads::Rules) that it can carry.
        def self.beads = %w[braided].freeze
        def self.fields = Fields::SECTION
        def self.left_out = Fields::LEFT_OUT
        def self.check(...) = Checks.call(...)
        def self.lay(section, calibration) = Layout.new(section, calibration)

        # It names what it goes on from.
        def self.names_places? = true

        # Its wires lie side by side.
        def self.beside? = true

        def self.mirrored(fields, _beside)
          strands = fields[:strands].reverse.map { |one| {**one, twist: one[:twist] && Mirrored.sided(one[:twist])} }
          Mirrored.call(fields, strands:, scheme: scheme(fields[:scheme], strands.size))
        end

        # How strands cross in the mirror image.
        def self.scheme(scheme, strands)
          return {**scheme, begun: Mirrored::OTHER.fetch(scheme[:begun])} if scheme[:kind] == "flat"

          {**scheme, crossings: Braid::Scheme.said(strands, scheme).mirrored.crossings.map(&:to_h)}
        end
        private_class_method :scheme
      end
    end
  end
end
