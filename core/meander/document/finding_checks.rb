# frozen_string_literal: true

module Meander
  module Document
    # Checks of what is hung on a piece: something must be there to hang it on.
    class FindingChecks
      CLOSED = %w[cuff ring].freeze

      def self.call(document, routes, reading) = new(document, routes, reading).call

      def initialize(document, routes, reading)
        @document = document
        @routes = routes
        @reading = reading
        @rings = routes.folds.select(&:ring).map(&:id)
      end

      def call = @document[:findings].each_with_index { |finding, i| finding(finding, "/findings/#{i}") }

      private

      def fault(path, given, message, accepted) = @reading.fault(path, "finding", given, message:, accepted:)
      def ending(id) = @document[:endings].find { |one| one[:id] == id }

      def finding(finding, place)
        if CLOSED.include?(@document[:kind])
          return fault("#{place}/kind", finding[:kind], "a #{@document[:kind]} is worn without one", "none")
        end

        bare = finding[:on].reject do |id|
          @rings.include?(id) || Endings::Registry::HOLDS.include?(ending(id)&.fetch(:kind))
        end
        if bare.any?
          return fault("#{place}/on", bare.join(", "), "there is nothing to hang it on",
            "a loop, an eye, a hook, a bail, a ribbon end or a ring at the fold")
        end

        return two_loops(finding, place) if finding[:kind] == "two_eye_hook"

        fault("#{place}/on", finding[:on].join(", "), "it hangs on one ending", "one ending") if finding[:on].size > 1
      end

      # A hook with two eyes hangs in two loops at one side.
      def two_loops(finding, place)
        sides = finding[:on].filter_map { |id| @routes.ends(id).first&.at }.uniq
        loops = finding[:on].count { |id| Endings::Registry::THROUGH.include?(ending(id)&.fetch(:kind)) }
        return if loops == 2 && finding[:on].uniq.size == 2 && sides.size == 1

        fault("#{place}/kind", "two_eye_hook",
          "a hook with two eyes hangs in two loops, #{(loops == 1) ? "there is one" : "there are none"} at its side",
          "two loops at one side")
      end
    end
  end
end
