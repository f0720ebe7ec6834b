# frozen_string_literal: true

module Meander
  module Crafts
    module Weaving
      module Advice
        # A walk with an odd number of passes comes back on the other face.
        module RunsTwice
          def self.call(woven)
            walk = woven.repeat.walk
            return unless walk.runs_twice?

            AdviceItem.new(id: "runs-twice", severity: "note", place: "/pattern/gaps",
              title: "The walk closes only when it is run twice",
              why: "It has #{walk.gaps.size} passes, an odd number: the second time round every pass lies on " \
                   "the other face.",
              remedy: "A repeat here is the walk run twice; add or leave out one pass to have it close the " \
                      "first time.",
              figures: {passes: walk.gaps.size})
          end
        end
      end
    end
  end
end
