# frozen_string_literal: true

module Meander
  module Beads
    # Beads on the weaving wire while it is woven: on every so manieth wrap, or repeat, before the base wires or behind
    # them, or beside the outermost one.
    class Woven < Rule
      SENTENCE =
        Sentence.new("on the weaving wire as it is woven", [Sentence.count("every", "Every how many", "one on every"),
          Sentence.choice("of", "Counted by", {"repeat" => "repeats", "wrap" => "wraps"}),
          Sentence.count("first", "The first", "beginning with number", ","),
          Sentence.choice("on", "Where it lies",
            {"front" => "in front", "back" => "at the back", "near" => "beside the near wire",
              "far" => "beside the far wire"})],
          {of: "repeat", every: 2, first: 1, on: "front"}, thread: false)

      WHERE = {"front" => "in front", "back" => "at the back", "near" => "beside the near wire",
        "far" => "beside the far wire"}.freeze

      def words
        which = (lying.size == 1) ? "the #{ordinal(fields[:first])}" :
          "every #{ordinal(fields[:every]) if fields[:every] > 1}"
        "#{kind.words} on #{which}#{fields[:of]}, #{WHERE.fetch(fields[:on])}"
      end

      # How near they come is told by what is between them, see Advice::BeadFit.
      def apart? = false

      # How many places there are to thread one on: wraps, or repeats.
      def places = seats.all.size * site.strip.repeats

      # Of two wires that take turns one leads through each bead.
      def through = site.strip.section.in_turn? ? [d] : site.strip.section.strands.map(&:mm)

      def extra_mm
        layout.sides.times.sum { |half| seats.extra_mm(site.strip.repeats / layout.sides, half) } * through.size
      end

      # From one to the next along the strip.
      def pitch_mm
        return if lying.size < 2

        lying.map { |one| one.at[0] }.sort.each_cons(2).map { |a, b| b - a }.min
      end

      private

      def ordinal(number)
        last = (11..13).cover?(number % 100) ? 0 : number % 10
        "#{number}#{{1 => "st", 2 => "nd", 3 => "rd"}.fetch(last, "th")} "
      end

      def layout = site.strip.layout
      def seats = layout.seats.find { |one| one.fields[:id] == id }

      # Read off the drawn strip, half by half.
      def lay
        middle = (layout.frame.centres.first + layout.frame.centres.last) / 2
        numbers = layout.sides.times.flat_map { |side| in_half(side) }
        strokes = Picture::DrawStrip.call(site.strip, turn_rad: Math::PI / 4).strokes_at(numbers)
        numbers.map do |number|
          seats.edge? ? beside(strokes.fetch(number), middle, number) : upon(strokes.fetch(number), middle, number)
        end
      end

      # The passes that carry one.
      def in_half(side)
        repeats = site.strip.repeats
        from = (side * layout.strip(repeats).pass_count) + layout.weave.passes_before - layout.skipped(side)
        seats.seats(repeats / layout.sides, side).map do |round, pass|
          from + (round * layout.pattern.passes.size) + pass
        end
      end

      def upon(stroke, middle, pass)
        low, high = stroke.points.minmax_by(&:first)
        lie([site.from_mm + ((low[1] + high[1]) / 2), ((low[0] + high[0]) / 2) - middle],
          [high[1] - low[1], high[0] - low[0]], face: stroke.face, pass:)
      end

      def beside(stroke, middle, pass)
        side, wire = seats.near? ? [-1, 0] : [1, -1]
        centre = site.opening ? site.edges(site.from_mm + stroke.points.last[1])[wire] :
          layout.frame.centres[wire] - middle
        lie([site.from_mm + stroke.points.last[1], centre + (side * (site.base[wire].mm + kind.across_mm) / 2)],
          [1.0, 0.0], end_on: true, pass:)
      end
    end
  end
end
