# frozen_string_literal: true

module Meander
  module Crafts
    # Wraps round a bundle of base wires where they leave sections: where they cross, lie side by side or come together.
    module Bundling
      # Answers for its craft as Registry says.
      module Craft
        def self.words = "a binding"

        # Its seats, and how many there may be of each.
        def self.seats = {"binding" => 1..1}.freeze

        # Rules of beads (Beads::Rules) that it can carry.
        def self.beads = []
        def self.fields = Fields::SECTION
        def self.left_out = {}
        def self.check(...) = Checks.call(...)
        def self.lay(section, calibration) = Layout.new(section, calibration)

        def self.mirrored(fields, beside)
          {**fields, around: fields[:around].map { |one| {**one, seat: beside[one[:section]] + 1 - one[:seat]} }}
        end
      end
    end
  end
end
