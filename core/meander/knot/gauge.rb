# frozen_string_literal: true

module Meander
  module Knot
    # What knots take of the cords they are tied with: their size, and of each cord how much. Lengths in mm.
    #
    # The formulas are fitted to knots relaxed as tubes without friction, drawn tight, so they are limits that hands do
    # not quite reach: what is planned is the mean of both working cords and what the longer one takes more; wire, which
    # does not follow as cord does, takes more again. All of it is assumed until a swatch says it.
    class Gauge
      # Of one knot: advance_mm along the work; width_mm, thick_mm: across and towards the maker; cords: what each place
      # takes, from the left; passing: what each would take if it ran straight past.
      Size = Struct.new(:advance_mm, :width_mm, :thick_mm, :cords)
      # What a maker measured: how far a knot advances, and what one of its working cords took for it.
      Swatch = Struct.new(:advance_mm, :used_mm)

      # Advance in working cords: a square knot, a half knot of a spiral, a hitch along what it is tied round.
      SQUARE, HALF, HITCH = 4.2, 2.1, 2.5
      # The longer of two working cords takes more than their mean: round up to three fillers, round a bundle.
      LONGER, BUNDLE_LONGER = 0.06, 0.16
      # Fillers waver, and a cord that is hitched round bends.
      FILLER, HOLDER = 1.02, 1.06
      # Stiff wire in place of cord (assumed): more of it, and farther apart.
      STIFF_USED, STIFF_APART = 1.075, 1.1
      # An overhand knot in one cord as hands tie it (10.1 drawn tight); in several at once by 1.1 times the root.
      OVERHAND, TOGETHER = 12.0, 1.1
      # How long an overhand knot stands, in bundles; a mount of two legs along its bar, and below its middle line.
      OVERHAND_HIGH, MOUNT_WIDE, MOUNT_DEEP = 3.0, 4.0, 2.4

      # stiff: whether the cords are wire; swatch: Swatch, and of which knot ([kind, diameters]) it is told; nil where
      # nothing was measured.
      def initialize(stiff: false, swatch: nil, of: nil)
        @stiff = stiff
        @told = {}
        @apart, @used = stiff ? [STIFF_APART, STIFF_USED] : [1.0, 1.0]
        measured(swatch, of) if swatch
        @assumed = swatch.nil?
      end

      def assumed? = @assumed

      # @param kind [String] see Kinds
      # @param cords [Array<Float>] how thick each is, from the left
      # @param turns [Integer] of a wrap
      # @param apart_mm [Float] from cord to cord across the work
      # @return [Size]
      def size(kind, cords, turns: 1, apart_mm: nil, hand: "right")
        @told[[kind, cords, turns, apart_mm, hand]] ||= case kind
        when "square" then around(cords, SQUARE, 2)
        when "half" then around(cords, HALF, 1)
        when "bar", "diagonal" then bar(cords, kind, apart_mm, hand)
        when "vertical" then vertical(cords, apart_mm, hand)
        when "overhand" then overhand(cords)
        when "wrap" then wrap(cords, turns)
        when "crown" then crown(cords)
        else exchange(cords, apart_mm)
        end.freeze
      end

      # How high each of four cords that change places comes to lie at its highest, in cords: the middle ones go over.
      CHANGED = [-0.2, 1.0, 1.0, -0.2].freeze

      # A half wave of a sine so high over a straight way, told by as many points as it is drawn by.
      ARCHED = 8
      def self.arched_mm(straight, high)
        ups = (0..ARCHED).map { |n| high * Math.sin(Math::PI * n / ARCHED) }
        ups.each_cons(2).sum { |one, other| Math.hypot(straight / ARCHED, other - one) }
      end

      # What a square knot takes of each working cord in the mean, or of a half knot: half of that.
      # @param hull [Hull] of its fillers
      def self.around_mm(hull, cord_mm, advance_mm, halves)
        ((hull.round_mm + (2.5 * Math::PI * cord_mm)) * halves / 2) + advance_mm
      end

      # A double half hitch: of the cord that ties it, from row to row. row: so high; along: so far to the next.
      def self.hitch_mm(holder_mm, cord_mm, row_mm, along_mm)
        turn = Math.hypot(Math::PI * (holder_mm + cord_mm), cord_mm)
        row_mm + (2 * turn) + (3.1 * cord_mm) + (1.9 * [(3 * cord_mm) - along_mm, 0].max)
      end

      # A cord folded and looped over a bar, both legs from the bar's middle line.
      def self.head_mm(cord_mm, bar_mm) = (9.7 * cord_mm) + (5.27 * bar_mm)

      # How high a row of hitches is.
      def self.row_mm(holder_mm, cord_mm) = holder_mm + (2 * cord_mm)

      # A mount over a bar: how far down both legs are then, and what it takes of each more than that way.
      def mount_mm(cord_mm, bar_mm)
        deep = (bar_mm / 2) + (MOUNT_DEEP * cord_mm)
        [deep, (Gauge.head_mm(cord_mm, bar_mm) / 2 * @used) + deep]
      end

      # What a cord takes that is hitched to a bar so thick, row_mm high, so far from the next one.
      def hitched_mm(cord_mm, bar_mm, row_mm, along_mm) = Gauge.hitch_mm(bar_mm, cord_mm, row_mm, along_mm) * @used

      private

      def mean(values) = values.sum / values.size

      def measured(swatch, of)
        kind, cords = of
        @apart *= swatch.advance_mm / size(kind, cords).advance_mm
        @told = {}
        @used *= swatch.used_mm / size(kind, cords).cords.first
        @told = {}
      end

      # Two outer cords tied round those between them.
      def around(cords, advance, halves)
        cord, hull = (cords.first + cords.last) / 2, Hull.new(cords.size - 2, mean(cords[1..-2]))
        far = advance * cord * @apart
        longer = (hull.count > 3) ? BUNDLE_LONGER : LONGER
        works = Gauge.around_mm(hull, cord, far, halves) * (1 + longer) * @used
        fills = far * FILLER
        Size.new(far, hull.width_mm + (4 * cord), [hull.thick_mm + (2 * cord), 3 * cord].max,
          [works, *([fills] * hull.count), works])
      end

      # The holder lies across, all others are hitched to it one after the other.
      def bar(cords, kind, apart_mm, hand)
        holder = (hand == "right") ? cords.first : cords.last
        knotting = (hand == "right") ? cords.drop(1) : cords[0..-2]
        along = ((kind == "diagonal") ? Math.sqrt(2) : 1.0) * apart_mm
        row = knotting.map { |cord| Gauge.row_mm(holder, cord) }.max
        each = knotting.map { |cord| hitched_mm(cord, holder, row, along) }
        holds = along * knotting.size * HOLDER
        Size.new(row, cords.size * apart_mm, holder + (3 * knotting.max),
          (hand == "right") ? [holds, *each] : [*each, holds])
      end

      # One cord goes across and is hitched round each of the others, which hang straight down.
      def vertical(cords, apart_mm, hand)
        cord = (hand == "right") ? cords.first : cords.last
        held = (hand == "right") ? cords.drop(1) : cords[0..-2]
        far = HITCH * cord * @apart
        works = held.sum { |one| Gauge.hitch_mm(one, cord, apart_mm, far) } * @used
        each = held.map { far * FILLER }
        Size.new(far, cords.size * apart_mm, held.max + (3 * cord), (hand == "right") ? [works, *each] : [*each, works])
      end

      def overhand(cords)
        bundle = mean(cords) * Math.sqrt(cords.size)
        by = OVERHAND * ((cords.size > 1) ? TOGETHER * Math.sqrt(cords.size) : 1.0)
        far = OVERHAND_HIGH * bundle
        Size.new(far, 3 * bundle, 3 * bundle, cords.map { |cord| (by * cord * @used) + far })
      end

      # The first cord is wound round the others, its end led back under the turns.
      def wrap(cords, turns)
        cord, hull = cords.first,
Hull.new([cords.size - 1, 7].min, mean(cords.drop(1)) * Math.sqrt([(cords.size - 1) / 7.0, 1].max))
        far = turns * cord * @apart
        turn = Math.hypot(hull.round_mm + (Math::PI * cord), cord)
        Size.new(far, hull.width_mm + (2 * cord), hull.thick_mm + (2 * cord),
          [(turns * turn * @used) + (2 * far), *cords.drop(1).map { far * FILLER }])
      end

      def crown(cords)
        cord = mean(cords)
        wide = Crown::WIDE.fetch(cords.size) * cord
        Size.new(Crown::ADVANCE * cord * @apart, wide, wide,
          cords.map { Crown::LENGTH * cord * (1 + LONGER) * @used })
      end

      # The middle two come outside, over the others.
      def exchange(cords, apart_mm)
        cord = mean(cords)
        far = 3 * cord * @apart
        straight = Math.hypot(far, apart_mm || (2 * cord))
        Size.new(far, 6 * cord, 2 * cord, cords.each_index.map { |i| Gauge.arched_mm(straight, cord * CHANGED[i]) })
      end
    end
  end
end
