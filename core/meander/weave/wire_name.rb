# frozen_string_literal: true

module Meander
  module Weave
    # What a base wire is called among those of its strip: the near and the far one of two, else by its number from 1.
    module WireName
      # number: counted from 0.
      # @example
      #   WireName.call(1, 2) #=> "the far wire"
      #   WireName.call(1, 5) #=> "wire 2"
      def self.call(number, wires)
        return "the wire" if wires == 1

        (wires == 2) ? "the #{%w[near far][number]} wire" : "wire #{number + 1}"
      end
    end
  end
end
