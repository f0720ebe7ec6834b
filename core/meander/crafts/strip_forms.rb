# frozen_string_literal: true

module Meander
  module Crafts
    # What a strip may be bent to once it is worked, of crafts whose strips are worked straight: its fields, how it is
    # chosen, and what it is called.
    module StripForms
      FIELDS = {"straight" => {}.freeze, "arc" => {radius: Common::RADIUS, towards: Common::TOWARDS}.freeze,
        "ring" => {}.freeze}.freeze
      FORM = Document::Shape::Variant.new(:kind, FIELDS)
      # Kind of form => Sentence.
      ALL = {
        "straight" => Sentence.new("straight"),
        "arc" => Sentence.new("arc", [Weaving::Forms::RADIUS, Weaving::Forms::TOWARDS],
          {radius: Sentence.mm(60), towards: "far"}),
        "ring" => Sentence.new("closed ring", round: true)
      }.freeze

      # "an arc on a radius of 60 mm, towards its far side"
      def self.words(form)
        (form[:kind] == "ring") ? "a closed ring" :
          "an arc on a radius of #{Units::Text.length(form[:radius].mm)}, towards its #{form[:towards]} side"
      end

      # What follows the name of what is bent; nothing where it is straight.
      def self.after(form) = {"arc" => ", bent to an arc", "ring" => ", bent to a closed ring"}.fetch(form[:kind], "")
    end
  end
end
