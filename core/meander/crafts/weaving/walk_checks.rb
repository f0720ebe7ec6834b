# frozen_string_literal: true

module Meander
  module Crafts
    module Weaving
      # Checks a section's pattern against its base wires: gaps that are there, no gap twice in a row, stretches that
      # can follow each other.
      class WalkChecks
        # pattern: as a document has it; count: how many base wires; place: the JSON pointer to the pattern.
        def self.call(pattern, count, place, reading) = new(pattern, count, place, reading).call

        def initialize(pattern, count, place, reading)
          @count = count
          @pattern = pattern
          @place = place
          @reading = reading
        end

        def call
          return coils if @pattern[:kind] == "coils"

          stretches.each { |gaps, path| walk(gaps, path) }
          %i[before after].each { |side| @pattern[side].each_with_index { |one, i| counted(one, "#{side}/#{i}") } }
          stretches.each_cons(2) { |(gaps, _), (following, path)| follow(gaps, following, path) }
        end

        private

        def coils
          return if @count == 2

          @reading.fault("#{@place}/kind", "choice", "coils",
            message: "coils round one and round both need two base wires, not #{@count}", accepted: "walk")
        end

        # Every walk in the order it is woven, with its place.
        def stretches
          [*placed(:before), [@pattern[:gaps], "#{@place}/gaps"], *placed(:after)]
        end

        def placed(side)
          @pattern[side].each_with_index.map { |stretch, i| [stretch[:gaps], "#{@place}/#{side}/#{i}/gaps"] }
        end

        # So many times, or so far.
        def counted(stretch, path)
          return unless stretch[:times].nil? == stretch[:length].nil?

          both = !stretch[:times].nil?
          @reading.fault("#{@place}/#{path}/#{both ? "length" : "times"}", "walk",
            both ? stretch[:length].typed : "null",
            message: both ? "how far this is woven is said by its times already" :
              "nothing says how often this is woven",
            accepted: both ? "null, or times null" : "1 to 500, or a length")
        end

        def walk(gaps, path)
          gaps.each_with_index do |gap, i|
            missing(gap, "#{path}/#{i}") if gap > @count
            next unless gap == gaps[i - 1]

            closing = i.zero? ? "the walk returns to its first gap, and ends there already" :
              "gap #{gap} stands twice in a row"
            @reading.fault("#{path}/#{i}", "walk", gap,
              message: "place #{i + 1}: #{closing}; a pass must lead to another gap",
              accepted: "another gap, 0 to #{@count}")
          end
        end

        def missing(gap, path)
          @reading.fault(path, "walk", gap,
            message: "gap #{gap} is not there: #{@count} base #{(@count == 1) ? "wire has" : "wires have"} the gaps " \
                     "0 to #{@count}",
            accepted: "0 to #{@count}")
        end

        def follow(gaps, following, path)
          return unless gaps.last == following.first

          @reading.fault("#{path}/0", "walk", following.first,
            message: "the stretch before leaves gap #{gaps.last}, so this one cannot begin there",
            accepted: "a walk that begins at another gap")
        end
      end
    end
  end
end
