# frozen_string_literal: true

module Meander
  module Planner
    # What the endings of a piece are called where sentences name them.
    module EndingWords
      # Where an ending stands: "at the start of section 2". called: its section in words, nil where it is the only one.
      def self.place(ending, called) = "at the #{ending.side}#{" of #{called}" if called}"

      # What the wires of an ending are called there. section: Crafts::Worked.
      def self.wires(ending, section)
        return ["what is left of the weaving wire"] if ending.worked?

        ending.numbers.map { |number| WireNames.end_at(section, number) }
      end

      # "the simple loop of the near wire at the end of section 2": of which wires only where others like it stand
      # there.
      def self.call(plan, ending)
        section = plan.placed.section(ending.section)
        like = ->(one) { [one.kind, one.section, one.side] }
        alike = plan.piece.endings.select { |other| like[other] == like[ending] }
        of = " of #{Units::Text.list(wires(ending, section))}" unless alike.one?
        "the #{ending.noun}#{of} #{place(ending, plan.called(section))}"
      end
    end
  end
end
