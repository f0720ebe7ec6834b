# frozen_string_literal: true

module Meander
  module Crafts
    module Braiding
      # Beads on the strand that comes to the middle of three.
      class MiddleBeading < Beading
        private

        def sizes = Braid::MiddleFigure::BEADS

        def made
          Braid::MiddleFigure.new(@d, b, room(Braid::MiddleFigure::LEAST_ROOM, Braid::MiddleFigure::USUAL_ROOM))
        end
      end
    end
  end
end
