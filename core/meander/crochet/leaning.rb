# frozen_string_literal: true

module Meander
  module Crochet
    # How stitches lean whose feet do not stand straight below their heads. Wires of neighbours lie in each other's
    # loops, so what lies between two feet is moved by as much as its place between them says, whichever stitch it
    # belongs to, and is pushed through nothing. Stitches that are worked into one place are moved past each other
    # there. All in mm, as cells lie, see Cells.
    class Leaning
      # A foot is drawn aside from this share of a stitch's height down to that one.
      ASIDE = (0.12..0.8)
      # So far to either side, in bundles of wires, a foot keeps its form.
      FIRM = 0.7
      # What is within so many bundles of the lowest place is the foot.
      FOOT = 1.5
      # Between two feet of one stitch the wire turns at this share of its height.
      TURN = 0.5
      # How a way leans: how far the foot before it stands aside of its own head, how far its own does, and the next.
      Lean = Struct.new(:before, :own, :after)

      def initialize(cells)
        @cells = cells
        @step, @bundle = cells.gauge.stitch_mm, cells.gauge.bundle_mm
        @feet, @follows, @lines = {}, {}, {}
      end

      # The way through a stitch, [[x, y, z], ...]; stand: Cloth::Stand.
      def line(stand)
        whole = @cells.stitch(stand.stitch.kind)
        return whole if stand.offs.nil? || stand.offs.empty?

        @lines[[stand.stitch.kind, *stand.to_a.drop(1)]] ||= leant(whole, stand.stitch.kind, stand).freeze
      end

      # Where a foot stands along the row, from the place of its stitch.
      def foot(kind)
        @feet[kind] ||= begin
          line = @cells.stitch(kind)
          low = line.map { |_, y, _| y }.min + (FOOT * @bundle)
          line.select { |_, y, _| y < low }.map(&:first).minmax.sum / 2
        end
      end

      private

      def leant(whole, kind, stand)
        return legs(whole, kind, stand.offs, stand) if stand.offs.size > 1

        beside(led(whole, 0.., kind, alone(stand.offs.first, stand.before, stand.after)), kind, *stand.among)
      end

      # A stitch over several places goes down to each of them.
      def legs(whole, kind, offs, stand)
        low, down, up = turns(whole, @cells.height_mm(kind))
        offs.each_index.flat_map do |i|
          to, from = downwards(offs, i, stand.before), upwards(offs, i, stand.after)
          leg = led(whole, (i.zero? ? 0 : down)..low, kind, to)
          leg = leg.map { |x, y, z| [x + @step, y, z] } unless i.zero?
          leg + led(whole, (low + 1)..((i == offs.size - 1) ? -1 : up), kind, from)
        end
      end

      # Moved past those that are worked into its place.
      def beside(line, kind, number, all)
        return line unless all > 1 && Stitches::TALL.include?(kind)

        line.zip(@cells.beside(kind, number, all)).map { |point, by| point.zip(by).map(&:sum) }
      end

      def alone(off, before, after) = Lean.new(before || off, off, after || off)

      # Down to a foot that is not the first the wire comes from the foot before, as from a stitch before.
      def downwards(offs, number, before)
        return Lean.new(before || offs[0], offs[0], offs[0]) if number.zero?

        own = offs[number] - @step
        Lean.new(offs[number - 1], own, own)
      end

      # Up from one that is not the last it goes on to the next, as to a stitch that follows.
      def upwards(offs, number, after)
        own, following = offs.values_at(number, number + 1)
        Lean.new(own, own, following ? following - @step : after || own)
      end

      # Where the foot is lowest, and where a way turns that goes down to it, or comes up from it: numbers of points.
      def turns(whole, height)
        low = whole.each_index.min_by { |i| whole[i][1] }
        [low, whole.index { |_, y, _| y < -TURN * height }, whole.rindex { |_, y, _| y < -TURN * height }]
      end

      # Those points of a way that are meant, where they lean to.
      def led(whole, meant, kind, lean)
        points = whole[meant]
        return points if lean.all? { |off| off.abs < 1e-9 }

        foot = foot(kind)
        points.zip(follows(kind)[meant]).map { |(x, y, z), share| [x + (share * between(x - foot, lean)), y, z] }
      end

      # How far what is so far from the foot leans: as that does, or the next to either side, or between them.
      def between(x, lean)
        firm = FIRM * @bundle
        other = x.negative? ? lean.before : lean.after
        share = ((x.abs - firm) / [@step - (2 * firm), firm].max).clamp(0.0, 1.0)
        lean.own + ((other - lean.own) * share)
      end

      # How strongly each point of a stitch follows its foot: what lies low does, what lies high does not.
      def follows(kind)
        @follows[kind] ||= @cells.stitch(kind).map do |_, y, _|
          share = ((-y / @cells.height_mm(kind)) - ASIDE.min) / (ASIDE.max - ASIDE.min)
          share = share.clamp(0.0, 1.0)
          share * share * (3 - (2 * share))
        end
      end
    end
  end
end
