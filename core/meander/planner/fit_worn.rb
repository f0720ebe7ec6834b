# frozen_string_literal: true

module Meander
  module Planner
    # Finds the section of a piece that is as long as what the piece is worn on asks for. Where the wrist is pinned
    # beside its repeats, its woven length or its wire, its bare ends take up the difference first, where they give,
    # then the ease. All in mm.
    class FitWorn
      # Lengths that do not follow evenly from repeats settle within so many rounds.
      ROUNDS = 8

      # one: as its craft lays it; wearing: Wearing; reach: Reach; extents: of all other sections; conflict: takes keys
      # of Pins that contradict each other and the reason.
      def initialize(piece, one, pins, wearing, reach, extents, conflict)
        @piece = piece
        @one = one
        @pins = pins
        @wearing = wearing
        @reach = reach
        @extents = extents
        @conflict = conflict
      end

      # The nearest whole number of repeats with which the piece reaches so far. What a bend makes of a length shows
      # once it is bent; one that turns back on itself may never reach so far, which is a conflict.
      def nearest
        wanted = wanted_mm
        repeats, tried = @one.nearest(wanted - (2 * @one.bare_mm) - @reach.ends_mm), {}
        ROUNDS.times do
          return repeats if tried.key?(repeats)

          tried[repeats] = reached(repeats) - wanted
          repeats = @one.nearest(@one.woven_mm(repeats) - tried[repeats])
        end
        unreached(*tried.min)
      end

      # With so many repeats: what of Fit tells how it is worn, and how much of each end is bare.
      # @return [Array(Hash, Float)]
      def call(repeats)
        told, bare_mm = @pins.wrist_mm ? to_wrist(repeats) : [wrist_found(repeats), @one.bare_mm]
        [{strip_mm: reached(repeats, bare_mm), free: @one.id, woven_mm: @one.woven_mm(repeats), **told}, bare_mm]
      end

      # So many reach so far, in words.
      def self.reaching(one, repeats, mm)
        "#{one.counted(repeats)} #{(repeats == 1) ? "reaches" : "reach"} #{Units::Text.length(mm)}"
      end

      # Half of what the next longer strip differs by.
      def self.half_step_mm(one, repeats)
        ((one.woven_mm(repeats + one.sides) - one.woven_mm(repeats)) / 2) + Tolerance::PACKING_MM
      end

      private

      def reached(repeats, bare_mm = @one.bare_mm) = @reach.call({**@extents, @one.id => [repeats, bare_mm]})
      def wanted_mm = @wearing.strip_mm(@pins.wrist_mm, @piece.ease_mm)
      def gives? = @one.section[:bare][:gives]

      def unreached(repeats, off)
        reason = "#{FitWorn.reaching(@one, repeats, wanted_mm + off)}, " \
                 "#{Units::Text.length(wanted_mm)} is asked for, and more of them bend back"
        @conflict.call([["wrist", nil]], reason)
        repeats
      end

      def to_wrist(repeats)
        wanted = wanted_mm
        off = reached(repeats) - wanted
        bare, ease,
          floats = (off.abs <= free_play(repeats)) ? [@one.bare_mm, @piece.ease_mm + off, []] : float(repeats, wanted)
        [{wrist_mm: @pins.wrist_mm, ease_mm: ease, wanted_mm: wanted, off_mm: off, floats:}, bare]
      end

      # With the wrist alone pinned the nearest repeat is taken as it comes; another pin, and a ring, ask for the exact
      # length.
      def free_play(repeats)
        (@pins.quantities == ["wrist"] && !@piece.ring?) ? FitWorn.half_step_mm(@one, repeats) : 0.0
      end

      def float(repeats, wanted)
        bare = gives? ? bare_for(repeats, wanted) : -1.0
        return [bare, @piece.ease_mm, ["bare"]] unless bare.negative?

        bare = gives? ? 0.0 : @one.bare_mm
        ease = @piece.ease_mm + reached(repeats, bare) - wanted
        ease_conflict(ease) unless @wearing.ease_range.cover?(ease)
        [bare, ease, gives? ? %w[bare ease] : %w[ease]]
      end

      # How much stays bare at each end where the piece is to reach so far; below nothing where the weave alone reaches
      # further.
      def bare_for(repeats, wanted)
        bare = (wanted - reached(repeats, 0.0)) / 2
        return bare if bare.negative?

        ROUNDS.times do
          off = wanted - reached(repeats, bare)
          break if off.abs < Tolerance::PACKING_MM

          bare = [bare + (off / 2), 0.0].max
        end
        bare
      end

      def ease_conflict(ease)
        most = Units::Text.length(@wearing.ease_range.max)
        limit = @piece.ring? ? "within #{most} it is the same size" : "up to #{most} can be worn"
        @conflict.call(@pins.keys,
          "#{"with no bare ends left " if gives?}the ease would be #{Units::Text.length(ease)}; #{limit}")
      end

      def wrist_found(repeats)
        strip = reached(repeats)
        wrist = @wearing.wrist_mm(strip, @piece.ease_mm)
        if wrist < Wearing::SMALLEST_WRIST_MM
          @conflict.call(@pins.keys, "a strip of #{Units::Text.length(strip)} goes round no #{@piece.worn_on}")
          wrist = nil
        end
        {wrist_mm: wrist, ease_mm: @piece.ease_mm, wanted_mm: strip, off_mm: 0.0, floats: []}
      end
    end
  end
end
