# frozen_string_literal: true

module Meander
  module Output
    # The figures of a braid on its own, as plain values and as lines of text. Lengths in mm, of exactly the length that
    # was asked for; strand_mm: what each strand runs in it, path only; wire_mm: what all wires take with their slack.
    module BraidFigures
      # braid: Crafts::Braiding::BraidOptions.
      def self.call(braid)
        course = braid.course
        share = braid.length_mm / course.length_mm
        runs = (0...braid.strands.size).map { |one| course.strand_mm(one) * course.more(one) * share }
        {strand_mm: runs, take_up: runs.sum / runs.size / braid.length_mm, wire_mm: wire(braid, runs),
          slack: braid.slack, stitches: braid.stitches,
          crossings: braid.stitches * braid.scheme.crossings.size, scheme: braid.scheme.to_s,
          **sizes(braid), pitch_mm: braid.advance_mm, curve_radius_mm: radius(braid), beads: beads(braid),
          assumed: braid.assumed?}
      end

      # A wire that the braids to choose from are tried in.
      TRIED = Document::Shape::Record.new(
        {wire: Document::Shape::Size.new("wire of the strands", accept: 0.1..6.0, plausible: 0.2..1.6)}
      )

      # Every braid to choose from, with its figures in a wire.
      # @param json [Hash] { "wire" => a size as a document has it }
      # @raise [InvalidInput]
      def self.collection(json)
        mm = Document::Reading.whole(TRIED, json)[:wire].mm
        Braid::Samples::ALL.map { |sample| tried(sample, mm) }
      end

      def self.tried(sample, wire_mm)
        braid = Crafts::Braiding::BraidOptions.read(Braid::Samples.options(sample, wire_mm))
        figures = call(braid)
        crossings = braid.scheme.crossings.map { |one| {gap: one.gap, over: one.over} }
        own = figures.slice(:width_mm, :thickness_mm, :pitch_mm, :take_up, :assumed)
        {**sample.to_h, crossings:, flat: sample.crossings.nil?, lay_mm: sample.lay && (sample.lay * wire_mm),
          figures: {wire_per_cm_mm: figures[:wire_mm] * 10 / Braid::Samples::LENGTH_MM,
            moves_per_cm: crossings.size * 10 / figures[:pitch_mm], **own}}
      end

      def self.words(figures)
        mm = ->(value) { Units::Text.number(value, 2) }
        runs = figures[:strand_mm].map(&mm).uniq
        ["#{Units::Text.count(figures[:stitches], "stitch", "stitches")}, " \
         "#{Units::Text.count(figures[:crossings], "crossing")}: " \
         "#{(runs.size == 1) ? "each strand" : "strands"} #{runs.join(", ")} mm (path, no ends), " \
         "#{Units::Text.number(figures[:take_up], 3)} mm a mm",
          "a stitch #{mm[figures[:pitch_mm]]} mm, width #{mm[figures[:width_mm]]} mm, " \
          "thickness #{mm[figures[:thickness_mm]]} mm",
          *("beads by strand: #{figures[:beads].join(", ")}" if figures[:beads].any?),
          *("it curves on a radius of #{mm[figures[:curve_radius_mm]]} mm" if figures[:curve_radius_mm]),
          *("its wire is assumed: measure a swatch" if figures[:assumed])]
      end

      def self.wire(braid, runs) = runs.sum * braid.strands.first.size * braid.strands.first.take_up * (1 + braid.slack)

      def self.sizes(braid)
        wide, thick = braid.course.reach.map { |low, high| high - low }
        bead = braid.beading ? braid.beading.b : 0.0
        across = braid.strands.first.across_mm
        wide += braid.beading&.edge? ? [(across + bead) / 2, across].max : across
        {width_mm: [wide, bead].max, thickness_mm: [thick + braid.thick_mm, bead].max}
      end

      def self.radius(braid)
        braid.bead_figure.respond_to?(:radius_mm) ? braid.bead_figure.radius_mm : nil
      end

      # How many each strand carries.
      def self.beads(braid)
        return [] unless braid.beading

        counts = Crafts::Braiding::BeadPlaces.call(braid.course, [braid.beading]).map(&:strand).tally
        (0...braid.strands.size).map { |one| counts.fetch(one, 0) }
      end
      private_class_method :tried, :wire, :sizes, :radius, :beads
    end
  end
end
