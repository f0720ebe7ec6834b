# frozen_string_literal: true

module Meander
  module Knot
    # Knots laid one after the other, each as soon as all its cords have come so far: where each stands, which cords are
    # in it, and so the way of every cord. Places are counted from the left as the work hangs, from 0; x is across, to
    # the right, y along the work from where it begins; mm.
    class Course
      # One knot as it is tied. row: its row in the pattern and number: its number, both from 0 on; from: its first
      # place; cords: which cords are in it, from the left, and after: as they leave it; x, y: its middle, and where it
      # begins; fall: how far each next hitch of a diagonal lies below the one before; twist: how many half knots of the
      # same hand came before it, of crown knots see Crown.turns; bead: its Bead, if it has one; turns:
      # of a wrap.
      Placed = Struct.new(:number, :kind, :hand, :row, :from, :cords, :after, :x, :y, :size, :fall, :twist, :bead,
        :turns)
      # A cord in a knot: in which of its places; enters, leaves: [x, y]; mm: what it takes there, and gap_mm: straight
      # from where it came.
      Pass = Struct.new(:knot, :place, :enters, :leaves, :mm, :gap_mm)
      # A bead in a knot: of which placement; on: fillers, left or right; how long and how wide it is.
      Bead = Struct.new(:placement, :on, :along_mm, :wide_mm) do
        def around? = on == "fillers"
      end

      attr_reader :spacing_mm, :placed, :passes, :reach

      # Where the cord at a place of so many hangs by itself.
      def self.home(place, count, spacing_mm) = (place - ((count - 1) / 2.0)) * spacing_mm

      # cords: how thick each is, from the left; rows: as Notation reads them, gap in mm; gauge: Gauge; spacing_mm: from
      # cord to cord, at least what the knots need; starts: where each cord begins, [x, y], nil for side by side; beads:
      # answers at(number), the Bead of so manieth knot that can have one, or nil; girth: answers apart(from, to), the
      # way from one x to another, where the last cord hangs beside the first, nil where it does not: knots may then
      # reach over that join, their x beyond the last cord.
      def initialize(cords, rows, gauge, spacing_mm:, starts: nil, beads: nil, girth: nil)
        @cords = cords
        @rows = rows
        @gauge = gauge
        @spacing_mm = spacing_mm
        @beads = beads
        @girth = girth
        @at = cords.each_index.to_a
        @where = starts || cords.each_index.map { |place| [home(place), 0.0] }
        @y = @where.map(&:last)
        @passes = cords.map { [] }
        @last = [nil] * cords.size
        @placed, @reach, @carried, @twist = [], [], 0, {}
        @alike = cords.uniq.one?
        @sizes, @ways = {}.compare_by_identity, {}.compare_by_identity
      end

      # Lays the pattern so many times, further than before where it was laid less far.
      # @return [Course] itself
      def lay(count)
        count = count.clamp(0, MOST)
        repeat while reach.size < count
        self
      end

      # More knots are not laid.
      MOST = 12_000

      # Where the cord at a place hangs by itself.
      def home(place) = Course.home(place, @cords.size, spacing_mm)

      # How far down all cords are after so many repeats; how many knots there are then.
      def length_mm(count) = reach.fetch(count - 1)[:mm]
      def knots(count) = reach.fetch(count - 1)[:knots]

      # Which cord hangs at which place then, from the left.
      def order(count) = reach.fetch(count - 1)[:order]

      # The passes of a cord in so many repeats.
      def passes_of(cord, count)
        own, knots = passes[cord], knots(count)
        own.first(own.bsearch_index { |one| one.knot.number >= knots } || own.size)
      end

      private

      def repeat
        @settled ? copy : settle
        reach << {mm: reached_mm, knots: placed.size, order: @at.dup.freeze}.freeze
      end

      # Without beads or turns, which tell repeats from each other, one that left all as it was is had again.
      def settle
        from, down, marks, before = placed.size, reached_mm, passes.map(&:size), state
        @rows.each_with_index { |row, i| row[:times].times { lay_row(row, i) } }
        @down_mm = @y.max
        return if @beads || placed.last.nil? || placed[from..].any? { |knot| TURNING.include?(knot.kind) }
        return unless before == state

        own = passes.zip(marks).map { |all, mark| all.drop(mark) }
        @settled, @copies = Settled.new(placed.drop(from), own, @down_mm - down), 0
      end

      def copy
        knots, own = @settled.again(@copies += 1)
        placed.concat(knots)
        passes.zip(own) { |all, more| all.concat(more) }
        @down_mm += @settled.down_mm
      end

      def state = Settled.state(@at, @where, @last, placed.size, reached_mm)
      def reached_mm = @down_mm || @y.max

      def lay_row(row, number)
        place = 0
        row[:knots].each do |one|
          one[:times].times { |i| knot(one, place, number, i.zero? ? row[:gap] : 0.0) } unless one[:kind] == "pass"
          place += one[:cords]
        end
      end

      def knot(one, from, row, gap)
        many, kind, hand = one.values_at(:cords, :kind, :hand)
        from %= @at.size
        cords = @at[from, many]
        cords += @at.first(many - cords.size) if cords.size < many
        size = size(one, cords)
        fall = (kind == "diagonal") ? spacing_mm : 0.0
        lead = (kind == "vertical") ? slant(hand, from, cords) : lead(kind, from, cords)
        begins = begins(cords, hand, fall, size) + gap + lead
        placed << Placed.new(placed.size, kind, hand, row, from, cords, nil, middle(from, many), begins, size, fall,
          twist(kind, hand, from, many, cords), bead(kind), one[:turns])
        pass(placed.last)
      end

      # Of cords all alike it is that of the same knot before.
      def size(one, cords)
        return @sizes[one] if @alike && @sizes.key?(one)

        @sizes[one] = @gauge.size(one[:kind], cords.map { |cord| @cords[cord] }, turns: one[:turns],
          apart_mm: spacing_mm, hand: one[:hand])
      end

      def middle(from, many) = (home(from) + home(from + many - 1)) / 2

      # Loops of square, half and crown knots reach a little over their knot: one in other cords than before keeps clear
      # of that, in cords.
      LEAD = 1.1

      def lead(kind, from, cords)
        before = cords.map { |cord| @last[cord] }
        looped = before.compact.any? { |knot| Kinds::LOOPED.include?(knot.kind) }
        return 0.0 unless looped || Kinds::LOOPED.include?(kind)
        return 0.0 if looped && Kinds::LOOPED.include?(kind) && same?(before, from, cords)

        LEAD * cords.map { |cord| @cords[cord] }.max
      end

      # Cords that hang beside the places they come from slant over to there first, by so much of the way across.
      SLANT = 0.5

      def slant(hand, from, cords)
        places = (from...(from + cords.size)).map { |place| home(place) }
        hung = (hand == "right") ? cords.drop(1) : cords[0..-2]
        hung.zip(places.each_cons(2)).map { |cord, beside| apart(@where[cord][0], beside.sum / 2).abs }.max * SLANT
      end

      # Were all of them in one knot, at the same places?
      def same?(before, from, cords)
        first = before.first
        before.all? { |knot| knot.equal?(first) } && first.from == from && first.cords.size == cords.size
      end

      # A diagonal begins where every hitch is below what its cord has done before.
      def begins(cords, hand, fall, size)
        return cords.map { |cord| @y[cord] }.max if fall.zero?

        holder, *others = (hand == "right") ? cords : cords.reverse
        [@y[holder] + [(fall - size.advance_mm) / 2, 0].max,
          *others.each_with_index.map { |cord, i| @y[cord] - (i * fall) }].max
      end

      # Half knots of one hand turn on, and crown knots.
      def twist(kind, hand, from, many, cords)
        key = [from, many]
        return @twist.delete(key) && 0 unless TURNING.include?(kind)

        before = @twist[key]
        before = nil unless before && before[:kind] == kind && before[:cords].sort == cords.sort
        count = (kind == "crown") ? Crown.turns(hand, before&.values_at(:hand, :count)) : turned(hand, before)
        @twist[key] = {kind:, hand:, cords:, count:}
        count
      end

      TURNING = %w[half crown].freeze
      def turned(hand, before) = (before && before[:hand] == hand) ? before[:count] + 1 : 0

      def bead(kind)
        return unless @beads && Kinds::AROUND.include?(kind)

        @beads.at(@carried).tap { @carried += 1 }
      end

      # Every cord goes through it and leaves at its place.
      def pass(knot)
        ways, after = ways(knot)
        x, y, cords = knot.x, knot.y, knot.cords
        knot.after = cords.values_at(*after)
        ways.each_with_index do |way, i|
          cord = cords[i]
          (in_x, in_y), (out_x, out_y), (was_x, was_y) = way.enters, way.leaves, @where[cord]
          in_x, in_y = x + in_x, y + in_y
          leaves = [x + out_x, y + out_y]
          @passes[cord] << Pass.new(knot, i, [in_x, in_y], leaves, way.mm, Math.hypot(apart(was_x, in_x), in_y - was_y))
          @where[cord], @last[cord], @y[cord] = leaves, knot, leaves[1]
        end
        put(knot)
      end

      # Its cords at their places, over the join too.
      def put(knot)
        over = knot.from + knot.cords.size - @at.size
        return @at[knot.from, knot.cords.size] = knot.after unless over.positive?

        @at[knot.from..] = knot.after[0...-over]
        @at[0, over] = knot.after.last(over)
      end

      # From one x to another.
      def apart(from, to) = @girth ? @girth.apart(from, to) : to - from

      # Of knots alike they are the same: those ways, and which of its places each of its cords came from as they leave.
      def ways(knot)
        own = @ways[knot.size] ||= {}
        own[knot.bead] ||= begin
          ways = Ways.of(knot, spacing_mm, @cords)
          [ways, ways.map(&:to).each_with_index.sort.map(&:last)].freeze
        end
      end
    end
  end
end
