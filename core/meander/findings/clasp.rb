# frozen_string_literal: true

module Meander
  module Findings
    # A bought clasp, measured from inside to inside.
    class Clasp < Finding
      SENTENCE =
        Sentence.new("a clasp", [Sentence.size("length", "Clasp", "of")], {length: Sentence.mm(14), mass: nil},
          metal: false)

      def words = "clasp, #{Units::Text.length(reach_mm)} long"
      def rings = [[reach_mm * 0.7, 1.2], [reach_mm * 0.3, 1.0]]
    end
  end
end
