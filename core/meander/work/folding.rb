# frozen_string_literal: true

module Meander
  module Work
    # Wires folded where they are one, and the coils that cover a fold: both before anything is woven over them.
    module Folding
      # plan: Planner::Plan; section: Crafts::Worked; ids: of the sections in the order they are worked.
      # @return [Array<Step>]
      def self.call(plan, section, ids)
        of(plan, section, ids).flat_map { |one| [cover(plan, one), fold(plan, one)].compact }
      end

      # The folds made before a section is worked: Document::Ending values. A wire is folded before the first section
      # that both its legs lie in, though its fold may stand further on.
      def self.of(plan, section, ids)
        routes = plan.piece.routes
        folds = routes.folds.select { |fold| legs_meet(routes, fold, ids) == section.id }.map(&:id)
        plan.piece.endings.select { |one| one.fold? && folds.include?(one.id) }
      end

      # The first section that a wire lies in on both sides of a fold, which stands at the last of them.
      def self.legs_meet(routes, fold, ids)
        before, after = routes.of(fold.wire[:id]).partition { |visit| visit.stop <= fold.from.stop }
        ids.find { |id| [before, after].all? { |leg| leg.any? { |visit| visit.section == id } } }
      end

      # Slid on over an end while the wire is still straight.
      def self.cover(plan, fold)
        cover = plan.ended(fold.id).bent.cover or return
        own = plan.separate_lengths.find { |one| one.kind == "cover" && one.wire.id == cover.wire }
        name = plan.names.call(fold.wires.first)
        Step.of("fold",
          "#{own.cutting.chomp(",")}, wind it on a rod as thick as #{name} to a coil of " \
          "#{Units::Text.count(cover.coils, "turn")}, turn against turn, and slide it on to the fold mark of #{name}.",
          fold.section, own.wraps / plan.calibration.pace.to_f, wires: [own.wire.id, fold.wires.first.id],
          makes: [Step::Made.whole("end", "#{fold.id} cover")], cuts: [own.cut])
      end

      # At the round end of a frame the wire is bent with the frame.
      def self.fold(plan, fold)
        bent = plan.ends.bent_of(fold)
        return if (bent.head_on? && !fold[:ring]) || bent.mounted?

        name = plan.names.call(fold.wires.first)
        Step.of("fold", "#{Units::Text.sentence(bent.making([name], name))}.", fold.section,
          wires: [fold.wires.first.id], makes: [Step::Made.whole("end", fold.id)])
      end

      private_class_method :legs_meet, :cover, :fold
    end
  end
end
