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

        worked = ends.find { |one| !one.visit.base? }
        worked ? worked(ending, ends, worked, place) : of_base(ending, ends, place)
      end

      def of_base(ending, ends, place)
        named = ends.map { |one| one.wire[:id] }.join(", ")
        if ends.map { |one| [one.section, one.at] }.uniq.size > 1
          return fault(place, named, "the wires of an ending end at one side of one section", "wires that end there")
        end
        if ends.map(&:place) != (1..ends.size).to_a
          return fault(place, named, "two wires are the same one there", "places from 1 on")
        end

        alone(ending, named, place) if ends.size != 1
        by_kind(ending, ends, place)
      end

      def by_kind(ending, ends, place)
        case ending[:kind]
        when "rolled" then rolled(ends.first.section, place)
        when "wrap" then wrap(ends.first.section, place)
        when "bail" then bail(ending, ends, place)
        when "led" then led(ending, place)
        end
      end

      def bail(ending, ends, place)
        return unless ends.one? && ending[:bound] == "between"

        fault("#{place}/bound", "between", "a bail of one wire has none to go between", "round, or another wire in it")
      end

      def rolled(section, place)
        return if @routes.seated(section, "base").size > 1

        fault("#{place}/kind", "rolled", "no wire lies beside it to be wrapped", "another ending")
      end

      def led(ending, place)
        rings = @routes.folds.select(&:ring).map(&:id)
        loops = @document[:endings].select { |one| Endings::Registry::THROUGH.include?(one[:kind]) }.map { |one|
          one[:id]
        }
        return if (rings + loops).include?(ending[:through])

        fault("#{place}/through", ending[:through], "#{ending[:through]} is no loop to be led through",
          (rings + loops).empty? ? "a loop, an eye, a curl or a ring at a fold, which this piece has not yet" :
            (rings + loops).join(", "))
      end

      def alone(ending, named, place)
        return unless Endings::Registry::ALONE.include?(ending[:kind])

        name = Endings::Registry::SENTENCES.fetch(ending[:kind]).name
        fault(place, named, "one wire is bent to #{name}", "one wire")
      end

      # What is left of the one wire that a section is woven with.
      def worked(ending, ends, one, place)
        if ends.size > 1 || !Endings::Registry::WORKED.include?(ending[:kind])
          return fault("#{place}/kind", ending[:kind], "a weaving wire is bent by itself, and not to that",
            Endings::Registry::WORKED.join(", "))
        end

        section = @document[:sections].find { |other| other[:id] == one.section }
        working = @routes.visits.count { |visit| visit.section == one.section && !visit.base? }
        said = WorkingRoute.why_alone(section, working) or return
        fault(place, one.wire[:id], "what is left of the wire of #{one.section} is not bent: #{said}",
          "a section woven in one from end to end with one wire")
      end

      def wrap(section, place)
        return unless @routes.seated(section, "base").size == 1 && craft(section) == "bend"

        fault("#{place}/kind", "wrap", "one wire by itself is no band to wrap", "another ending")
      end
    end
  end
end
