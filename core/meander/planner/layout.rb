# frozen_string_literal: true

module Meander
  module Planner
    # What a piece's wires, weave and endings come to before anything is counted: repeats, rise, thickness, reach.
    class Layout
      # seats: Beads::Seats of the beads threaded while it is woven.
      attr_reader :piece, :calibration, :laid, :endings, :sides, :cover, :seats

      def initialize(piece, calibration)
        @piece = piece
        @calibration = calibration
        @laid = Crafts.fetch(piece.section[:craft]).lay(piece, calibration)
        @sides = piece.from_middle? ? 2 : 1
        @cover = Weave::Cover.new(pattern)
        @seats = piece.beads(piece.section[:id]).select { |placed| placed[:rule] == "woven" }.map { |placed| Beads::Seats.new(self, placed, piece.bead(placed[:bead])) }.freeze
        @endings = {"start" => ending("start"), "end" => ending("end")}.freeze
        freeze
      end

      def frame = laid.frame
      def pattern = laid.repeat

      # The woven section with so many repeats; the first half of it where the work goes outwards from the middle.
      def strip(repeats) = laid.strip(repeats / sides)

      # The same in one, or both halves, each as it is woven from the middle.
      def halves(repeats) = (sides == 1) ? [strip(repeats)] : [strip(repeats), laid.second(repeats / sides)]

      # How many passes so many repeats take, with all that is woven before and after them.
      def passes(repeats) = halves(repeats).sum(&:pass_count)

      # Which half a pass belongs to, by its number in the order of work, and which number it has there.
      def half_of(pass, repeats)
        first = strip(repeats).pass_count
        (sides == 1 || pass < first) ? [0, pass] : [1, pass - first]
      end

      # How many passes of a half come before its first whole repeat is over, counted as if none were left out of the second half.
      def skipped(half) = half.zero? ? 0 : laid.shared(2).passes

      # Outside to outside of the woven band where it is widest.
      def width_mm = laid.widest.x_range(laid.visited).then { |low, high| high - low }

      # So many repeats or the nearest that can be made: from the middle outwards they come in pairs.
      def makeable(repeats) = [(repeats / sides.to_f).round, 1].max * sides

      def woven_mm(repeats) = (laid.woven_mm(repeats / sides) * sides) - shared_mm(repeats)

      # What both halves share of the strip in its middle.
      def shared_mm(repeats) = (sides == 2) ? laid.shared(repeats / sides).mm : 0.0

      # The number of repeats, up to so many, that comes nearest to a woven length. Where base wires are joined at the end of it no more than
      # fits is woven: beyond it nothing passes between them.
      def nearest(length_mm, most)
        most = [most / sides, laid.most_repeats].min
        reaching = [laid.reaching((length_mm + shared_mm(2 * sides)) / sides), most].min
        counts = [reaching - 1, reaching].select(&:positive?)
        fitting = shut? ? counts.select { |count| woven_mm(count * sides) <= length_mm + (frame.wire_mm / 2) } : counts
        (fitting.first ? fitting : counts.first(1)).min_by { |count| (woven_mm(count * sides) - length_mm).abs } * sides
      end

      # What a base wire runs under a woven length: more than that where it bends outwards. Reckoned from millimetre to millimetre.
      def run_mm(wire, woven_mm)
        return woven_mm if laid.straight?

        ys = [*(0..woven_mm.floor).map(&:to_f), woven_mm]
        ys.map { |y| [y, x_at(wire, y, woven_mm)] }.each_cons(2).sum { |(y, x), (to_y, to_x)| Math.hypot(to_y - y, to_x - x) }
      end

      # Where a base wire lies across the strip, at a place along it.
      def x_at(wire, along, woven_mm)
        from_start = (sides == 1) ? along : (along - (woven_mm / 2)).abs
        laid.centres_at(from_start)[wire]
      end

      # What both endings, and all that hangs on them, add to the wearing length, in mm.
      def reach_mm = endings.values.sum(&:reach_mm) + piece.findings.sum(&:reach_mm)

      private

      def shut? = laid.profile&.joined?
      def lap = Wearing.new(piece, thickness_mm: frame.thickness_mm, width_mm:).then { |wearing| {lift_mm: wearing.lift_mm, slide_mm: wearing.slide_mm} }

      # The weave begins at its start, or in the middle and then both ends are as its end is.
      def ending(side)
        at = (side == "start" && sides == 1) ? laid.frame : laid.end_frame
        Endings::Registry.build(piece.ending(side), wires: piece.base_wires, centres: at.centres, weaving_mm: frame.wire_mm, lap:)
      end
    end
  end
end
