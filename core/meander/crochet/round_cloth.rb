# frozen_string_literal: true

module Meander
  module Crochet
    # Rounds about an axis: a tube, whose axis runs along y, or a motif that grows from its middle, flat or cupped, with
    # its face to the maker. Each round stands where its stitches have room: as far from the axis as its number asks
    # for, as high over the one below as a stitch is. mm.
    class RoundCloth < Cloth
      # radius: of its heads; deep: how far along the axis; straight: of each of the two straights of an oval; from: how
      # far along the round its first place stands; step: from one to the next.
      Round = Struct.new(:count, :radius, :deep, :straight, :from, :step) do
        # Once round.
        def around = (2 * straight) + (2 * Math::PI * radius)
        def u(place) = from + (place * step)
      end

      # So many stitches show how a round stands over the one below.
      FEW = 200
      # Rounds whose stitches, so many of their widths to either side, lie no further from each other are drawn alike.
      REACH, ALIKE_MM = 1.0, 0.02

      attr_reader :rounds

      # tube: whether its axis runs along the section; ring: Rounds::Ring, what its first round is worked into where
      # that is there already. What is worked inwards is turned over, so that its face is to the maker all the same.
      def initialize(fabric, cells, first_row = nil, tube: false, ring: nil)
        super(fabric, cells, first_row)
        @tube = tube
        @ring = ring
        @over = ring&.inwards ? -1 : 1
        @lying, @alike = {}, {}
        @rounds = lay.freeze
      end

      def height_mm = @tube ? -rounds.last.deep : nil

      # The widest round, to its loops' middle line; within a ring of wire, to the strands of its feet outside it.
      def radius_mm = [*rounds.map(&:radius), *@ring&.reach_mm(@gauge.bundle_mm)].max

      # How far it cups: along its axis, from its first round to its last.
      def deep_mm = rounds.map(&:deep).minmax.then { |low, high| high - low }

      # [[x, x], [y, y]] of what it covers.
      def reach
        out = radius_mm + (@tube ? @cells.gauge.thickness_mm / 2 : @gauge.bundle_mm / 2)
        return [[-out, out], [0.0, height_mm]] if @tube

        straight = rounds.last.straight / 2
        [[-out, out], [-out - straight, out + straight]]
      end

      # How much more a round is than has room on it, as a share: above 0 it ruffles; below 0 never.
      def ruffle
        rounds.drop(1).map { |one| (one.count * @gauge.stitch_mm / one.around) - 1 }.max || 0.0
      end

      def courses = [[[0.0, 0.0], @tube ? [0.0, height_mm] : [radius_mm, 0.0]]]

      def spot(number, place)
        one, below = rounds[number], rounds[[number - 1, 0].max]
        tall = number.zero? ? 0.0 : tall_mm(number)
        x, y, z = at(one, below, tall, one.u(place), -tall / 2, @tube ? @gauge.thickness_mm / 2 : 0.0)
        ahead = at(one, below, tall, one.u(place) + 0.1, -tall / 2, 0.0)
        behind = at(one, below, tall, one.u(place) - 0.1, -tall / 2, 0.0)
        [[x, y], (@tube && z.negative?) ? -1 : 1, [ahead[0] - behind[0], ahead[1] - behind[1]]]
      end

      def each_cell
        return enum_for(:each_cell) unless block_given?

        number = 0
        fabric.begun.chains.times { |i| yield link(number += 1, i) }
        fabric.rows.each_with_index do |row, i|
          up = fabric.chains_up(i + 1)
          yield seam(i + 1, up, number += up) if up.positive?
          number = worked(row, i + 1, number) { |cell| yield cell }
        end
      end

      private

      def lay
        fabric.rows.each_with_index.each_with_object([beginning]) do |(row, i), all|
          all << round(row, all.last, i + 1)
        end
      end

      # How high a round stands on what it is worked into; the first one from the middle of its ring of wire.
      def tall_mm(number)
        @cells.height_mm(fabric.rows[number - 1].tallest || "single") + ((number == 1 && @ring&.rise_mm) || 0.0)
      end

      def beginning
        begun, s = fabric.begun, @gauge.stitch_mm
        return Round.new(0, @ring.radius_mm, 0.0, 0.0, 0.0, s).freeze if @ring

        straight = (begun.kind == "both") ? (begun.count - 1) * s : 0.0
        count = (begun.kind == "both") ? begun.heads : begun.count
        Round.new(count, ((count * s) - (2 * straight)) / (2 * Math::PI), 0.0, straight, straight.zero? ? 0.0 : s / 2,
          s)
          .freeze
      end

      # It stands no further from the one below than its stitches are high.
      def round(row, below, number)
        tall = tall_mm(number)
        wanted = ((row.heads * @gauge.stitch_mm) - (2 * below.straight)) / (2 * Math::PI)
        radius = [wanted.clamp(below.radius - tall, below.radius + tall), @gauge.stitch_mm / 2].max
        off = radius - below.radius
        deep = below.deep - Math.sqrt([(tall**2) - (off**2), 0.0].max)
        one = Round.new(row.heads, radius, deep, below.straight, 0.0, 0.0)
        one.step = one.around / row.heads
        one.from = below.straight.zero? ? from(row, below, one, number) : one.step / 2
        one.freeze
      end

      # Where a round has to begin so that its stitches stand over what they are worked into, in the middle.
      def from(row, below, one, number)
        return 0.0 if round_whole?(number)

        share = one.radius / below.radius
        offs = row.each_stitch.lazy.select(&:head).first(FEW).filter_map { |stitch|
          next if stitch.feet.empty?

          (stitch.feet.sum { |foot| below.u(foot) } / stitch.feet.size * share) - (stitch.head * one.step)
        }
        return below.from * share if offs.empty?

        (offs.sum / offs.size) + @cells.shift(row.tallest || "single").along
      end

      # The place of a point of a cell: u along the round, y below its head, z out of the cloth.
      def at(one, below, tall, u, y, z)
        off, fall = lean(one, below, tall)
        onto(one, u, one.radius + (off * y) - (fall * z), one.deep + (fall * y) + (off * z))
      end

      # How far a round comes out, and how far it goes along the axis, over its height.
      def lean(one, below, tall)
        return @tube ? [0.0, -1.0] : [1.0, 0.0] if tall.zero?

        [(one.radius - below.radius) / tall, (one.deep - below.deep) / tall]
      end

      def onto(one, u, radius, deep)
        if @tube
          angle = u / one.radius
          return [-radius * Math.sin(angle), -deep, radius * Math.cos(angle)]
        end

        middle, angle = round_about(one, u)
        [radius * Math.cos(angle), middle + (@over * radius * Math.sin(angle)), @over * deep]
      end

      # On the straights of an oval the middle moves, at its ends the angle does.
      def round_about(one, u)
        return [0.0, u / one.radius] if one.straight.zero?

        half = one.straight + (Math::PI * one.radius)
        side, along = (u % (2 * half)).divmod(half)
        sign = side.zero? ? 1 : -1
        base = side.zero? ? 0.0 : Math::PI
        return [sign * (along - (one.straight / 2)), base] if along < one.straight

        [sign * one.straight / 2, base + ((along - one.straight) / one.radius)]
      end

      # The same place of the round below, as a length along this one.
      def above(below, one, u)
        return u * one.radius / below.radius if one.straight.zero?

        half = below.straight + (Math::PI * below.radius)
        side, along = u.divmod(half)
        along = one.straight + ((along - one.straight) * one.radius / below.radius) if along > one.straight
        (side * (one.straight + (Math::PI * one.radius))) + along
      end

      # Chains at the beginning: a ring, or both sides of a row.
      def link(number, place)
        one = rounds.first
        if fabric.begun.kind == "both"
          u = (place - ((fabric.begun.count - 1) / 2.0)) * @gauge.stitch_mm
          return placed([:row], [0.0, u, 0.0], number, "chain", 0) do
            @cells.stitch("chain").map { |x, y, z| [-z, x, -y * 0.5] }
          end
        end

        spun([:chain], 0, one.u(place), number, "chain") do |u|
          bent(one, one, 0.0, u, @cells.link(fabric.rows.first.tallest || "single"))
        end
      end

      # Chains that lead up to a round that was closed, before its beginning.
      def seam(number, count, last)
        one, below = rounds.values_at(number, number - 1)
        tall = tall_mm(number)
        link, s = @cells.stitch("chain"), @gauge.stitch_mm
        out = (@gauge.hook_mm / 2) + (2 * @gauge.bundle_mm)
        out = [out, @first_row.touching_mm - link.map { |point| point[1] }.min].max if @first_row && number == 1
        # The loop of the last one reaches as high as the round.
        whole = ((count - 1) * s) + link.map(&:first).max - link.first[0]
        spun([:seam], number, one.from - (s / 2), last, "chain") do |u|
          (0...count).flat_map do |i|
            link.map do |x, y, z|
              along = -tall + ((x - link.first[0] + (i * s)) * tall / whole)
              at(one, below, tall, u + z, along, out + y)
            end
          end
        end
      end

      def offs(stitch, number)
        return [0.0] if round_whole?(number)

        one, below = rounds.values_at(number, number - 1)
        u, x = one.u(stitch.head), @leaning.foot(stitch.kind)
        stitch.feet.map do |foot|
          held = above(below, one, below.u(foot) + @cells.shift(stitch.kind).along + x)
          off(stitch, near(held - x - u, one), spread(one, below)).round(3)
        end
      end

      # Those of a first round into a ring stand round it, each in a place of its own.
      def among(stitch, number) = round_whole?(number) ? [0, 1] : super

      # Whether a round is worked into its beginning as a whole.
      def round_whole?(number) = number == 1 && fabric.begun.whole?

      # What is so far apart below stands closer together there than above.
      def spread(one, below) = (one.radius / below.radius).clamp(0.5, 2.0)

      def laid(stand, row, place, before, number)
        one, below = rounds.values_at(row, row - 1)
        stitch, offs = stand.stitch, stand.offs || []
        kind, u = stitch.kind, one.u(place)
        before = nil if before == kind
        tall = @cells.height_mm((kind == "picot") ? "chain" : kind)
        spun([kind, offs, *stand.among, stand.before, stand.after, before], row, u, number, kind) do |from|
          line = met((kind == "picot") ? picot : @leaning.line(stand), before)
          bent(one, below, tall_mm(row), from, round_wire(line, stitch, row, tall))
        end
      end

      # Once round is nowhere.
      def near(off, one) = off - (one.around * (off / one.around).round)

      def bent(one, below, tall, u, line)
        share, (off, fall) = one.step / @gauge.stitch_mm, lean(one, below, tall)
        line.map { |x, y, z|
          onto(one, u + (x * share), one.radius + (off * y) - (fall * z), one.deep + (fall * y) + (off * z))
        }
      end

      # Cells that lie alike are drawn once: of a motif wherever they stand about its axis, of a tube above each other.
      def spun(key, row, u, number, kind)
        one = rounds[row]
        return placed([*key, row, u.round(3)], [0.0, 0.0, 0.0], number, kind, row) { yield u } if one.straight.positive?
        return upright(key, one, u, number, kind, row) { |from| yield from } if @tube

        turn = @over * u / one.radius
        at = [one.radius * Math.cos(turn), one.radius * Math.sin(turn), turn]
        placed([*key, lying(row)], at, number, kind, row) { yield(0.0).map { |x, y, z| [x - one.radius, y, z] } }
      end

      def upright(key, one, u, number, kind, row)
        angle = (u / one.radius % (2 * Math::PI)).round(4)
        placed([*key, one.radius.round(4), angle], [0.0, -one.deep, 0.0], number, kind, row) do
          yield(angle * one.radius).map { |x, y, z| [x, y + one.deep, z] }
        end
      end

      # The first round of a motif whose cells lie as those of another: as it is bent, as it leans in and out, its
      # stitches as wide and as deep. The very first, which may be worked round a wire, lies as no other.
      def lying(row)
        return row if row < 2

        @lying[row] ||= begin
          one, below, tall = rounds[row], rounds[row - 1], tall_mm(row)
          sagitta = ((REACH * @gauge.stitch_mm)**2) / (2 * one.radius)
          alike = [(sagitta / ALIKE_MM).round,
            *[tall, one.deep, *lean(one, below, tall), one.step].map { |value| value.round(3) }]
          @alike[alike] ||= row
        end
      end
    end
  end
end
