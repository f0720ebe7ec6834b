# frozen_string_literal: true

module Meander
  module Beads
    # Rows of beads across a frame, each on both ends of one wire, which wraps the frame's wires between the rows.
    class Rows < Rule
      SENTENCE = Sentence.new("in rows across the frame", [Sentence.size("from", "Where the rows begin", "from", "on"),
        Sentence.count("wraps", "Wraps between rows", ",", "wraps a side between rows")],
        {counts: [].freeze, wraps: 2, from: Sentence.mm(4)}, thread: true)

      # Where a row stands along the frame and how many beads it holds.
      Row = Struct.new(:along, :count)
      # A bead may be pressed into a row that is narrower by so much (our choice, no source).
      SQUEEZE_MM = 0.1
      STEP_MM = 0.25
      # The side of a bead that lies against a wire, from the one end of the row's width to the other.
      OUTLINE = (-12..12).map { |i| (Math::PI * i / 24).then { |t| [Math.cos(t), Math.sin(t)].freeze } }.freeze

      def words
        counts = rows.empty? ? ", none of which fits" : ": #{rows.map(&:count).join(", ")}"
        "#{rows.empty? ? "rows" : Units::Text.count(rows.size, "row")} of #{kind.words} across#{counts}"
      end

      def making
        between = fields[:wraps].zero? ? "go straight on to" :
          "take both ends #{Units::Text.times(fields[:wraps])} round their side of the frame before"
        counts = (rows.size == 1) ? rows.first.count.to_s : Units::Text.list(rows.map { |row| row.count.to_s }, "then")
        "lead its two ends through the beads of each row in opposite directions, side to side: #{counts} " \
          "#{kind.words}, the first row #{Units::Text.length(rows.first.along)} from where the section begins" \
          "#{"; #{between} the next row" if rows.size > 1}"
      end

      def through = [d, d]

      # From row to row: as far as a bead is wide, or as the wraps between are.
      def pitch_mm = [kind.across_mm, (fields[:wraps] + 1) * d].max

      # Both ends through every row, and on each side its wraps and what lies beyond them up to the next.
      def own_mm
        across = rows.sum { |row| 2 * site.edges(row.along).then { |near, far| far - near } }
        between = [rows.size - 1, 0].max * site.base.values_at(0, -1).sum do |wire|
          (fields[:wraps] * helix_mm(wire.mm)) + [pitch_mm - (fields[:wraps] * d), 0.0].max
        end
        across + between
      end

      def wraps = 2 * fields[:wraps] * [rows.size - 1, 0].max
      def over = short(asked.sum)

      # How wide the frame would have to stand for the longest row.
      def needs
        (over.positive? && asked.any?) ?
          "a row of #{asked.max} needs #{Units::Text.length(asked.max * kind.along_mm)} between the wires" : nil
      end

      # What the fullest row leaves in its gap.
      def left_mm = rows.map { |row| held_mm(row.along) - (row.count * kind.along_mm) }.min

      # Across through every row, and between two rows its wraps round both wires of the frame.
      def wire_uses
        across = rows.map { |row| [site.edges(row.along).map { |edge| [row.along, edge] }, 1] }
        across + rows.each_cons(2).flat_map { |one, other| wraps_between((one.along + other.along) / 2) }
      end

      # Of the fullest row.
      def gap_mm = rows.map { |row| held_mm(row.along) }.max

      # How much longer the far wire is than the near one from the first row to the last.
      def tilt_mm
        rows.each_cons(2).sum do |one, other|
          (other.along - one.along) * site.turned * site.edges((one.along + other.along) / 2).then do |near, far|
            near - far
          end
        end
      end

      # Bare frame between two rows.
      def bare_mm = pitch_mm - ((fields[:wraps] + 1) * d)

      private

      # Each a wire on from the last, as they are seen from the front, half a wire aslant.
      def wraps_between(middle)
        Array.new(fields[:wraps]) { |i| middle + ((i - ((fields[:wraps] - 1) / 2.0)) * d) }.flat_map do |along|
          site.edges(along).zip([site.base.first, site.base.last]).map do |edge, wire|
            half = (wire.mm + d) / 2
            [[[along - (d / 4), edge - half], [along + (d / 4), edge + half]], 1]
          end
        end
      end

      def asked = fields[:counts]

      def rows
        return filled if asked.empty?

        places = asked.each_index.map { |i| fields[:from].mm + (kind.across_mm / 2) + (i * pitch_mm) }
        places.zip(asked).take_while { |along, _| along + (kind.across_mm / 2) <= site.length_mm }
          .map { |along, wanted| Row.new(along, [wanted, most(along)].min) }.reject { |row| row.count.zero? }
      end

      # As many as each row holds, from where one first does to where none does any more.
      def filled
        along, found = fields[:from].mm + (kind.across_mm / 2), []
        while along + (kind.across_mm / 2) <= site.length_mm
          held = most(along)
          found << Row.new(along, held) if held.positive?
          break if held.zero? && found.any?

          along += held.zero? ? STEP_MM : pitch_mm
        end
        found
      end

      def most(along) = [((held_mm(along) + SQUEEZE_MM) / kind.along_mm).floor, 0].max

      # How wide a row may be there: as the gap is, and less where the frame's wires come together within a bead's
      # width, so that the outermost beads (ellipses from the front) touch them and no more. Below 0 where not even one
      # lies between them.
      def held_mm(along)
        long, high = kind.along_mm, kind.across_mm / 2
        OUTLINE.map { |cos, sin| site.clear_mm(along + (high * sin)) + (long * (1 - cos)) }.min
      end

      def lay
        rows.flat_map do |row|
          held = held_mm(row.along)
          Array.new(row.count) { |i| lie([row.along, (held * (i + 0.5) / row.count) - (held / 2)], [0.0, 1.0]) }
        end
      end
    end
  end
end
