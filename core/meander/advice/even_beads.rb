# frozen_string_literal: true

module Meander
  module Advice
    # Beads that lie alike on both sides: as many repeats before the first as after the last, rows that lie level.
    module EvenBeads
      # By so many places another number must be better (our choice).
      BETTER = 0.5

      def self.call(plan)
        plan.piece.document[:beads].each_with_index.filter_map do |fields, i|
          rule = plan.beads.find { |one| one.id == fields[:id] }
          case rule
          when Beads::Woven then uneven(rule, "/beads/#{i}/first")
          when Beads::Rows then tilted(rule, "/beads/#{i}/wraps")
          end
        end
      end

      # Begun somewhere else, as much may lie before the first bead as after the last, to within a place. From the
      # middle the second half is the first one's mirror image.
      def self.uneven(rule, place)
        return if rule.site.strip.layout.sides == 2 || rule.lying.empty?

        strip = rule.site.strip
        unit = strip.woven_mm / rule.places
        low, high = rule.lying.map { |one| one.at[0] - rule.site.from_mm }.minmax
        before, after = low, strip.woven_mm - high
        begin_at = even_start(rule, (before - after) / unit)
        return if begin_at == rule.fields[:first]

        AdviceItem.of("beads-uneven", "note", place,
          "#{Units::Text.length(before)} before the first bead, #{Units::Text.length(after)} after the last",
          "The two ends do not look alike.",
          "Begin with number #{begin_at}.", offers: [begin_at.to_s], before_mm: before, after_mm: after)
      end

      # The number to begin with so that the two ends are as alike as can be; off: how many places more lie before than
      # after now. The number it has stays unless another one is clearly better.
      def self.even_start(rule, off)
        first, every, last = rule.fields[:first], rule.fields[:every],
          rule.fields[:first] + ((rule.lying.size - 1) * rule.fields[:every])
        offs = (1..every).to_h do |number|
          [number, off + (number - first) + (number + ((rule.places - number) / every * every) - last)]
        end
        best = offs.min_by { |_, places| places.abs }
        (off.abs - best.last.abs < BETTER) ? first : best.first
      end

      # Along a bent frame its outer wire is longer from row to row: with as many wraps on both sides the rows tilt.
      def self.tilted(rule, place)
        longer = rule.tilt_mm
        wraps = (longer.abs / rule.thread.mm).round
        return if wraps.zero?

        side = longer.positive? ? "far" : "near"
        AdviceItem.of("rows-not-level", "note", place, "The rows would not lie level",
          "From the first row to the last the #{side} wire is #{Units::Text.length(longer.abs)} longer than the other.",
          "Give it #{Units::Text.count(wraps, "wrap")} more in all, shared out over the rows.", longer_mm: longer,
          wraps:)
      end
      private_class_method :uneven, :even_start, :tilted
    end
  end
end
