# frozen_string_literal: true

module Meander
  module Document
    # Checks endings: wires end in each, all at one side of one section, as many as it takes.
    class EndingChecks
      def self.call(document, routes, reading) = new(document, routes, reading).call

      def initialize(document, routes, reading)
        @document = document
        @routes = routes
        @reading = reading
      end

      def call = @document[:endings].each_with_index { |ending, i| ending(ending, "/endings/#{i}") }

      private

      def fault(path, given, message, accepted) = @reading.fault(path, "built", given, message:, accepted:)
      def craft(id) = @document[:sections].find { |section| section[:id] == id }[:craft]

      def ending(ending, place)
        ends = @routes.ends(ending[:id])
        if ends.empty?
          return fault(place, ending[:id], "no wire ends in #{ending[:id]}",
            "a wire that ends there, or no such ending")
        end

        named = ends.map { |one| one.wire[:id] }.join(", ")
        if ends.map { |one| [one.section, one.at] }.uniq.size > 1
          return fault(place, named, "the wires of an ending end at one side of one section", "wires that end there")
        end
        if ends.map(&:place) != (1..ends.size).to_a
          return fault(place, named, "two wires are the same one there", "places from 1 on")
        end

        alone = Endings::Registry::ALONE.include?(ending[:kind]) && ends.size != 1
        fault(place, named, "one wire is bent to a #{ending[:kind].tr("_", " ")}", "one wire") if alone
        wrap(ends.first.section, place) if ending[:kind] == "wrap"
      end

      def wrap(section, place)
        return unless @routes.seated(section, "base").size == 1 && craft(section) == "bend"

        fault("#{place}/kind", "wrap", "one wire by itself is no band to wrap", "another ending")
      end
    end
  end
end
