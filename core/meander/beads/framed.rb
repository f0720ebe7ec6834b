# frozen_string_literal: true

module Meander
  module Beads
    # A bead on a straight stem, framed by circuits of a finer wire: coils on the stem before it, then round and round
    # the bead, over the stem at both ends, the first half of the circuits in front and the rest behind.
    class Framed < Rule
      SENTENCE =
        Sentence.new("framed on a straight wire as its stem",
          [Sentence.size("from", "Where the bead begins", "from", "on,"),
            Sentence.count("circuits", "Circuits round the bead", "", "circuits round it,"),
            Sentence.count("coils", "Coils on the stem", "", "coils on the stem at each side")],
          {from: Sentence.mm(8), circuits: 3, coils: 6}, thread: true)

      def words = "#{kind.words} on its stem, framed by #{Units::Text.count(fields[:circuits], "circuit")}"

      def making
        "coil it #{Units::Text.times(fields[:coils])} round the stem below #{kind.words}, lead it round the " \
          "bead in #{Units::Text.count(fields[:circuits], "circuit")}, over the stem at both ends, the first half of " \
          "them in front, and coil it as often above"
      end

      def through = [site.wire.mm]
      def wraps = (2 * fields[:coils]) + fields[:circuits]
      def over = fits? ? 0 : 1

      def needs
        fits? ? nil : "it needs #{Units::Text.length(beside_mm)} of stem on each side of the bead for its coils and " \
          "circuits, a stem #{Units::Text.length((2 * beside_mm) + kind.along_mm)} long in all"
      end

      # Coils on the stem at both sides; a circuit is round the bead a wire's thickness off it, farther out for each one
      # that lies inside it, and half round the stem at both ends.
      def own_mm
        circuits = (0...fields[:circuits]).sum do |i|
          Form::Oval.round_mm(kind.along_mm + d + (2 * i * d), kind.across_mm + d + (2 * i * d)) +
            (Math::PI * (site.wire.mm + d))
        end
        circuits + (2 * fields[:coils] * helix_mm(site.wire.mm))
      end

      # The coils on the stem and the circuits as drawn.
      def wire_uses
        return [] unless fits?

        place, (dx, dy) = site.at(middle)
        circuits = Array.new(fields[:circuits]) do |i|
          [ellipse(place, dx, dy, i), (i < (fields[:circuits] + 1) / 2) ? 1 : -1]
        end
        coils + circuits
      end

      # On each side the circuits lie over the stem next to the bead, the coils beyond them.
      def fits? = [fields[:from].mm, site.length_mm - fields[:from].mm - kind.along_mm].min >= beside_mm - 1e-9

      private

      def beside_mm = (fields[:coils] + fields[:circuits]) * d
      def middle = fields[:from].mm + (kind.along_mm / 2)

      def coils
        off = ((kind.along_mm + beside_mm) / 2) + (fields[:circuits] * d / 2)
        [-off, off].flat_map { |from_middle| site.turns(middle + from_middle, fields[:coils], d) }
          .map { |turn| [turn, 1] }
      end

      def ellipse(place, dx, dy, number)
        long, wide = [kind.along_mm, kind.across_mm].map { |mm| (mm + d + (2 * number * d)) / 2 }
        (0..48).map do |k|
          (Math::PI * k / 24).then do |t|
            [place[0] + (long * Math.cos(t) * dx) - (wide * Math.sin(t) * dy),
              place[1] + (long * Math.cos(t) * dy) + (wide * Math.sin(t) * dx)]
          end
        end
      end

      def lay
        return [] unless fits?

        place, dir = site.at(middle)
        [lie(place.first(2), dir)]
      end
    end
  end
end
