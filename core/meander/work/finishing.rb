# frozen_string_literal: true

module Meander
  module Work
    # The last steps: wires bent to their endings, what hangs on them, tails and tips cut, a last look.
    module Finishing
      GLUE = "Glue: follow its label, with fresh air; let it cure as long as that says before anything pulls on it."
      HAMMER = "Keep fingers clear of the hammer, and wear eye protection."

      # What is done to the whole in the end. plan: Planner::Plan.
      # @return [Array<Step>]
      def self.last(plan) = [tails(plan), tips(plan)].compact

      def self.ending(plan, ending)
        section = plan.placed.section(ending.section)
        names = Planner::EndingWords.wires(ending, section)
        making = plan.ended(ending.id).bent.making(names, all(names, ending.numbers, section))
        words = Weave::WireName.said(ending.wires, "#{Units::Text.sentence(place(plan, ending))}, #{making}.")
        Step.of("end", words, ending.section,
          wires: ending.wires.map(&:id), caution: ending[:glued] ? GLUE : nil,
          makes: [Step::Made.whole("end", ending.id)])
      end

      # All wires of an ending, in words.
      def self.all(names, numbers, section)
        folded = section.base.uniq.size < section.base.size
        return "both ends of the folded wire" if folded && section.base.size == 2 && names.size == 2
        return Units::Text.list(names) if names.size == 1 || folded

        (section.base.size == 2) ? "both wires" : "wires #{Units::Text.list(numbers.sort.map { |number| number + 1 })}"
      end

      # Where an ending stands: "at the start of section 2".
      def self.place(plan, ending)
        Planner::EndingWords.place(ending, plan.called(plan.placed.section(ending.section)))
      end

      def self.hung(plan, finding)
        holders = finding.fields[:on].map { |id| plan.piece.endings.find { |ending| ending.id == id } }
        on = holders.map { |one| "the #{one.noun} #{place(plan, one)}" }
        what, wire = Units::Text.a(finding.words), finding.wire_mm
        them = (finding.count == 1) ? "it" : "them"
        made = wire ? "Make #{what}, from #{Units::Text.cut(wire.ceil)} of wire, and hang #{them}" : "Hang #{what},"
        Step.of("end", "#{made} in #{Units::Text.list(on)}.", holders.first.section,
          wires: holders.flat_map(&:wires).map(&:id).uniq, caution: finding.fields[:flat] ? HAMMER : nil,
          makes: [Step::Made.whole("end", finding.id)], cuts: [*cut(finding)])
      end

      # What a finding is made from; nil of one that is bought.
      def self.cut(finding)
        mm = finding.wire_mm or return
        [Step::Cut.new(finding.id, "the wire for #{finding.called}", mm.ceil, mm.ceil - mm, 0.0).freeze]
      end

      # The tails of what was woven, once nothing pulls on them any more.
      def self.tails(plan)
        wires = plan.cut_list.select { |row| Planner::Plan::WORKED.include?(row.kind) }.flat_map(&:ids).uniq
        return if wires.empty?

        others = plan.piece.endings.any?(&:worked?) ? "every other tail" : "every tail"
        Step.of("end", "Draw #{others} of the working wire to the back, cut it close and press its end down.",
          wires:)
      end

      # Tips that end in nothing else.
      def self.tips(plan)
        bent = plan.piece.endings.reject { |one| one.kind == "plain" }.map(&:id)
        free = plan.runs.map(&:wire).select { |wire|
          free?(plan, wire, bent, "start") || free?(plan, wire, bent, "end")
        }
        return if free.empty?

        words = "Cut what stands out of #{plan.names.list(free)} flush and round the tips with a file."
        Step.of("end", words, wires: free.map(&:id), caution: Cutting::CAUTION)
      end

      # Some crafts finish their own ends.
      def self.free?(plan, wire, bent, side)
        stops = plan.runs.find { |run| run.wire.equal?(wire) }.stops
        return false if stops[(side == "start") ? 0 : -1].section.tail_mm && plan.piece.routes.end_of(wire.id,
          side).nil?

        !bent.include?(plan.piece.routes.end_of(wire.id, side)&.ending)
      end
      private_class_method :all, :cut, :tails, :tips, :free?

      def self.look(against)
        Step.of("end", "Feel for sharp tips with a fingertip and a scrap of cloth; check the size, and both faces " \
                       "against #{against}.")
      end
    end
  end
end
