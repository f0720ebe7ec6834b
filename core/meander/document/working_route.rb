# frozen_string_literal: true

module Meander
  module Document
    # Checks the route of a wire that is worked with: by itself anywhere; or from a woven section on to others that it
    # weaves or joins, as they follow each other in the order of work; with its other end to those on its route before
    # the one where it is begun.
    class WorkingRoute
      # Crafts whose sections a wire may go on to, though it begins in none of them.
      JOINS = %w[bind lace].freeze

      def self.call(wire, place, document, routes, reading) = new(wire, place, document, routes, reading).call

      # Why a section (its fields) with so many working wires shares them with no other; nil where it may. begun: is its
      # wire begun there, at its middle?
      def self.why_alone(section, working, begun: false)
        return "it is not woven" unless section[:craft] == "weave"
        return "it is woven from the middle outwards" if section[:from] == "middle" && !begun
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

        @wire[:route].each_with_index { |stop, i| goes_on(stop, i) }
        outwards.each do |side|
          side.each_cons(2) { |(from, _), (to, i)| in_order(from, to, "#{@place}/route/#{i}/section") }
        end
      end

      private

      # The stop it is begun at, from 0; the stops as work comes to them, [[stop, its number], ...] to either side.
      def begun = (@wire[:begun] ? @wire[:begun][:stop] : 1) - 1

      def outwards
        stops = @wire[:route].each_with_index.to_a
        [stops.drop(begun), stops.first(begun + 1).reverse]
      end

      def fault(path, code, given, message, accepted) = @reading.fault(path, code, given, message:, accepted:)

      def in_order(from, to, path)
        ids = @sections.keys
        return if [from, to].any? { |stop| stop[:kind] != "visit" } ||
          ids.index(from[:section]) < ids.index(to[:section])

        fault(path, "built", to[:section],
          "#{to[:section]} is woven no later than #{from[:section]}, so #{@wire[:id]} cannot go on to it",
          "a section after #{from[:section]}")
      end

      def goes_on(stop, number)
        path = "#{@place}/route/#{number}"
        unless stop[:kind] == "visit"
          return fault("#{path}/kind", "not_yet", stop[:kind],
            "working wire that goes on to this cannot be planned yet", "a wire of its own for it")
        end
        return if turned(stop, number, path)

        section = @sections[stop[:section]]
        return if JOINS.include?(section[:craft]) && number != begun

        working = @routes.visits.count { |visit| visit.section == section[:id] && !visit.base? }
        said = self.class.why_alone(section, working, begun: @wire[:begun] && number == begun) or return
        fault("#{path}/section", "built", section[:id], "the wire of #{section[:id]} goes no further: #{said}",
          "a section woven in one from end to end with one wire")
      end

      # Work begins where its section does: what lies before the place it is begun at is passed from its end.
      def turned(stop, number, path)
        return if stop[:back] == (number < begun)

        said = stop[:back] ? "work begins where its section does" :
          "#{@wire[:id]} is begun after #{stop[:section]}, so it passes that from its end"
        fault("#{path}/back", "built", stop[:back], said, (!stop[:back]).to_s)
      end
    end
  end
end
