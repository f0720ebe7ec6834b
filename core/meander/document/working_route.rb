# frozen_string_literal: true

module Meander
  module Document
    # Checks the route of a wire that is worked with: by itself anywhere; or from a woven section on to others that it
    # weaves or joins, as they follow each other in the order of work.
    class WorkingRoute
      # Crafts whose sections a wire may go on to, though it begins in none of them.
      JOINS = %w[bind lace].freeze

      def self.call(wire, place, document, routes, reading) = new(wire, place, document, routes, reading).call

      # Why a section (its fields) with so many working wires shares them with no other; nil where it may.
      def self.why_alone(section, working)
        return "it is not woven" unless section[:craft] == "weave"
        return "it is woven from the middle outwards" if section[:from] == "middle"
        return "it has frame after frame" if section[:form].key?(:frames)

        "it has two" if working > 1
      end

      def initialize(wire, place, document, routes, reading)
        @wire = wire
        @place = place
        @sections = document[:sections].to_h { |section| [section[:id], section] }
        @routes = routes
        @reading = reading
      end

      def call
        return if @wire[:route].size == 1

        @wire[:route].each_with_index { |stop, i| goes_on(stop, "#{@place}/route/#{i}") }
        @wire[:route].each_cons(2).with_index(1) { |(from, to), i| in_order(from, to, "#{@place}/route/#{i}/section") }
      end

      private

      def fault(path, code, given, message, accepted) = @reading.fault(path, code, given, message:, accepted:)

      def in_order(from, to, path)
        ids = @sections.keys
        return if [from, to].any? { |stop| stop[:kind] != "visit" } ||
          ids.index(from[:section]) < ids.index(to[:section])

        fault(path, "built", to[:section],
          "#{to[:section]} is woven no later than #{from[:section]}, so #{@wire[:id]} cannot go on to it",
          "a section after #{from[:section]}")
      end

      def goes_on(stop, path)
        unless stop[:kind] == "visit"
          return fault("#{path}/kind", "not_yet", stop[:kind],
            "working wire that goes on to this cannot be planned yet", "a wire of its own for it")
        end
        return fault("#{path}/back", "built", true, "work begins where its section does", "false") if stop[:back]

        section = @sections[stop[:section]]
        return if JOINS.include?(section[:craft]) && stop != @wire[:route].first

        working = @routes.visits.count { |visit| visit.section == section[:id] && !visit.base? }
        said = self.class.why_alone(section, working) or return
        fault("#{path}/section", "built", section[:id], "the wire of #{section[:id]} goes no further: #{said}",
          "a section woven in one from end to end with one wire")
      end
    end
  end
end
