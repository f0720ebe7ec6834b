# frozen_string_literal: true

module Meander
  module Beads
    # Beads scattered round a bent wire as a core: a finer wire winds round it, so many bare turns like a spring, then a
    # turn with a bead on it, to the one side and the other in turn. A second pass comes back the same way with its
    # beads between.
    class Scattered < Rule
      SENTENCE =
        Sentence.new("scattered round the bent wire",
          [Sentence.size("from", "Where the beads begin", "from", "on,"),
            Sentence.count("coils", "Bare turns between", "", "bare turns between,"),
            Sentence.count("passes", "Passes along the core", "in", "passes (1 or 2),"), FILL],
          {from: Sentence.mm(2), coils: 4, passes: 1, count: 0}, thread: true)

      def words
        "#{kind.words} round the core, #{Units::Text.count(fields[:coils], "bare turn")} " \
        "between#{", in two passes" if passes == 2}"
      end

      def making
        back = (passes == 2) ? ", and come back the same way with the beads between" : ""
        "wind it along the core from #{Units::Text.length(fields[:from].mm)} on: " \
          "#{Units::Text.count(fields[:coils], "bare turn")}, then a turn with a bead on it, to the one side and the " \
          "other in turn, #{lying.size} #{kind.words} in all#{back}"
      end

      def passes = fields[:passes]
      def pitch_mm = (fields[:coils] * d) + kind.across_mm
      def room_mm = site.length_mm - fields[:from].mm
      def most = [(room_mm / pitch_mm).floor, 0].max * passes
      def over = short(fields[:count])

      def needs
        over.positive? ?
          "#{wanted} need a core " \
          "#{Units::Text.length(fields[:from].mm + ((wanted / passes.to_f).ceil * pitch_mm))} long" : nil
      end

      def wraps = lying.size * (fields[:coils] + 1)

      # Bare turns are a helix; the turn with the bead goes round the core's back, out round the bead's side, through it
      # and back.
      def own_mm
        rho, out, up = (site.wire.mm + d) / 2, (site.wire.mm + kind.across_mm) / 2, kind.along_mm / 2
        far = Math.hypot(out, up)
        turn = [Math.atan2(out, up) - Math.acos([rho / far, 1.0].min), 0.0].max
        beaded = (Math::PI * rho) + (2 * ((rho * turn) + Math.sqrt([(far**2) - (rho**2), 0.0].max))) + kind.along_mm
        lying.size * ((fields[:coils] * helix_mm(site.wire.mm)) + beaded)
      end

      # The fronts of the bare turns, and of the turns that carry a bead: from its hole over the core.
      def wire_uses
        lying.each_with_index.flat_map do |one, i|
          bare = site.turns(bare_about(i), fields[:coils], d)
          [*bare, carrying(one, bead_at(i))].map { |points| [points, 1] }
        end
      end

      private

      # With as many asked for as fit, the first pass holds half of them, and one more of an odd count.
      def held = fields[:count].zero? ? most : [fields[:count], most].min
      def first = (held / passes.to_f).ceil

      # Bare turns lie before their bead; a second pass has its beads over the bare turns of the first, and its bare
      # turns beside the first one's beads.
      def bead_at(number) = (number < first) ? beaded_mm(number) : bare_mm(number - first)
      def bare_about(number) = (number < first) ? bare_mm(number) : beaded_mm(number - first)
      def bare_mm(place) = fields[:from].mm + (place * pitch_mm) + (fields[:coils] * d / 2)
      def beaded_mm(place) = bare_mm(place) + (pitch_mm / 2)

      def lay = Array.new(held) { |i| beside(bead_at(i), (i < first) ? i : i - first + 1) }

      # Beside the core there, to the side its number says.
      def beside(along, number)
        (x, y, _), (dx, dy) = site.at(along)
        off = (number.even? ? 1 : -1) * (site.wire.mm + kind.across_mm) / 2
        lie([x + (off * dy), y - (off * dx)], [dx, dy], end_on: true)
      end

      def carrying(one, along)
        (x, y, _), = site.at(along)
        out, up = one.at[0] - x, one.at[1] - y
        far = -(site.wire.mm + d) / (site.wire.mm + kind.across_mm)
        [one.at, [x + (far * out), y + (far * up)]]
      end
    end
  end
end
