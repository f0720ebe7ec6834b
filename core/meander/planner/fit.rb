# frozen_string_literal: true

module Meander
  module Planner
    # The answer to what a piece must meet. Lengths in mm; wrist_mm is nil where the piece is too short for any wrist, or is not worn round one.
    #
    # extents: { section id => [repeats, bare_mm] }; free: the id of the section whose repeats were found, woven_mm how far it is woven, nil where
    # all are given. strip_mm is
    # the length reached, ending to ending; wanted_mm what wrist and chosen ease ask for; off_mm the first less the second, before anything
    # floated. floats names what gave way ("bare", "ease"); conflicts lists the contradictions left, each { pins:, reason: }. round_mm: the
    # centre line once round; lift_mm, slide_mm: how far one end of a ring lies over the other and beside it; size_words: the ring's size in
    # every system. wrist_mm is a ring's finger. frames: of a chain, how many come nearest; nil where there is none.
    Fit = Struct.new(:extents, :free, :woven_mm, :ease_mm, :wrist_mm, :round_mm, :lift_mm, :slide_mm, :size_words, :opening_mm, :strip_mm, :wanted_mm, :off_mm,
                     :floats, :conflicts, :frames, keyword_init: true) do
      # Is it measured round something?
      def worn? = !strip_mm.nil?

      # Of the section whose repeats were found.
      def repeats = extents.fetch(free).first
      def bare_mm = extents.fetch(free).last
    end
  end
end
