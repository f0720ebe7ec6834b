# frozen_string_literal: true

module Meander
  module Knot
    # How every cord goes through a knot: at which place it comes out, where it enters and leaves, from the middle line
    # of the knot and where that begins, and what it takes.
    module Ways
      Way = Struct.new(:to, :enters, :leaves, :mm)

      # knot: Course::Placed; spacing_mm: from cord to cord beside it; thick: how thick all cords are.
      # @return [Array<Way>] of its places, from the left
      def self.of(knot, spacing_mm, thick)
        return hitched(knot, spacing_mm, thick) if Kinds::HITCHED.include?(knot.kind)
        return exchange(knot, spacing_mm) if knot.kind == "exchange"
        return gathered(knot) unless Kinds::AROUND.include?(knot.kind)

        around(knot, thick)
      end

      # How far the working cords stand off the middle, at the side of what they are tied round.
      def self.side_mm(hull, cord_mm) = (hull.width_mm / 2) + (1.5 * cord_mm)

      # A working cord past a bead: tangent, arc and tangent round a circle through the middle of the cord, from where
      # it stands so far off the middle. Straight on where the bead does not reach so far.
      def self.past_mm(bead, wide, cord_mm, off)
        radius = (wide + cord_mm) / 2
        far = Math.hypot(off, bead / 2)
        return bead if off >= radius
        return (2 * radius * Math.atan2(bead / 2, off)) + (2 * (radius - far)) if far <= radius

        turn = Math.atan2(bead / 2, off) - Math.acos(radius / far)
        (2 * turn * radius) + (2 * Math.sqrt((far**2) - (radius**2)))
      end

      # Where it came in, after a half knot on the other side; fillers straight on.
      def self.around(knot, thick)
        cords = knot.cords.map { |cord| thick[cord] }
        hull, cord = Hull.new(cords.size - 2, cords[1..-2].sum / (cords.size - 2)), (cords.first + cords.last) / 2
        off, last = side_mm(hull, cord), cords.size - 1
        across = [-off, *hull.places.map(&:first), off]
        to = (knot.kind == "half") ? [last, *(1...last), 0] : (0..last).to_a
        far = knot.size.advance_mm + longer_mm(knot)
        (0..last).map do |i|
          Way.new(to[i], [across[i], 0.0], [across[to[i]], far],
            knot.size.cords[i] + more(knot, i, last, cord, off))
        end
      end

      # What its bead makes a knot longer: all of it on the fillers; at a side what is longer than the knot.
      def self.longer_mm(knot)
        bead = knot.bead or return 0.0
        bead.around? ? bead.along_mm : [bead.along_mm - knot.size.advance_mm, 0.0].max
      end

      # What its bead takes of the cord in a place.
      def self.more(knot, place, last, cord, off)
        bead = knot.bead or return 0.0
        outer = place.zero? || place == last
        return outer ? past_mm(bead.along_mm, bead.wide_mm, cord, off) : bead.along_mm if bead.around?

        longer = longer_mm(knot)
        return longer unless place == ((bead.on == "left") ? 0 : last)

        [bead.along_mm + cord - knot.size.advance_mm, longer].max
      end

      # The holder goes over to the other side; every other cord comes out a place farther back, and hangs straight down
      # between the place it comes from and the one it goes to.
      def self.hitched(knot, spacing_mm, thick)
        last = knot.cords.size - 1
        holder = (knot.hand == "right") ? 0 : last
        home = (0..last).map { |i| (i - (last / 2.0)) * spacing_mm }
        (0..last).map do |i|
          step = (knot.hand == "right") ? i - 1 : last - 1 - i
          next holds(knot, holder, last, home, thick[knot.cords[holder]]) if i == holder

          to = (knot.hand == "right") ? i - 1 : i + 1
          x, down = (home[i] + home[to]) / 2, step * knot.fall
          Way.new(to, [x, down], [x, down + knot.size.advance_mm], knot.size.cords[i])
        end
      end

      # It comes in and goes out clear of the last hitches.
      def self.holds(knot, holder, last, home, thick)
        middle, out = knot.size.advance_mm / 2, [CLEAR * thick, (spacing(home) - thick) / 2].min
        from, to = [holder, last - holder].map { |i| home[i] + ((i.zero? ? -1 : 1) * out) }
        Way.new(last - holder, [from, middle - (knot.fall / 2)], [to, middle + ((last - 0.5) * knot.fall)],
          knot.size.cords[holder] + (2 * out))
      end

      # How far a holder stands off its last place, in cords.
      CLEAR = 0.9
      def self.spacing(home) = (home[1] - home[0]).abs

      def self.gathered(knot)
        thick = knot.size.width_mm / 3 / [knot.cords.size, 1].max
        knot.cords.each_index.map do |i|
          x = (i - ((knot.cords.size - 1) / 2.0)) * thick
          Way.new(i, [x, 0.0], [x, knot.size.advance_mm], knot.size.cords[i])
        end
      end

      def self.exchange(knot, spacing_mm)
        home = (0..3).map { |i| (i - 1.5) * spacing_mm }
        [1, 0, 3, 2].each_with_index.map do |to, i|
          Way.new(to, [home[i], 0.0], [home[to], knot.size.advance_mm], knot.size.cords[i])
        end
      end
      private_class_method :around, :more, :hitched, :holds, :spacing, :gathered, :exchange
    end
  end
end
