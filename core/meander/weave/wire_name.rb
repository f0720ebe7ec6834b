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

      # What is said of wires (Document::Wire values) that are all of cord calls them so.
      def self.said(wires, words)
        (wires.all? { |wire| wire.material.fibre? }) ? words.gsub(/\bwire(s?)\b/, 'cord\1') : words
      end

      # Several that are called so.
      # @example
      #   WireName.list(["wire 1", "wire 2", "wire 4"]) #=> "wires 1, 2 and 4"
      #   WireName.list(["the near wire", "the far wire"]) #=> "the near wire and the far wire"
      def self.list(names)
        kinds, numbers = names.map { |name| name.split(/ (?=\d+\z)/) }.transpose if names.all?(/\A\w+ \d+\z/)
        return Units::Text.list(names) unless names.size > 1 && kinds&.uniq&.one?

        "#{kinds.first}s #{Units::Text.list(numbers)}"
      end
    end
  end
end
