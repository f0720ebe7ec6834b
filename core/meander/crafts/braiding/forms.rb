# frozen_string_literal: true

module Meander
  module Crafts
    module Braiding
      # What braided sections may be bent to, as it is said: kind of form => Sentence.
      module Forms
        TOWARDS = Weaving::Forms::TOWARDS
        RADIUS = Weaving::Forms::RADIUS

        ALL = {
          "straight" => Sentence.new("straight braid"),
          "arc" => Sentence.new("arc", [RADIUS, TOWARDS], {radius: Sentence.mm(60), towards: "far"}),
          "ring" => Sentence.new("closed ring")
        }.freeze
      end
    end
  end
end
