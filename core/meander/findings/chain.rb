# frozen_string_literal: true

module Meander
  module Findings
    # A piece of chain, as an extender or on either side of a front.
    class Chain < Finding
      SENTENCE =
        Sentence.new("chain", [Sentence.size("length", "Chain", "of")], {length: Sentence.mm(50), mass: nil},
          metal: false)

      def words = "#{Units::Text.length(reach_mm)} of chain"
      def rings = Array.new([(reach_mm / 2.4).round, 1].max) { [2.4, 0.5] }
    end
  end
end
