# frozen_string_literal: true

module Meander
  module Findings
    # A bought ear wire, measured from its loop to the ear.
    class EarWire < Finding
      SENTENCE =
        Sentence.new("an ear wire", [Sentence.size("length", "Ear wire", "of")],
          {length: Sentence.mm(20), metal: "sterling", mass: nil}, metal: true)

      def words = "ear wire of #{material.name}, #{Units::Text.length(reach_mm)}"
      def material = Materials::Metal.fetch(fields[:metal])
    end
  end
end
