# frozen_string_literal: true

module Meander
  module Advice
    module Weave
      # Asks every check about a woven strip, whether it belongs to a piece or not.
      module Council
        CHECKS = [NoRoom, Pitch, OddNumber, NotHeld, EndsOnPair, PulledTogether, RunsTwice, FacesDiffer, SidesUnequal, FrameNarrows, OpensSteeply, ClosedFrame, WireRatio, RidesOver,
          TightestBend].freeze

        def self.call(woven) = CHECKS.filter_map { |check| check.call(woven) }
      end
    end
  end
end
