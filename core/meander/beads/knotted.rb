# frozen_string_literal: true

module Meander
  module Beads
    # Beads knotted in: on the cords that knots are tied round, or on a working cord at a side.
    class Knotted < Rule
      ON = {"fillers" => "on the cords they are tied round", "left" => "at the left", "right" => "at the right"}.freeze
      SENTENCE = Sentence.new("knotted in",
        [Sentence.choice("on", "Where the beads lie", ON, ""),
          Sentence.count("first", "Knots before the first bead", ", after", "knots"), FILL],
        {on: "fillers", first: 0, every: [1], count: 0}, thread: false)

      def words
        every = fields[:every]
        often = if every.uniq.one?
          (every.first == 1) ? "with every knot" : "with every #{every.first} knots"
        else
          "with every so many knots (#{Units::Text.list(every)} in turn)"
        end
        "#{kind.words} knotted in #{ON.fetch(fields[:on])}, #{often}"
      end

      # Knots keep them apart.
      def apart? = false

      # All fillers of the knot with most of them; the one cord at a side.
      def through
        cords = beads.map { |knot,| carrying(knot).map { |cord| site.base[cord].mm } }
        cords.max_by { |own| Bundle.needs_mm(own) } || [d]
      end

      def over = short(fields[:count])

      def needs
        over.positive? ? "#{wanted} of them need more knots" : nil
      end

      private

      # The cords of a knot that go through its bead.
      def carrying(knot)
        return knot.cords[1..-2] if knot.bead.around?

        [(knot.bead.on == "left") ? knot.cords.first : knot.cords.last]
      end

      def beads = site.knotted.beads_of(id)
      def lay = beads.map { |_, at, dir, face| lie(at, dir, face:) }
    end
  end
end
