# frozen_string_literal: true

module Meander
  module Beads
    # Where in a weave its beads are threaded, and what weaving wire they take more, before it is known how long the
    # strip is.
    class Seats
      FACES = {"front" => 1, "back" => -1}.freeze

      attr_reader :fields, :kind

      # layout: Planner::Layout; fields: a placement of the rule "woven"; kind: Kind.
      def initialize(layout, fields, kind)
        @layout = layout
        @fields = fields
        @kind = kind
        @all = found.freeze
        freeze
      end

      # The passes of a repeat that can carry one; of a repeat only the first.
      attr_reader :all

      # How many of them so many repeats take.
      def count(repeats)
        total = all.size * repeats
        (total < fields[:first]) ? 0 : ((total - fields[:first]) / fields[:every]) + 1
      end

      # The repeat (from 0) and the pass in it that carry one of them.
      def seat(number)
        (fields[:first] - 1 + (number * fields[:every])).divmod(all.size).then { |round, at| [round, all[at]] }
      end

      # Those of so many repeats of a half, [[repeat from 0, pass], ...]: the second one leaves out what it shares with
      # the first.
      def seats(repeats, half = 0)
        skipped = @layout.skipped(half) - ((half == 1) ? @layout.weave.passes_before : 0)
        Array.new(Rule.check(count(repeats))) { |number| seat(number) }.reject do |round, pass|
          round.zero? && pass < skipped
        end
      end

      # What so many repeats of a half take more of one strand for them, in mm.
      def extra_mm(repeats, half = 0)
        return seats(repeats, half).size * beside_mm if edge?

        seats(repeats, half).sum { |round, pass| over_mm(straight_mm(round, pass, repeats)) }
      end

      # The same bead by bead: yields the repeat (from 0) and mm.
      def each_extra(repeats)
        beside = edge? && beside_mm
        count(repeats).times do |number|
          seat(number).then { |round, pass| yield round, beside || over_mm(straight_mm(round, pass, repeats)) }
        end
      end

      def edge? = %w[near far].include?(fields[:on])
      def near? = fields[:on] == "near"

      private

      def passes = @layout.pattern.passes
      def frame = @layout.frame
      def d = frame.wire_mm

      def found
        gap = near? ? 0 : frame.count
        fit = passes.each_index.select { |i| edge? ? passes[i].to == gap : passes[i].face == FACES.fetch(fields[:on]) }
        (fields[:of] == "repeat") ? fit.first(1) : fit
      end

      # Where gaps change along the strip every pass has a straight of its own.
      def straight_mm(round, pass, repeats)
        return passes[pass].straight_mm if @layout.weave.straight?

        @layout.weave.strip(repeats).pass_at(@layout.weave.passes_before + (round * passes.size) + pass).straight_mm
      end

      # In front (or behind) the wire rises to the hole and comes down again instead of lying straight.
      def over_mm(straight)
        rise, run = [(kind.depth_mm - d) / 2, 0.0].max, [(straight - kind.along_mm) / 2, 0.0].max
        (2 * Math.hypot(run, rise)) + kind.along_mm - straight
      end

      # Beside the outermost wire it goes out round the bead instead of turning there: round the wire's circle to the
      # tangent that leads to the hole's upper end, through, and the same behind.
      def beside_mm
        base = @layout.section.base[near? ? 0 : -1].mm
        rho, out, up = (base + d) / 2, (base + kind.across_mm) / 2, kind.along_mm / 2
        far = Math.hypot(out, up)
        turn = [Math.atan2(out, up) - Math.acos([rho / far, 1.0].min), 0.0].max
        (2 * ((rho * turn) + Math.sqrt([(far**2) - (rho**2), 0.0].max))) + kind.along_mm - (Math::PI * rho)
      end
    end
  end
end
