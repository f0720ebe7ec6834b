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
        runs = (0...braid.strands.size).map { |one| run(braid, one) * share }
        {strand_mm: runs, take_up: runs.sum / runs.size / braid.length_mm, wire_mm: wire(braid, runs), slack: braid.slack,
          stitches: braid.stitches, crossings: braid.stitches * braid.scheme.crossings.size, scheme: braid.scheme.to_s,
          **sizes(braid), pitch_mm: braid.advance_mm, curve_radius_mm: radius(braid), beads: beads(braid),
          assumed: braid.assumed?}
      end

      def self.words(figures)
        mm = ->(value) { Units::Text.number(value, 2) }
        runs = figures[:strand_mm].map(&mm).uniq
        ["#{Units::Text.count(figures[:stitches], "stitch", "stitches")}, #{Units::Text.count(figures[:crossings], "crossing")}: " \
         "#{(runs.size == 1) ? "each strand" : "strands"} #{runs.join(", ")} mm (path, no ends), " \
         "#{Units::Text.number(figures[:take_up], 3)} mm a mm",
          "a stitch #{mm[figures[:pitch_mm]]} mm, width #{mm[figures[:width_mm]]} mm, thickness #{mm[figures[:thickness_mm]]} mm",
          *("beads by strand: #{figures[:beads].join(", ")}" if figures[:beads].any?),
          *("it curves on a radius of #{mm[figures[:curve_radius_mm]]} mm" if figures[:curve_radius_mm]),
          *("its wire is assumed: measure a swatch" if figures[:assumed])]
      end

      def self.run(braid, one)
        course = braid.course
        path = course.strand_mm(one)
        return path * Braid::RelaxedFigure.formed(braid.strands.size, path / course.length_mm) unless braid.known?

        course.taut(one) ? course.taut(one) * course.length_mm : path
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

        counts = Crafts::Braiding::BeadPlaces.call(braid.course, braid.beading).map(&:first).tally
        (0...braid.strands.size).map { |one| counts.fetch(one, 0) }
      end
      private_class_method :run, :wire, :sizes, :radius, :beads
    end
  end
end
