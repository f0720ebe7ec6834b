# frozen_string_literal: true

module Meander
  module Endings
    # Led to a loop elsewhere in the piece and through it: turned towards it in a bend, then straight; from the back it
    # goes under the near side of the loop, up through its hole and over its far side, from the front the other way
    # about, and so far past it. Where it comes back over its own section, or goes on over what the loop belongs to, it
    # lies clear of that.
    #
    # The bend and the straight are the shortest way of a given least radius r from a place and a heading to another
    # place: the straight touches the circle, so that it is sqrt(D^2 - r^2) long where the place is D from the circle's
    # centre (Pythagoras).
    class Led < Freed
      SENTENCE =
        Sentence.new("a pass through a loop",
          [Sentence.choice("from", "From which side it passes", {"back" => "the back", "front" => "the front"},
            ", from"),
            Sentence.size("inside", "Inside of the bend", ", in a bend", "inside,", 0.5),
            Sentence.size("past", "Length past the loop", "", "past it")],
          {from: "back", inside: Sentence.mm(4), past: Sentence.mm(6)}, wires: "one", leads: true)

      # The widest bend, inside, in which a wire that leaves at x across reaches the near side of a loop; nil where none
      # does.
      def self.widest_mm(hole, wire_mm, x)
        aside, near = (hole.at[0] - x).abs, hole.rim + ((hole.wire + wire_mm) / 2)
        free = (aside**2) + (hole.at[1]**2) - (near**2)
        return unless free.positive?

        (aside < Tolerance::PACKING_MM) ? Float::INFINITY : (free / aside) - wire_mm
      end

      def words
        "led through #{hole.called} from the #{@fields[:from]}, #{Units::Text.length(past_mm)} past it"
      end

      def making(_names, all)
        "lead #{all} to #{hole.called}, in a bend #{Units::Text.length(inside_mm)} inside, pass it through from the " \
          "#{@fields[:from]}, draw it up and cut it #{Units::Text.length(past_mm)} past the loop, its tip rounded"
      end

      # Where its wire leaves, across its section.
      def leaves_at = @seats.first.x

      private

      # Nil before it is known where that stands.
      def hole = @fields[:hole]
      def past_mm = @fields[:past].mm
      def reach(_seat) = 0.0
      def chain(*pieces) = Curve::Chain.new(pieces)

      def parts(seat, _index, _seats)
        return [] unless hole

        bend, away = turned(seat)
        [*to_hole(seat, bend, away), *through(seat, away)]
      end

      # Bent towards the hole, and from where it is straight to the middle of that.
      def turned(seat)
        x, y, = hole.at
        side = (x < seat.x) ? -1.0 : 1.0
        centre, r = [seat.x + (side * radius(seat)), 0.0], radius(seat)
        far = Math.hypot(x - centre[0], y)
        leaves = Math.atan2(y, x - centre[0]) + (side * Math.acos([r / far, 1.0].min))
        sweep = (side.positive? ? Math::PI - leaves : leaves) % (2 * Math::PI)
        sweep = 0.0 if (2 * Math::PI) - sweep < Tolerance::PACKING_MM
        arc = Curve::Arc.new(centre, r, side.positive? ? Math::PI : 0.0, -side * sweep)
        [arc, Curve::Line.new(arc.point(1.0), [x, y])]
      end

      # Up to where it lies under the near side of the loop, level some way before that.
      def to_hole(seat, bend, away)
        line = Curve::Line.new(away.from, away.point(1 - ((hole.rim + touching(seat)) / away.length)))
        low = hole.at[2] - (enters * touching(seat))
        return [Curve::Ramp.new(chain(line), from: 0.0, to: low)] if bend.length < Tolerance::PACKING_MM
        return [Curve::Ramp.new(chain(bend, line), from: 0.0, to: low)] unless hole.at[1].negative?

        clear = -enters * (@fields[:band].outside_mm + (seat.mm / 2))
        [Curve::Ramp.new(chain(bend), from: 0.0, to: clear), Curve::Ramp.new(chain(line), from: clear, to: low)]
      end

      # From before the near side, under it, up between both and over the far one, drawn taut: an open course round two
      # round rods, crossed between them. Then on, up to where it lies clear, and past the loop.
      def through(seat, away)
        heading = [0, 1].map { |axis| (away.to[axis] - away.from[axis]) / away.length }
        places = [[-hole.rim - touching(seat), -1], [-hole.radius, -1], *over(seat, heading)]
        [*upright(seat, places.first(2), heading), crossed(seat, heading), *upright(seat, places.drop(2), heading)]
      end

      # Straight from place to place: [[mm from the middle of the hole, height in those at which it touches], ...].
      def upright(seat, places, heading)
        lines = places.map { |on, high| [on, level(seat, high)] }.uniq.each_cons(2).map { |one| Curve::Line.new(*one) }
        lines.empty? ? [] : [Curve::Upright.new(chain(*lines), hole.at, heading)]
      end

      def level(seat, high) = hole.at[2] + (enters * high * touching(seat))

      # Round both sides of the hole: they turn it by the angle whose sine is the height at which it touches, by the
      # radius of the loop.
      def crossed(seat, heading)
        high = touching(seat)
        turn = Math.asin([high / hole.radius, 1.0].min)
        near = Curve::Arc.new([-hole.radius, hole.at[2]], high, -enters * Math::PI / 2, enters * turn)
        far = Curve::Arc.new([hole.radius, hole.at[2]], high, enters * ((Math::PI / 2) + turn), -enters * turn)
        between = Curve::Line.new(near.point(1.0), far.point(0.0))
        Curve::Upright.new(chain(near, between, far), hole.at, heading)
      end

      # Past the far side; where it comes to lie over what the loop belongs to it rises clear of that.
      def over(seat, heading)
        ends = hole.rim + (hole.wire / 2) + past_mm
        clear = ((seat.mm + hole.thick) / 2) / touching(seat)
        onto = heading.zip(hole.before).sum { |a, b| a * b }.positive? && clear > 1
        return [[hole.radius, 1], [ends, 1]] unless onto

        risen = hole.rim + ((clear - 1) * touching(seat))
        [[hole.radius, 1], [hole.rim, 1], [[risen, ends].min, clear], [ends, clear]]
      end

      # 1 where it comes out at the front.
      def enters = (@fields[:from] == "back") ? 1 : -1
      def touching(seat) = (seat.mm + hole.wire) / 2
    end
  end
end
