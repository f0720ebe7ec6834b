# frozen_string_literal: true

module Meander
  module Advice
    # Ends that are led through a loop they do not pass, by themselves or together.
    module LedThrough
      def self.call(plan)
        led = plan.piece.endings.each_with_index.select { |ending, _| ending.kind == "led" }
        led.group_by { |ending, _| ending[:through] }.filter_map { |id, ends| tight(plan, plan.ended(id).ending, ends) }
      end

      def self.tight(plan, loop, ends)
        need = Beads::Bundle.needs_mm(ends.map { |ending, _| ending.wires.first.mm })
        return if need <= loop.hole_mm

        many = ends.size > 1
        AdviceItem.of("led-tight", "stop", "/endings/#{ends.last.last}/through",
          many ? "These ends do not pass their loop together" : "The end does not pass its loop",
          "#{many ? "They need" : "It needs"} a hole of #{Units::Text.length(need)}; " \
          "#{Planner::EndingWords.call(plan, loop)} is #{Units::Text.length(loop.hole_mm)} inside.",
          "A wider loop, or a thinner wire.", need_mm: need, inside_mm: loop.hole_mm)
      end
      private_class_method :tight
    end
  end
end
