# frozen_string_literal: true

module Meander
  module Work
    # The steps beads ask for: what is strung before, and what is set by a wire of its own after. plan: of a band or of a whole piece.
    module Beading
      STRUNG = [Beads::Woven, Beads::Strung, Beads::Framed].freeze

      # Beads woven in are strung before the weave begins; beads on a bent wire before it is bent past them.
      def self.strung(plan)
        plan.beads.select { |rule| STRUNG.any? { |kind| rule.is_a?(kind) } && rule.count.positive? }.map do |rule|
          behind = rule.is_a?(Beads::Woven) ? "the weaving wire before it is anchored, behind a stop bend, and slide one up at each place" : "the wire before its end is bent"
          Step.of("bead", "String #{rule.count} of #{rule.kind.words} on #{behind}.", rule.fields[:section])
        end
      end

      # Wide gaps are held while they are woven. gaps: Beads::Spacer::Gap values.
      def self.held(gaps) = gaps.map { |gap| Step.of("bead", "#{gap.words}.", gap.section) }

      def self.set(plan, calibration)
        plan.beads.select { |rule| rule.own_mm && rule.count.positive? }.map do |rule|
          own = Beads::Own.call(plan.piece, [rule], calibration).first
          Step.of("bead", "With #{own.cut_mm} mm of #{own.wire.words} set #{rule.words}; try the row dry first, every one of a pair takes the same number.",
                  rule.fields[:section], own.wraps / calibration.pace.to_f)
        end
      end
    end
  end
end
