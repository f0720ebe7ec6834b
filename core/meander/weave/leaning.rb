# frozen_string_literal: true

module Meander
  module Weave
    # Base wires that lie aslant, as where a gap opens or closes: their cross-section is drawn out to an ellipse there,
    # and what lies round them must be further apart along the strip to be as far apart along them. All in mm.
    class Leaning
      # Drawn out no further than this.
      MOST = 2.0
      # Gap and slope are looked up so far apart along the weave, in mm, and read off between.
      STEP_MM = 0.05

      # sizes: of the base wires and the weaving wire.
      def initialize(profile, sizes)
        @profile = profile
        @base_mm = sizes[:base_mm]
        @rho = @base_mm.map { |mm| (mm + sizes[:wire_mm]) / 2 }
        @middle = (@base_mm.size - 1) / 2.0
        @from = profile.places.min - 1.0
        @clears, @slopes = looked_up(profile.places.max + 1.0)
        @still = Frame.new(**sizes, clear_mm: Array.new(@base_mm.size - 1, 0.0)).centres
        freeze
      end

      # How wide a gap is at a place along the weave, and how much wider it gets there, in mm to a mm: [clear gap,
      # slope].
      def at(along)
        at = (along - @from) / STEP_MM
        return [@clears[0], @slopes[0]] if at <= 0
        return [@clears[-1], @slopes[-1]] if at >= @clears.size - 1

        low = at.floor
        share, clear, slope = at - low, @clears[low], @slopes[low]
        [clear + ((@clears[low + 1] - clear) * share), slope + ((@slopes[low + 1] - slope) * share)]
      end

      # How much further apart stretches must lie where it gets wider so.
      def apart(slope) = [Math.hypot(1.0, slope * @middle), MOST].min

      # Where a place across lies once the base wire beside it is seen aslant; less so towards the middle of a gap.
      def across(x, clear, slope)
        return x if slope.abs < 1e-6

        wire, centre = nearest(x, clear)
        off = x - centre
        beyond = ((off.abs - @rho[wire]) / [((@base_mm[wire] + clear) / 2) - @rho[wire], 1e-9].max).clamp(0.0, 1.0)
        drawn = [Math.hypot(1.0, slope * (wire - @middle)), MOST].min - 1
        x + (drawn * off.clamp(-@rho[wire], @rho[wire]) * (1 - beyond))
      end

      private

      def looked_up(to)
        places = (0..((to - @from) / STEP_MM).ceil).map { |i| @from + (i * STEP_MM) }
        [places.map { |at| @profile.clear_mm(at) }.freeze, places.map { |at| @profile.slope(at) }.freeze]
      end

      # The base wire nearest to a place across, and where its middle lies: [wire, mm].
      def nearest(x, clear)
        best, at, far, wire = 0, 0.0, Float::INFINITY, 0
        while wire < @still.size
          centre = @still[wire] + ((wire - @middle) * clear)
          off = (x - centre).abs
          best, at, far = wire, centre, off if off < far
          wire += 1
        end
        [best, at]
      end
    end
  end
end
