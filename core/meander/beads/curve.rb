# frozen_string_literal: true

module Meander
  module Beads
    # Beads along the inside or the outside of a woven strip or of a frame, bent or not, with a wrap round its outermost
    # wire between neighbours. Their middles lie on the line that runs beside that wire, clear of it and its weave.
    class Curve < Rule
      SENTENCE =
        Sentence.new("along a side of the strip",
          [Sentence.choice("side", "Side they lie on", {"inside" => "inside", "outside" => "outside"}, "on its", ","),
            Sentence.count("wraps", "Wraps between beads", "", "wraps between,"), FILL],
          {side: "inside", wraps: 1, count: 0}, thread: true)

      def words = "#{kind.words} along the #{fields[:side]}, #{Units::Text.count(fields[:wraps], "wrap")} between"

      def making
        "along the #{fields[:side]} lead it through a bead, down to the wire beside it, " \
          "#{Units::Text.count(fields[:wraps], "wrap")} round that, up and through the next: #{lying.size} " \
          "#{kind.words}, evenly spaced"
      end

      # How long the line of their middles is: inside of a radius R_i it runs at R_i - D/2 - d - b/2.
      def line_mm = site.run_mm(line)
      def most = [((line_mm + 1e-9) / kind.along_mm).floor, 0].max
      def over = short(fields[:count])
      def pitch_mm = lying.empty? ? nil : line_mm / lying.size

      def needs
        return unless over.positive? && line_mm.positive?

        longer = site.length_mm * wanted * kind.along_mm / line_mm
        "a strip #{Units::Text.length(longer)} long holds #{wanted}"
      end

      def left_mm = line_mm - (lying.size * kind.along_mm)
      def wraps = lying.empty? ? 0 : fields[:wraps] * (lying.size + 1)

      # Through every bead, down to the wire between two and up again, and its wraps there.
      def own_mm
        return 0.0 if lying.empty?

        dip = Math.hypot((pitch_mm - kind.along_mm) / 2, (kind.across_mm + edge.mm) / 2)
        (lying.size * (kind.along_mm + (2 * dip))) + (wraps * helix_mm(edge.mm))
      end

      # From bead to bead with a dip to the wire between.
      def wire_uses
        return [] if lying.empty?

        marks = (0..(2 * lying.size)).map { |i| i / (2.0 * lying.size) }
        dips, tops = site.beside(side, 0.0), line
        [[marks.each_with_index.map { |share, i| on(i.even? ? dips : tops, share) }, 1]]
      end

      private

      # 1 along the far wire, -1 along the near one.
      def side = ((fields[:side] == "inside") ^ site.turned.negative?) ? 1 : -1
      def edge = (side == 1) ? site.base.last : site.base.first
      def line = site.beside(side, (edge.mm / 2) + site.cover_mm + (kind.across_mm / 2))

      # The place so far along a line on the ground, as a share of its run.
      def on(line, share)
        Form::Trace.places(line, [share * Form::Trace.polyline_mm(line)], Form::Trace.polyline_mm(line)).first.first(2)
      end

      # Shared out evenly along the line as it lies once the section is bent; every hole along it.
      def lay
        wanted = fields[:count].zero? ? most : [fields[:count], most].min
        return [] if wanted.zero?

        run, along = line_mm, line
        steps = along.each_cons(2).map { |pair| site.run_mm(pair) }
        at, past = 0, 0.0
        Array.new(wanted) do |i|
          goal = run * (i + 0.5) / wanted
          (past += steps[at]) && at += 1 while at < steps.size - 1 && past + steps[at] < goal
          from, to = along[at], along[at + 1]
          share = steps[at].positive? ? ((goal - past) / steps[at]).clamp(0.0, 1.0) : 0.0
          lie(from.zip(to).map { |a, b| a + ((b - a) * share) }, [to[0] - from[0], to[1] - from[1]])
        end
      end
    end
  end
end
