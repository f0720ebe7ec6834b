# frozen_string_literal: true

module Meander
  module Endings
    # The neck that a loop or hook is bound by: what of it is told.
    module Neck
      # What becomes of wires that neither form what stands on the neck nor bind it, by their names; nothing where there
      # are none.
      def self.others(names)
        return "" if names.empty?

        lie = names.one? ? "the end of #{names.first} lies" : "the ends of #{Weave::WireName.list(names)} lie"
        "; #{lie} under the wraps, cut no longer than these reach"
      end
    end
  end
end
