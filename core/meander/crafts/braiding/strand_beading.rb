# frozen_string_literal: true

module Meander
  module Crafts
    module Braiding
      # Beads that fill one of three strands.
      class StrandBeading < Beading
        # All of them.
        def stitches(all) = (fields[:first]...(all - fields[:last])).to_a

        private

        def sizes = Braid::FilledFigure::BEADS

        # What a stitch advances as tight as it goes, and loosened by the room that is said.
        def tight_mm = Braid::FilledFigure.tight_mm(@d, b)
        def loosened_mm = tight_mm + (fields[:room]&.mm || 0.0)
        def made = Braid::FilledFigure.new(@d, b, loosened_mm / tight_mm)
      end
    end
  end
end
