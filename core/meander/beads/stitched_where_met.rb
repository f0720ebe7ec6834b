# frozen_string_literal: true

module Meander
  module Beads
    # Beads stitched on afterwards where two sections meet: from wraps round the one through the bead to wraps round the
    # other.
    class StitchedWhereMet < Rule
      SENTENCE =
        Sentence.new("stitched on where it meets another",
          [Sentence.count("places", "Places they are stitched", "at", "places,"),
            Sentence.count("wraps", "Wraps at each side", "", "wraps at each side")],
          {places: 1, wraps: 3}, thread: true)

      def words = "#{kind.words} stitched on where they meet, #{Units::Text.count(fields[:wraps], "wrap")} at each side"

      def making
        "where the two meet wrap it #{Units::Text.times(fields[:wraps])} round the one, lead it through " \
          "#{kind.words} and wrap it as often round the other: #{Units::Text.count(lying.size, "place")}, first to last"
      end

      def wraps = 2 * fields[:wraps] * lying.size

      # Round the one wire, straight through the bead, round the other, and on behind to the next place.
      def own_mm
        at = site.places.sum do |one|
          [one.met.apart_mm, kind.along_mm].max + one.thick.sum { |thick| fields[:wraps] * helix_mm(thick) }
        end
        at + site.places.each_cons(2).sum do |one, other|
          Math.hypot(other.met.one.place[0] - one.met.other.place[0], other.met.one.place[1] - one.met.other.place[1])
        end
      end

      def wire_uses = site.places.map { |one| [[one.met.one.place.first(2), one.met.other.place.first(2)], 1] }

      private

      # In front, where there is no room between the wires.
      def lay
        site.places.map do |one|
          from, to = one.met.one.place, one.met.other.place
          room = one.met.apart_mm - (one.thick.sum / 2)
          dir = (one.met.apart_mm < 1e-6) ? [1.0, 0.0] : [to[0] - from[0], to[1] - from[1]]
          lie([(from[0] + to[0]) / 2, (from[1] + to[1]) / 2], dir, face: (room + 1e-9 >= kind.along_mm) ? 0 : 1)
        end
      end
    end
  end
end
