# frozen_string_literal: true

module Meander
  module Advice
    # Ends that must come together: where they cannot, by how much and what would let them; where nothing holds them.
    module Meetings
      def self.call(plan) = plan.met.met? ? unheld(plan) : [apart(plan)]

      def self.apart(plan)
        met = plan.met
        AdviceItem.of("meeting-not-met", "stop", "/meetings",
          "Ends that must come together stay #{Units::Text.length(met.off_mm)} apart",
          "With #{Units::Text.list(met.values.map { |give, number| told(plan, give, number) })} they come no nearer.",
          remedy(plan, met.frees), off_mm: met.off_mm)
      end

      def self.remedy(plan, frees)
        return "Other lengths, or other values that give." if frees.empty?

        names = frees.map { |give| "the #{name(plan, give)}" }
        "They would meet if #{Units::Text.list(names, "or")} gave in place of another value."
      end

      # "the radius of section 2 at 12.4 mm"
      def self.told(plan, give, number)
        said = case give.unit
        when "mm" then Units::Text.length(number)
        else "#{Units::Text.number(number, 1)}#{give.unit}"
        end
        "the #{name(plan, give)} at #{said}"
      end

      def self.name(plan, give) = "#{give.value} of section #{number(plan, give.section)}"
      def self.number(plan, id) = plan.sections.index { |one| one.id == id } + 1

      # Ends that meet, where neither a wire goes on from the one to the other nor anything ties them.
      def self.unheld(plan)
        joined = plan.sections.flat_map(&:joins)
        plan.asked.document[:meetings].each_with_index.filter_map do |meeting, i|
          ids = [meeting[:end], meeting[:other]].map { |one| one[:section] }
          next if meeting[:other][:kind] == "middle" || joined.any? { |pair| (ids - pair).empty? } || wired?(plan, ids)

          AdviceItem.of("meeting-not-held", "note", "/meetings/#{i}",
            "Nothing holds #{ids.map { |id| "section #{number(plan, id)}" }.join(" and ")} where they meet",
            "What only touches moves apart when the piece is worn.",
            "Tie them there, or lead a wire on from the one to the other.")
        end
      end

      def self.wired?(plan, ids) = plan.piece.routes.ways.any? { |way| way.sections.sort == ids.sort }
      private_class_method :apart, :remedy, :told, :name, :number, :unheld, :wired?
    end
  end
end
