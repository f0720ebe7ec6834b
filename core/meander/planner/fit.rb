# frozen_string_literal: true

module Meander
  module Planner
    # The answer to the pins. Lengths in mm; wrist_mm is nil where the strip is too short for any wrist.
    #
    # strip_mm is the strip reached, ending to ending; wanted_mm what wrist and chosen ease ask for; off_mm the first
    # less the second, before anything floated. floats names what gave way ("bare", "ease"); conflicts lists the
    # contradictions left, each { pins:, reason: }. round_mm: the centre line once round; lift_mm, slide_mm: how far one end of a ring
    # lies over the other and beside it; size_words: the ring's size in every system. wrist_mm is a ring's finger.
    Fit = Struct.new(:repeats, :woven_mm, :bare_mm, :ease_mm, :wrist_mm, :round_mm, :lift_mm, :slide_mm, :size_words, :opening_mm, :strip_mm, :wanted_mm, :off_mm,
                     :floats, :conflicts, keyword_init: true)
  end
end
