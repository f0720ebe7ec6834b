# frozen_string_literal: true

module Meander
  module Advice
    # Beads that would have to lie in each other, in the finished piece. Those of one placement on a weaving wire are
    # by BeadFit.
    module BeadsOverlap
      # A bead is an ellipse from the front; what they may be pressed together, in mm (our choice, no source).
      SQUEEZE_MM = 0.1
      # More are counted no further.
      MOST = 2000
      # A square and those round it.
      ROUND = [-1, 0, 1].product([-1, 0, 1]).freeze
      # A bead as it lies: place and direction of its hole in the finished piece; half as long as along it, half as
      # wide.
      Body = Struct.new(:rule, :number, :x, :y, :dx, :dy, :long, :wide, :face) do
        # How far it reaches towards another place.
        def reach(to_x, to_y)
          far = [Math.hypot(to_x - x, to_y - y), 1e-9].max
          along, across = (((to_x - x) * dx) + ((to_y - y) * dy)) / far, (((to_y - y) * dx) - ((to_x - x) * dy)) / far
          long * wide / Math.hypot(wide * along, long * across)
        end

        # Does something else keep them apart, as their section is made?
        def kept?(other)
          !rule.apart? && !other.rule.apart? && rule.fields[:section] == other.rule.fields[:section]
        end

        def in?(other)
          return false if face * other.face == -1 || kept?(other)
          return false if rule.equal?(other.rule) && number == other.number

          Math.hypot(other.x - x, other.y - y) < reach(other.x, other.y) + other.reach(x, y) - SQUEEZE_MM
        end
      end

      def self.call(plan)
        bodies = plan.bead_places.lying.first(MOST).map do |rule, number, one, place, onward|
          body(rule, number, one, place, onward)
        end
        pairs = pairs(bodies)
        return if pairs.empty?

        rules = pairs.flatten.map { |one| one.rule }.uniq
        place = plan.piece.document[:beads].index { |fields| fields[:id] == rules.first.id }
        named = Units::Text.list(rules.map { |rule| rule.kind.name }.uniq)
        AdviceItem.new(id: "beads-overlap", severity: "warn", place: "/beads/#{place}",
          title: "#{Units::Text.count(pairs.size, "pair")} of beads would lie in each other",
          why: "#{Units::Text.sentence(named)}: there is no room for both where they are placed.",
          remedy: "Fewer or smaller beads, another side, or places further apart.", figures: {pairs: pairs.size})
      end

      def self.body(rule, number, one, (x, y), (to_x, to_y))
        far = [Math.hypot(to_x - x, to_y - y), 1e-12].max
        long = one.end_on ? one.kind.across_mm : one.kind.along_mm
        Body.new(rule, number, x, y, (to_x - x) / far, (to_y - y) / far, long / 2, one.kind.across_mm / 2, one.face)
      end

      # Looked for in squares as wide as the largest bead, so that only neighbours are compared.
      def self.pairs(bodies)
        wide = bodies.map { |one| 2 * [one.long, one.wide].max }.max or return []
        squares = bodies.each_with_index.group_by { |one, _| [(one.x / wide).floor, (one.y / wide).floor] }
        squares.flat_map do |(column, row), here|
          near = ROUND.flat_map { |right, up| squares.fetch([column + right, row + up], []) }
          here.product(near).select { |(one, i), (other, j)| i < j && one.in?(other) }.map do |(one, _), (other, _)|
            [one, other]
          end
        end
      end
      private_class_method :body, :pairs
    end
  end
end
