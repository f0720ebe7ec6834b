# frozen_string_literal: true

module Meander
  module Document
    # Reads a weave the maker named (parsed JSON, see Fields::WEAVE).
    module WeaveReader
      # @raise [InvalidInput] with every fault
      def self.call(json)
        Reading.whole(Fields::WEAVE, json) { |weave, reading| WalkChecks.call({kind: "walk", **weave}, weave[:base], "", reading) }
      end
    end
  end
end
