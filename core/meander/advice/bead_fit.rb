# frozen_string_literal: true

module Meander
  module Advice
    # Beads on their wires: holes that let them through, room for as many as are asked for, weight, what was guessed.
    module BeadFit
      # Grams a wire of 1 mm carries without giving way, by the square of its thickness (our choice, no source).
      CARRIES_G = 8.0
      # Room left in a row or gap that is seen, as a share of a bead.
      SEEN = 0.5
      # Wires that are sold, from which one that passes is named: Renard R10 (ISO 3), in mm.
      SOLD_MM = [0.2, 0.25, 0.315, 0.4, 0.5, 0.63, 0.8, 1.0, 1.25, 1.6].freeze
      PLATED = /plated|enamelled/

      def self.call(plan)
        placed = plan.piece.document[:beads].each_with_index.to_h { |fields, i| [fields[:id], "/beads/#{i}"] }
        plan.beads.flat_map { |rule|
          placed.fetch(rule.id).then { |place|
            [hole(rule, place), over(rule, place), above(rule, place), touching(rule, place), room(rule, place),
              buried(rule, place), heavy(rule, place), rough(rule, place)]
          }
        }.compact + guessed(plan)
      end

      def self.hole(rule, place)
        need = Beads::Bundle.needs_mm(rule.through)
        return if rule.kind.passes?(rule.through)

        passes = SOLD_MM.select { |mm| rule.kind.passes?(Array.new(rule.through.size, mm)) }.max
        wider = "a bead with a hole of #{Units::Text.wire(need, 2)}"
        what = (rule.through.size == 1) ? "a wire of #{Units::Text.wire(rule.through[0])}" :
          "#{rule.through.size} passes of #{Units::Text.wire(rule.through[0])}"
        title = "The hole of #{rule.kind.name} is #{Units::Text.wire(need - rule.kind.hole_mm, 2)} too small"
        AdviceItem.of("bead-hole-small", "stop", "#{place}/bead", title,
          "#{Units::Text.sentence(what)} #{(rule.through.size == 1) ? "needs" : "need"} " \
          "a hole of #{Units::Text.wire(need, 2)}, the bead's is #{Units::Text.wire(rule.kind.hole_mm, 2)}.",
          passes ? "#{Units::Text.wire(passes)} wire would pass, or take #{wider}." : "Take #{wider}.",
          need_mm: need, hole_mm: rule.kind.hole_mm, passes_mm: passes)
      end

      def self.over(rule, place)
        return unless rule.over.positive?

        AdviceItem.of("bead-no-room", "stop", place,
          "#{Units::Text.count(rule.over, "bead")} more than there is room for",
          "There is room for #{rule.lying.size} of #{rule.lying.size + rule.over}: #{rule.words}.",
          "Fewer beads, smaller ones, or a wider place: #{rule.needs || "there is none here"}.", over: rule.over,
          left_mm: rule.left_mm)
      end

      # A bead in the centre that is wider than the opening.
      def self.above(rule, place)
        return unless rule.is_a?(Beads::Centre) && rule.above?

        wide, gap = Units::Text.length(rule.kind.along_mm), Units::Text.length([rule.gap_mm, 0.0].max)
        AdviceItem.of("bead-over-opening", "note", "#{place}/bead", "The bead lies over its opening, not in it",
          "It is #{wide} wide, the opening #{gap}.",
          "Draw its wires tight at the back so that it does not tilt; to lie in the opening it must be no wider than " \
          "#{gap}.", left_mm: rule.left_mm, gap_mm: rule.gap_mm)
      end

      # Neighbours on the weaving wire need as much of the strip as they are wide.
      def self.touching(rule, place)
        return unless rule.is_a?(Beads::Woven) && rule.pitch_mm && rule.pitch_mm < rule.kind.across_mm - 1e-6

        wider = rule.pitch_mm.positive? ? ((rule.kind.across_mm / rule.pitch_mm) * rule.fields[:every]).ceil :
          2 * rule.fields[:every]
        AdviceItem.of("bead-crowded", "warn", "#{place}/every", "These beads push each other apart",
          "They follow each other every #{Units::Text.length(rule.pitch_mm)}, each is " \
          "#{Units::Text.length(rule.kind.across_mm)} wide.",
          "One bead to #{Units::Text.count(wider, rule.fields[:of])}, or smaller ones.", pitch_mm: rule.pitch_mm,
          across_mm: rule.kind.across_mm)
      end

      def self.room(rule, place)
        left = rule.left_mm
        return if left.nil? || rule.over.positive? || rule.count.zero? || left <= SEEN * rule.kind.along_mm

        each = Units::Text.length(left / (rule.lying.size + 1))
        AdviceItem.of("bead-room-left", "note", place, "#{Units::Text.length(left)} stays empty",
          "#{Units::Text.count(rule.lying.size, "bead")} of #{Units::Text.length(rule.kind.along_mm)} " \
          "#{(rule.lying.size == 1) ? "does" : "do"} not fill it.",
          "Shared out it is #{each} before, between and after them; ask what fits.", left_mm: left,
          each_mm: left / (rule.lying.size + 1))
      end

      # Rows need a gap the weave has left free.
      def self.buried(rule, place)
        return unless rule.is_a?(Beads::Rows)

        half, site = rule.kind.across_mm / 2, rule.site
        under = rule.lying.map { |one| one.at[0] }.uniq.count do |along|
          along + half > site.from_mm + 1e-6 && along - half < site.to_mm - 1e-6
        end
        return if under.zero?

        AdviceItem.of("bead-on-weave", "warn", "#{place}/from",
          "#{Units::Text.count(under, "row")} would lie where the frame is woven already",
          "The weave runs from #{Units::Text.length(site.from_mm)} to #{Units::Text.length(site.to_mm)} of the " \
          "section; wire before and behind leaves no room there for beads.",
          "Begin the rows at #{Units::Text.length(site.to_mm + half)}, leave the frame open for them, or weave " \
          "less of it.", rows: under, woven_to_mm: site.to_mm)
      end

      def self.heavy(rule, place)
        carries = CARRIES_G * (rule.thread.mm**2)
        return if rule.kind.mass_g <= carries

        AdviceItem.of("bead-heavy", "warn", "#{place}/bead",
          "#{Units::Text.sentence(rule.kind.name)} is heavy for #{rule.thread.words}",
          "It weighs #{Units::Text.number(rule.kind.mass_g, 2)} g; such a wire carries about " \
          "#{Units::Text.number(carries, 2)} g (our rule of thumb).",
          "A thicker wire, the wire doubled, or a lighter bead.", mass_g: rule.kind.mass_g, carries_g: carries)
      end

      def self.rough(rule, place)
        return unless rule.kind.material.rough && rule.thread.material.name.match?(PLATED)

        AdviceItem.of("bead-rough", "warn", "#{place}/bead",
          "Holes in #{rule.kind.material.name} can scratch #{rule.thread.material.name} wire",
          "Drilled stone, shell and metal have sharp edges; drawn through often, the coating wears off.",
          "Smooth the holes, draw the wire through once only, or take a solid metal.")
      end

      def self.guessed(plan)
        kinds = plan.beads.map(&:kind).uniq(&:id).select(&:guessed?)
        return [] if kinds.empty?

        said = kinds.map { |kind| "#{kind.name}: #{Units::Text.list(kind.guessed)}" }.join("; ")
        [AdviceItem.of("bead-guessed", "note", "/tray", "Some of these beads were guessed, not measured",
          "#{said}. What is planned with them may be off.",
          "Measure them before stringing; try a wire through the hole.")]
      end
      private_class_method :above, :buried, :hole, :over, :touching, :room, :heavy, :rough, :guessed
    end
  end
end
