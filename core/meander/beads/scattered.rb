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

      private

      def lay
        wanted = fields[:count].zero? ? most : [fields[:count], most].min
        first = (wanted / passes.to_f).ceil
        Array.new(wanted) { |i| (i < first) ? beside(i, 0.5, i) : beside(i - first, 1.0, i + 1) }
      end

      # So many pitches on, to the side its number says.
      def beside(place, share, number)
        (x, y, _), (dx, dy) = site.at([fields[:from].mm + ((place + share) * pitch_mm), site.length_mm].min)
        off = (number.even? ? 1 : -1) * (site.wire.mm + kind.across_mm) / 2
        lie([x + (off * dy), y - (off * dx)], [dx, dy], end_on: true)
      end
    end
  end
end
