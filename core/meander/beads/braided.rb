# frozen_string_literal: true

module Meander
  module Beads
    # Beads braided in: on the strand that comes to the middle, on the one that turns at an edge, or all along one
    # strand.
    class Braided < Rule
      SENTENCE =
        Sentence.new("braided in", [
          Sentence.choice("on", "Where the beads lie",
            {"middle" => "the middle strand", "strand" => "one strand, all along it", "near" => "the near edge",
              "far" => "the far edge"}, "on"),
          Sentence.count("first", "Stitches before the first bead", ", after", "stitches"),
          Sentence.count("last", "Stitches left after the last bead", ", the last", "stitches plain,"), FILL
        ], {on: "middle", first: 1, last: 1, every: [1], count: 0}, thread: false)

      ON = {"middle" => "braided into the middle", "strand" => "strung all along one strand",
        "near" => "braided on the near edge", "far" => "braided on the far edge"}.freeze

      # How often there is one, in words: "every stitch", "every so many stitches (4, 4 and 2 in turn)".
      def self.often(fields)
        return "all along" if fields[:on] == "strand"

        every = fields[:every]
        return (every.first == 1) ? "every stitch" : "every #{every.first} stitches" if every.uniq.one?

        "every so many stitches (#{Units::Text.list(every)} in turn)"
      end

      def words
        often = ", #{Braided.often(fields)}" unless fields[:on] == "strand"
        "#{kind.words} #{ON.fetch(fields[:on])}#{often}"
      end

      # One after another on their strand, which bends between them.
      def apart? = fields[:on] != "strand"

      # All wires of the strand with most of them.
      def through
        carrying = site.braided.strands.values_at(*beads.map(&:strand).uniq)
        strand = carrying.max_by { |one| [one.size, one.wire_mm] }
        strand ? strand.numbers.map { |number| site.base[number].mm } : [d]
      end

      # How many each strand carries: { strand, from 0 => count }.
      def shares = beads.map(&:strand).tally.sort.to_h

      def over = short(fields[:count])

      def needs
        over.positive? ? "#{wanted} of them need a longer braid" : nil
      end

      def pitch_mm
        return if lying.size < 2

        lying.map { |one| one.at[0] }.each_cons(2).map { |a, b| b - a }.min
      end

      private

      def beads = site.braided.beads_of(id)
      def lay = beads.map { |one| lie(one.at, one.heading) }
    end
  end
end
