# frozen_string_literal: true

module Meander
  module Document
    # Reads a weave the maker named (parsed JSON, see Crafts::Weaving::Fields::NAMED).
    module WeaveReader
      # @raise [InvalidInput] with every fault
      def self.call(json)
        Reading.whole(Crafts::Weaving::Fields::NAMED, json) do |weave, reading|
          Crafts::Weaving::WalkChecks.call({kind: "walk", **weave}, weave[:base], "", reading)
        end
      end
    end
  end
end
