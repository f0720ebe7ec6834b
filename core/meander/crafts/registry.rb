# frozen_string_literal: true

module Meander
  module Crafts
    # What a section may be worked in: craft in the document => class. Each is made of a Document::Section and a Calibration, knows what it
    # comes to before it is decided how far it is worked, and answers `worked(repeats, bare_mm)`, a Worked.
    module Registry
      CRAFTS = {"weave" => Weaving::Layout, "bend" => Bending::Layout, "lace" => Lacing::Layout}.freeze

      # @raise [InvalidInput] where a section cannot be worked
      def self.lay(section, calibration) = CRAFTS.fetch(section.craft).new(section, calibration)
    end
  end
end
