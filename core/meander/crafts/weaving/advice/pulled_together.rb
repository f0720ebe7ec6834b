# frozen_string_literal: true

module Meander
  module Crafts
    module Weaving
      module Advice
        # Wraps over several base wires draw them together when they are pulled tight, the more the more they span.
        module PulledTogether
          # Wires spanned in one wrap from which the risk is worth telling, and from which it is likely: common
          # practice, no source.
          TOLD = 3
          LIKELY = 5

          def self.call(woven)
            passes = woven.repeat.passes.select { |pass| pass.wires.size >= TOLD && inner_gap?(woven, pass) }
            return if passes.empty?

            most = passes.map { |pass| pass.wires.size }.max
            AdviceItem.new(id: "gaps-pulled-together", severity: (most >= LIKELY) ? "warn" : "note", place: "/pattern",
              title: "Wraps over #{most} wires may close the gaps between them",
              why: "Pulled tight, a wrap over several wires draws them together, and the next step finds no " \
                   "room to pass.",
              remedy: "Lead, don't pull; lay a scrap of the weaving wire between the base wires, or thread a " \
                      "bead of the wanted gap as a moving spacer.",
              figures: {wires: most})
          end

          # Does the wire elsewhere go through a gap that this pass runs across?
          def self.inner_gap?(woven, pass)
            inside = ([pass.from, pass.to].min + 1)..([pass.from, pass.to].max - 1)
            woven.repeat.walk.visited.any? { |gap| inside.cover?(gap) }
          end
          private_class_method :inner_gap?
        end
      end
    end
  end
end
