# frozen_string_literal: true

module Meander
  module Crafts
    module Weaving
      module Advice
        # Front and back that do not look alike: either may be chosen as the front.
        module FacesDiffer
          # Shares of cover that an eye takes for the same.
          ALIKE = 0.05

          def self.call(woven)
            spans = [1, -1].map { |face| spans(woven.repeat.passes, face) }
            shares = woven.cover.faces.group_by(&:wire).values.map { |front, back| (front.share - back.share).abs }
            return if spans.uniq.size == 1 && shares.max <= ALIKE

            AdviceItem.new(id: "faces-differ", severity: "note", place: "/pattern",
              title: "Front and back differ",
              why: "The wire goes over other groups of base wires in front than behind.",
              remedy: "Look at both faces; either may be worn as the front.",
              figures: {cover_differs_by: shares.max})
          end

          # How often each span of base wires is gone over on a face. Passes alike are one object, so they are counted
          # first.
          def self.spans(passes, face)
            passes.tally.select { |pass, _| pass.face == face }.each_with_object(Hash.new(0)) do |(pass, count), found|
              found[[pass.wires.first, pass.wires.last]] += count
            end
          end
          private_class_method :spans
        end
      end
    end
  end
end
