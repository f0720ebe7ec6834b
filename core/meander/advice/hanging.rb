# frozen_string_literal: true

module Meander
  module Advice
    # What hangs on a piece, and what goes through an ear.
    module Hanging
      # Ear posts are made of 20 to 22 gauge, half-hard or worked (common practice, no source).
      POST_MM = (0.6..0.9)
      SIDES = %w[start end].freeze

      def self.call(plan) = [*rings(plan), *flattened(plan), *posts(plan), ear(plan), sharp(plan)].compact

      # A ring must pass what it hangs on and the wire of its neighbour.
      def self.rings(plan)
        plan.piece.findings.each_with_index.filter_map do |finding, i|
          next unless finding.is_a?(Findings::JumpRings)

          holds = thickest(plan, finding.side)
          next unless holds

          need = holds + finding.d
          next if finding.inside_mm >= need

          AdviceItem.of("jump-ring-small", "warn", "/findings/#{i}/inside",
            "The jump rings are too small for what they hold",
            "Inside a ring lie the loop's wire, #{Units::Text.wire(holds)}, and the next ring's, " \
            "#{Units::Text.wire(finding.d)}.",
            "Rings at least #{Units::Text.length(need)} inside.", inside_mm: finding.inside_mm, need_mm: need)
        end
      end

      # Hammered flat, a ring gets wider and springs open a little (common practice, no source).
      def self.flattened(plan)
        plan.piece.findings.each_with_index.select { |finding, _| finding.is_a?(Findings::JumpRings) && finding.flat? }
          .map do |_, i|
          AdviceItem.of("jump-ring-flat", "note", "/findings/#{i}/flat", "Flattened rings open a little",
            "Hammering spreads the wire, so the cut ends no longer meet.",
            "Hammer one first, then make the others a trifle smaller; close each again sideways.")
        end
      end

      # The thickest wire of what a side's findings hang on.
      def self.thickest(plan, side)
        plan.piece.endings.select { |ending| ending.side == side && ending.holds? }.flat_map(&:wires).map(&:mm).max
      end

      def self.posts(plan)
        plan.piece.endings.each_with_index.filter_map do |ending, i|
          wire = ending.wires.first
          next if ending.kind != "post" || POST_MM.cover?(wire.mm)

          thick = wire.mm > POST_MM.max
          AdviceItem.of("post-thickness", "warn", "/endings/#{i}/kind",
            "An ear post of #{Units::Text.wire(wire.mm)} is #{thick ? "thick" : "thin"}",
            "Posts are made of about 0.64 to 0.81 mm (22 to 20 AWG; common practice).",
            thick ? "A thinner wire, or a bought ear wire." : "A thicker wire, or a bought ear wire.", mm: wire.mm)
        end
      end

      # What goes through the ear itself.
      def self.ear(plan)
        return unless plan.piece.kind == "earring"

        posts = plan.piece.endings.select { |ending| ending.kind == "post" }.map do |ending|
          ending.wires.first.material
        end
        metals = (posts + plan.piece.findings.grep(Findings::EarWire).map(&:material))
          .reject { |metal| metal.skin == :plain }.uniq
        return if metals.empty?

        AdviceItem.of("ear-metal", "warn", "/endings",
          "#{Units::Text.sentence(Units::Text.list(metals.map(&:name)))} goes through the ear",
          "Nickel, copper and its alloys can irritate a pierced ear; local limits on nickel release differ.",
          "Follow the local rules and the wearer's doctor; many makers take another metal for posts and ear wires.",
          metals: metals.map(&:key))
      end

      # Ends that nothing covers, on pieces put together from sections.
      def self.sharp(plan)
        return if plan.piece.band?

        routes = plan.piece.routes
        covered = plan.piece.endings.reject { |ending| ending.kind == "plain" }.map(&:id)
        ended = routes.ended.count { |one| one.visit.base? && covered.include?(one.ending) }
        bare = (2 * plan.piece.base_wires.size) - ended - finished(plan)
        return if bare.zero?

        AdviceItem.of("ends-sharp", "note", "/endings",
          "#{Units::Text.count(bare, "end")} #{(bare == 1) ? "is" : "are"} cut flush",
          "A cut end scratches skin and catches cloth.",
          "File it round and tuck it against the work, or give it a loop, a curl or a tuck.", ends: bare)
      end

      # Those that their craft finishes.
      def self.finished(plan)
        plan.runs.sum do |run|
          [["start", run.stops.first], ["end", run.stops.last]].count { |side, stop|
            stop.section.tail_mm && plan.piece.routes.end_of(run.wire.id, side).nil?
          }
        end
      end
      private_class_method :finished, :flattened, :sharp, :thickest, :rings, :posts, :ear
    end
  end
end
