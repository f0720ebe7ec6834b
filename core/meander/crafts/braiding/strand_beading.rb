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

        # Loosened by the room that is said.
        def made
          tight = Braid::FilledFigure.tight_mm(@d, b)
          Braid::FilledFigure.new(@d, b, fields[:room] ? 1 + (fields[:room].mm / tight) : 1.0)
        end
      end
    end
  end
end
