# frozen_string_literal: true

module Meander
  module Crafts
    module Braiding
      # What a braid may be bent to: besides what any strip may, wound on a dowel, and to a closed outline as long as it
      # is braided, its ends a pair. Its fields, how it is chosen (kind of form => Sentence), and what it is called.
      module Forms
        width, tip = Common.size("width over all", 2.0..200.0, 6.0..60.0), Bending::Fields::TIP
        fold = Bending::Fields::FOLD
        FIELDS = StripForms::FIELDS.merge(
          "helix" => Common::HELIX, "drop" => {width:, tip:},
          "leaf" => {width:, tip:, fold: fold["fold at the far tip"]},
          "heart" => {width:, tip:, fold: fold["fold between the lobes"]}
        ).freeze
        OUTLINES = %w[drop leaf heart].freeze

        wide = Sentence.size("width", "Width over all", "", "wide,")
        mm = ->(number) { Sentence.mm(number) }
        ALL = StripForms::ALL.merge(
          "straight" => Sentence.new("straight braid"),
          "helix" => Sentence.new("helix", Weaving::Forms::HELIX, {dowel: mm[12], rise: mm[0], hand: "right"},
            round: true),
          "drop" => Sentence.new("drop, its ends a pair,", [wide, Bending::Forms::TIP], {width: mm[30], tip: mm[4]}),
          "leaf" => Sentence.new("leaf, its ends a pair,", [wide, Bending::Forms::TIP, Bending::Forms::FAR_FOLD],
            {width: mm[24], tip: mm[4], fold: mm[4]}),
          "heart" => Sentence.new("heart, its ends a pair,", [wide, Bending::Forms::TIP, Bending::Forms::LOBE_FOLD],
            {width: mm[40], tip: mm[4], fold: mm[4]})
        ).freeze

        # "a drop 30 mm wide, its ends a pair"
        def self.words(form)
          return StripForms.words(form) unless OUTLINES.include?(form[:kind])

          "#{Units::Text.a(form[:kind])} #{Units::Text.length(form[:width].mm)} wide, its ends a pair"
        end

        # "a dowel of 12 mm, as a screw's thread"
        def self.wound(form) = Weaving::FormWords.wound(form)

        # What follows the name of what is bent; nothing where it is straight.
        def self.after(form)
          return ", wound to a helix" if form[:kind] == "helix"

          OUTLINES.include?(form[:kind]) ? ", bent to #{Units::Text.a(form[:kind])}" : StripForms.after(form)
        end
      end
    end
  end
end
