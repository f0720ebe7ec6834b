# frozen_string_literal: true

module Meander
  module Crafts
    module Braiding
      module Advice
        # A braid that is not drawn down shows openings between its strands.
        module Openings
          # From so many times the usual stitch on they are seen; our choice, no source.
          OPEN = 1.5

          def self.call(braided)
            layout = braided.layout
            usual = Pitch.usual_mm(layout)
            return if layout.pitch_mm <= OPEN * usual || all_beads?(braided)

            AdviceItem.of("braid-open", "note", "/pitch", "The braid stays open between its strands",
              "A stitch advances #{Units::Text.length(layout.pitch_mm)}; drawn down it is about " \
              "#{Units::Text.length(usual)}.",
              "A shorter stitch, or thicker strands, where it should be closed.", pitch_mm: layout.pitch_mm,
              usual_mm: usual)
          end

          # Then the beads say how far a stitch advances.
          def self.all_beads?(braided) = braided.layout.beadings.any? && braided.course.kinds.all?(&:any?)
          private_class_method :all_beads?
        end
      end
    end
  end
end
