# frozen_string_literal: true

module Meander
  module Planner
    # The answer to what a piece must meet. Lengths in mm.
    #
    # extents: { section id => [repeats, bare_mm] }; found: the ids of those that were not given; free: the one of them
    # that is as long as what the piece is worn on asks for, nil where none is, and woven_mm how far that is woven.
    # copies: { section id => how many of it }, where that was found. Of what is worn round a wrist or a finger (nil of
    # all else): strip_mm is the length reached, ending to ending; wanted_mm what wrist and chosen ease ask for; off_mm
    # the first less the second, before anything floated. wrist_mm is a ring's finger, and nil where the piece is too
    # short for any. round_mm: the centre line once round; lift_mm, slide_mm: how far one end of a ring lies over the
    # other and beside it; size_words: the ring's size in every system. frames: of a chain, how many come nearest; nil
    # where there is none. floats names what gave way ("bare", "ease"); conflicts lists the contradictions left, each {
    # pins: keys of Pins, reason: }.
    Fit = Struct.new(:extents, :found, :free, :copies, :woven_mm, :ease_mm, :wrist_mm, :round_mm, :lift_mm, :slide_mm,
      :size_words, :opening_mm, :strip_mm, :wanted_mm, :off_mm,
      :floats, :conflicts, :frames, keyword_init: true) do
      # Is it measured round something?
      def worn? = !strip_mm.nil?

      # Of the section that is as long as what the piece is worn on asks for.
      def repeats = extents.fetch(free).first
      def bare_mm = extents.fetch(free).last
    end
  end
end
