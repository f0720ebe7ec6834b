# frozen_string_literal: true

module Meander
  module Output
    # The marks of a template: a dot on every wire that is marked, a line through those that are marked alike beside
    # each other, led to a number that stands clear of all others, and a legend that says of every number what happens
    # there and how far from the first end of each wire that is. All in mm.
    class TemplateMarks
      # Marks alike and no further apart than this are one line.
      TOGETHER_MM = 6.0
      # The disc of a number; how far it is led out, by steps as far as it has to be to stand clear.
      DISC_MM, OUT_MM, STEP_MM, STEPS = 1.5, 3.5, 0.75, 60
      # More lines than these are told by the cut list alone: they have dots and no numbers.
      MOST = 150
      # What stands in a square of so many mm is looked for in it and in those round it.
      SQUARE_MM = 3.4
      AROUND = [-1, 0, 1].product([-1, 0, 1]).freeze
      # The legend: its letters, its rows and its columns, and how many letters a row holds.
      FONT_MM, ROW_MM, COLUMN_MM, LETTERS = 2.2, 3.2, 52.0, 42

      # No length is parted from its unit, see Units::Said.
      BETWEEN_WORDS = /(?<!#{Units::Said::JOINER}) /

      # marks: of several wires, in a row to the one that is led to its number; words: what happens there; lengths: how
      # far from the first ends, as text; at: where its number stands.
      Line = Struct.new(:points, :words, :lengths, :at, keyword_init: true)

      # The lines in the order of their numbers, along the piece.
      attr_reader :lines

      # Places are as the front has them, so that both faces have the same numbers.
      #
      # marks: Planner::WireRun::Mark values; flip: -1 where the piece is seen mirrored; extent: of the piece,
      # [[x, x], [y, y]].
      def initialize(marks, flip:, extent:)
        @middle = extent.map { |low, high| (low + high) / 2 }
        @flip = flip
        told = marks.map { |mark| [mark, mark.place.first(2)] }
        @dots = told.map(&:last).freeze
        @taken = Hash.new { |squares, square| squares[square] = [] }
        @dots.each { |dot| take(dot, DISC_MM + 0.6) }
        wide, high = extent.map { |low, top| top - low }
        @lines = led_out(told).sort_by { |one| (high > wide) ? one.at.reverse : one.at }.freeze
        freeze
      end

      # What the numbers cover as they are seen, [[x, x], [y, y]]; nil where there is none.
      def extent
        return if lines.empty?

        lines.map { |one| seen(one.at) }.transpose.map { |places| [places.min - DISC_MM, places.max + DISC_MM] }
      end

      # How high the legend is on a page so wide, with what its last row has below the line.
      def legend_mm(wide_mm)
        rows = (legend_rows.size / columns(wide_mm).to_f).ceil
        rows.zero? ? 0.0 : (ROW_MM * rows) + (FONT_MM / 2)
      end

      def svg
        dots = @dots.map { |dot| circle(dot, 0.45) }
        ways = lines.map do |one|
          %(<path d="M#{[*one.points, one.at].map { |place| seen(place).map { |mm| n(mm) }.join(" ") }.join("L")}"/>)
        end
        discs = lines.map { |one| circle(one.at, DISC_MM) }
        words = lines.each_with_index.map { |one, i| seen(one.at).then { |x, y| text(x, y + (FONT_MM * 0.36), i + 1) } }
        %(<g class="marks"><g fill="none" stroke="#111" stroke-width="0.15">#{ways.join}</g>) +
          %(<g class="dots" fill="#111">#{dots.join}</g><g fill="#fff" stroke="#111" stroke-width="0.15">) +
          %(#{discs.join}</g><g #{font} text-anchor="middle">#{words.join}</g></g>)
      end

      # The legend with its upper left corner at a place, on a page so wide.
      def legend(left, top, wide_mm)
        high = [(legend_rows.size / columns(wide_mm).to_f).ceil, 1].max
        words = legend_rows.each_with_index.map do |words, i|
          column, row = i.divmod(high)
          text(left + (column * COLUMN_MM), top + ((row + 1) * ROW_MM), words)
        end
        %(<g class="legend" #{font}>#{words.join}</g>)
      end

      private

      def n(number) = Units::Text.number(number, 3)
      def seen((across, along)) = [@flip * across, along]
      def circle(place, mm) = seen(place).then { |x, y| %(<circle cx="#{n(x)}" cy="#{n(y)}" r="#{mm}"/>) }
      def font = %(font-family="sans-serif" font-size="#{FONT_MM}" fill="#111")
      def text(x, y, words) = %(<text x="#{n(x)}" y="#{n(y)}">#{SvgText.call(words.to_s)}</text>)
      def columns(wide_mm) = [(wide_mm / COLUMN_MM).floor, 1].max
      def far(one, other) = Math.hypot(one[0] - other[0], one[1] - other[1])

      # What each number is, long ones in several rows.
      def legend_rows
        lines.each_with_index.flat_map do |line, i|
          wrapped("#{i + 1} #{line.words}: #{line.lengths}".split(BETWEEN_WORDS))
        end
      end

      def wrapped(words)
        words.each_with_object([]) do |word, rows|
          fits = rows.any? && rows.last.size + word.size < LETTERS
          rows << (fits ? "#{rows.pop} #{word}" : word)
        end
      end

      # marks: [[Mark, place], ...].
      def led_out(marks)
        found = marks.group_by { |mark, _| mark.words }.values.flat_map { |alike| clusters(alike) }
        (found.size > MOST) ? [] : found.map { |some| lead_out(line(some)) }
      end

      # Marks that lie near one of their own, each with all that lie near it.
      def clusters(marks)
        marks.each_with_object([]) do |one, found|
          near, others = found.partition { |some| some.any? { |other| far(other.last, one.last) <= TOGETHER_MM } }
          found.replace([*others, [*near.flatten(1), one]])
        end
      end

      # In a row to the one that lies furthest from the middle of the piece.
      def line(marks)
        from = marks.max_by { |_, place| [far(place, @middle), place] }.last
        row = marks.sort_by { |_, place| [-far(place, from), place] }
        lengths = row.map { |mark, _| Units::Text.length(mark.at_mm) }.uniq
        Line.new(points: row.map(&:last), words: row.first.first.words, lengths: Units::Text.list(lengths))
      end

      # On from the other marks of its line, or away from the middle of the piece where it has none.
      def lead_out(line)
        first, from = line.points.values_at(0, -1)
        x, y = [0, 1].map { |axis| from[axis] - ((far(first, from) > 1e-6) ? first : @middle)[axis] }
        long = Math.hypot(x, y)
        x, y, long = 0.0, -1.0, 1.0 if long < 1e-6
        (0..STEPS).each do |step|
          by = (OUT_MM + (step * STEP_MM)) / long
          line.at = [from[0] + (x * by), from[1] + (y * by)]
          break if clear?(line.at)
        end
        take(line.at, (2 * DISC_MM) + 0.2)
        line.freeze
      end

      # Keeps other numbers so far off a place.
      def take(place, least_mm) = @taken[square(place)] << [place, least_mm]
      def square(place) = place.map { |mm| (mm / SQUARE_MM).floor }

      def clear?(place)
        across, along = square(place)
        AROUND.all? do |right, up|
          @taken.fetch([across + right, along + up], []).all? { |other, least| far(other, place) >= least }
        end
      end
    end
  end
end
