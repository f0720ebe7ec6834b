# frozen_string_literal: true

module Meander
  module Document
    # Checks of a piece's beads: kinds that can be, placements on sections that can carry them, wires in their role.
    class BeadChecks
      def self.call(document, routes, reading) = new(document, routes, reading).call

      # A kind by itself, at a place of a document.
      def self.kind(fields, place, reading)
        across = ((fields[:drilled] == "along") ? [fields[:width]] : fields.values_at(:length, :width)).map(&:mm).min
        return if fields[:hole].mm < across

        reading.fault("#{place}/hole", "bead", fields[:hole].typed, message: "the hole would be as wide as the bead",
          accepted: "less than #{Units::Text.length(across)}")
      end

      def initialize(document, routes, reading)
        @document = document
        @routes = routes
        @reading = reading
        @kinds = document[:tray].map { |kind| kind[:id] }
      end

      def call
        @document[:tray].each_with_index { |kind, i| BeadChecks.kind(kind, "/tray/#{i}", @reading) }
        @document[:beads].each_with_index { |placed, i| placed(placed, "/beads/#{i}") }
      end

      private

      def fault(path, given, message, accepted) = @reading.fault(path, "bead", given, message:, accepted:)

      def placed(placed, place)
        known = @kinds.empty? ? "a bead, of which there is none yet" : @kinds.join(", ")
        unless @kinds.include?(placed[:bead])
          fault("#{place}/bead", placed[:bead], "#{placed[:bead]} is not in the tray of this piece", known)
        end
        thread(placed, place)
        section = @document[:sections].find { |one| one[:id] == placed[:section] }
        return fault("#{place}/section", placed[:section], "this section is not in the piece", ids) unless section

        carries(placed, section, place)
      end

      # Sections of any craft, or those that can carry beads of a rule.
      def ids(rule = nil)
        @document[:sections].select { |one| rule.nil? || carries?(one, rule) }.map { |one| one[:id] }.join(", ")
      end

      def carries?(section, rule) = Crafts::Registry.fetch(section[:craft]).beads.include?(rule)

      # Beads that are not threaded while a section is worked, nor strung on what it is made of, have a wire of their
      # own.
      def thread(placed, place)
        own = Beads::Rules::SENTENCES.fetch(placed[:rule]).more[:thread]
        return if own == !@routes.carrier(placed[:id]).nil?

        fault(place, placed[:id],
          own ? "no wire carries these beads" : "these beads lie on a wire that is there already",
          own ? "a wire whose route carries #{placed[:id]}" : "no wire of their own")
      end

      def carries(placed, section, place)
        return nowhere(placed, place) unless carries?(section, placed[:rule])

        case placed[:rule]
        when "rows" then rows(section, place)
        when "met" then met(placed, place)
        when "framed" then stem(placed, place) unless section[:bend][:kind] == "line"
        end
      end

      def stem(placed, place)
        fault("#{place}/section", placed[:section], "only a straight run is a stem", "a bent wire that is a line")
      end

      def met(placed, place)
        others = @document[:sections].select { |one| carries?(one, "met") && one[:id] != placed[:section] }
          .map { |one| one[:id] }
        unless others.include?(placed[:other])
          fault("#{place}/other", placed[:other], "beads are stitched on where two sections meet",
            others.empty? ? "another section, of which there is none yet" : others.join(", "))
        end
      end

      def nowhere(placed, place)
        found, rule = ids(placed[:rule]), placed[:rule]
        named = Crafts::Registry.all.values.select { |craft| craft.beads.include?(rule) }.map(&:words)
        fault("#{place}/section", placed[:section], "such beads are placed on #{Units::Text.list(named, "or")}",
          found.empty? ? "none yet" : found)
      end

      def rows(section, place)
        if @routes.seated(section[:id], "base").size == 2 &&
            (Form::Opening::OUTLINES.key?(section[:form][:kind]) || section[:spacing][:kind] == "apart")
          return
        end

        fault("#{place}/section", section[:id], "rows of beads lie between two base wires that stand apart",
          "a frame, or two wires held apart")
      end
    end
  end
end
