# frozen_string_literal: true

module Meander
  module Advice
    # A toggle's bar passes its ring end on, and holds while it is longer than the ring is wide, by what it may tilt.
    module Toggles
      # How much longer than its ring is wide a bar is (common practice, no source), and the play it needs to pass (our
      # choice).
      BAR_SHARE = 1.5
      PLAY_MM = 0.3

      def self.call(plan)
        plan.piece.findings.each_with_index.filter_map do |finding, i|
          next unless finding.is_a?(Findings::Toggle)

          inside = opening_mm(plan, finding.side)
          inside ? (tight(finding, inside, i) || slips(finding, inside, i)) : alone(i)
        end
      end

      # What is open at the other end: the last jump ring, else the loop itself; nil where there is neither.
      def self.opening_mm(plan, side)
        rings = plan.piece.findings.select { |one| one.is_a?(Findings::JumpRings) && one.side != side }
        return rings.last.inside_mm if rings.any?

        plan.piece.endings
          .select { |ending| ending.side != side && Endings::Registry::THROUGH.include?(ending.kind) }
            .map { |ending| ending[:inside].mm }.max
      end

      def self.alone(index)
        AdviceItem.of("toggle-alone", "warn", "/findings/#{index}/side",
          "There is nothing for the toggle to go through",
          "Its bar is put through a ring or a loop at the other end.",
          "End the other side in a loop, or hang a ring there.")
      end

      def self.tight(finding, inside, index)
        least = (2 * finding.d) + PLAY_MM
        return if inside >= least

        AdviceItem.of("toggle-tight", "warn", "/findings/#{index}/bar", "The toggle does not go through its ring",
          "Its bar and its eye lie side by side in the ring, #{Units::Text.length(least)} together; it is " \
          "#{Units::Text.length(inside)} inside.",
          "A ring at least #{Units::Text.length(least)} inside, or thinner wire.", inside_mm: inside, need_mm: least)
      end

      def self.slips(finding, inside, index)
        need = BAR_SHARE * inside
        return if finding.bar_mm >= need - Tolerance::PACKING_MM

        AdviceItem.of("toggle-slips", "warn", "/findings/#{index}/bar", "The toggle may slip out of its ring",
          "A bar of #{Units::Text.length(finding.bar_mm)} tilts through a ring #{Units::Text.length(inside)} inside " \
          "(common practice: half as long again).",
          "A bar of at least #{Units::Text.length(need)}.", bar_mm: finding.bar_mm, need_mm: need)
      end
      private_class_method :opening_mm, :alone, :tight, :slips
    end
  end
end
