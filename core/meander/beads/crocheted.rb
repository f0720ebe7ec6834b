# frozen_string_literal: true

module Meander
  module Beads
    # Beads crocheted in: strung before the work, each slid up to the hook before the stitch that carries it.
    class Crocheted < Rule
      SENTENCE = Sentence.new("crocheted in", [FILL],
        {pick: {kind: "every", every: [2], first: 0}, count: 0}, thread: false)

      def words = "#{kind.words} crocheted in, #{Crocheted.picked(fields[:pick])}"

      # Which stitches carry one, in words.
      def self.picked(pick)
        case pick[:kind]
        when "share" then "one in #{Units::Text.percent(pick[:share])} of the stitches, by chance"
        when "chart" then "by chart"
        else
          every = pick[:every]
          return (every.first == 1) ? "in every stitch" : "in every #{every.first} stitches" if every.uniq.one?

          "every so many stitches (#{Units::Text.list(every)} in turn)"
        end
      end

      # Other stitches keep them apart, or their fabric is as full as it is asked to be.
      def apart? = false
      def through = site.held
      def over = short(fields[:count])

      def needs
        over.positive? ? "#{wanted} of them need more stitches" : nil
      end

      # Its beads as they are strung on which wires: { wires in words => [[order of work, kind], ...] }.
      def strung = site.crocheted.beads_of(id).map { |spot, *| [wires(spot), spot.stitch] }

      private

      # Which wires a bead is strung on, in words; empty where that is all of them.
      def wires(spot)
        section = site.crocheted.section
        return "" unless section[:turns]

        "wire #{(([spot.row - 1, 0].max / section[:turns]) % site.base.size) + 1}"
      end

      def lay = site.crocheted.beads_of(id).map { |_, at, face, dir| lie(at, dir, face:) }
    end
  end
end
