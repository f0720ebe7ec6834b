# frozen_string_literal: true

module Meander
  module Advice
    # What is worked onto one rim, the wire another section is bent of or the edge of one that is woven, and takes the
    # same place there: of what hangs to one side, and of cords whichever side they hang to.
    module CrowdedRims
      # Nothing is said of less, in mm.
      NONE_MM = 0.1
      # Who takes what of a rim: the section's place in the document, the rim, the side, whether it is knotted, and
      # [from, to] along it.
      Taken = Struct.new(:index, :rim, :side, :knotted, :from, :to)

      def self.call(plan)
        taken(plan).combination(2).filter_map do |one, other|
          over = [one.to, other.to].min - [one.from, other.from].max
          said(plan, one, other, over) if over > NONE_MM && meet?(one, other)
        end
      end

      def self.meet?(one, other)
        one.rim == other.rim && (one.side == other.side || (one.knotted && other.knotted))
      end

      def self.taken(plan)
        plan.sections.each_with_index.filter_map do |section, i|
          at = plan.places[section.id]
          next unless at && at[:kind] == "rim"

          edge = section.layout.bar&.edge?
          Taken.new(i, [at[:section], (at[:side] if edge)], at[:side], section.section.craft == "knot",
            *section.layout.on_rim_mm)
        end
      end

      def self.said(plan, one, other, over)
        numbers = [one, other].map { |each| each.index + 1 }
        rim = plan.sections.index { |section| section.id == one.rim.first } + 1
        AdviceItem.of("rim-crowded", "warn", "/sections/#{other.index}/at",
          "Sections #{numbers.join(" and ")} take the same place on section #{rim}",
          "Along what they are worked onto they overlap by #{Units::Text.length(over)}.",
          "Set their middles further apart along it, or take fewer cords or stitches.", over_mm: over)
      end
      private_class_method :meet?, :taken, :said
    end
  end
end
