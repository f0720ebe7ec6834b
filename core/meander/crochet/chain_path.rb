# frozen_string_literal: true

module Meander
  module Crochet
    # The way of the wire through a chain, as the hook forms it: a loop through the head of the last one and the bump
    # behind. x across, y along, z towards the maker; lengths in mm.
    module ChainPath
      # Points of a chain: [share of r, share of r] across; [of p, of e] along; share of q in height. Joined by
      # Catmull-Rom.
      POINTS = [[-0.32, 0.0, 0.0, -1.1], [-0.42, 0.0, 0.95, 1.0], [-1.0, 0.62, 0.0, 0.5], [-0.8, 1.0, 0.25, -0.3],
        [0.0, 1.0, 1.0, -0.5], [0.8, 1.0, 0.25, -0.3], [1.0, 0.62, 0.0, 0.5], [0.42, 0.0, 0.95, 1.0],
        [0.32, 0.0, 0.0, -1.1], [0.1, 0.5, 0.0, -2.4]].freeze
      # Pieces between two points, where it is drawn and where it is measured.
      DRAWN, MEASURED = 5, 24

      # hook: how wide the loop is held; wire: of the bundle; advance: from one chain to the next.
      def self.knots(hook, wire, advance)
        r = (hook + wire) / 2
        e = (r / 2) + wire
        POINTS.map { |x, p, rise, z| [x * r, (p * advance) + (rise * e), z * wire] }
      end

      # From where a chain begins to where the next one does.
      def self.points(hook, wire, advance, pieces = DRAWN)
        knots = knots(hook, wire, advance)
        beyond = ->(i) {
          turn, at = i.divmod(knots.size)
          x, y, z = knots[at]
          [x, y + (turn * advance), z]
        }
        line = knots.each_index.flat_map do |i|
          around = (-1..2).map { |step| beyond[i + step] }
          (0...pieces).map { |j| Curved.between(around, j / pieces.to_f) }
        end
        line << beyond[knots.size]
      end

      # What a chain takes, drawn as the hook forms it.
      def self.length_mm(hook, wire, advance)
        Form::Trace.smooth_mm(points(hook, wire, advance, MEASURED))
      end
    end
  end
end
