# frozen_string_literal: true

module Meander
  module Weave
    # A laid-out section on base wires whose gaps change along it: every repeat is different, so all is read off the
    # passes. Answers as EvenLayout does.
    class ChangingLayout
      attr_reader :frame, :end_frame, :widest, :repeat, :profile

      # repeat: the settled repeat half-way between the narrowest gap and the widest, for what is said of the weave in
      # general.
      def initialize(course, profile, repeat)
        @course = course
        @profile = profile
        @repeat = repeat
        @frame = course.frame_at(0.0)
        @end_frame = course.frame_at(Float::INFINITY)
        @widest = [@frame, @end_frame, *profile.places.map { |place| course.frame_at(place) }].max_by do |frame|
          frame.clear_mm.sum
        end
        freeze
      end

      def strip(repeats) = @course.strip(repeats)

      # Each half is woven whole.
      def second(repeats) = strip(repeats)
      def shared(_repeats) = EvenLayout::NOTHING
      def woven_mm(repeats) = @course.woven_mm(repeats)
      def visited = @course.visited
      def reaching(length_mm) = @course.reaching(length_mm)
      def repeat_from_mm(repeat_number) = @course.repeat_from_mm(repeat_number)
      def path_mm(first, last, repeats) = strip(repeats).path_mm(first, last)

      def longest_mm(repeats, lengths)
        (0...lengths).map { |i|
          path_mm((repeats * i / lengths) + 1,
            [repeats * (i + 1) / lengths, (repeats * i / lengths) + 1].max, repeats)
        }.max
      end

      def most_repeats = @course.most_repeats
      def passes_before = @course.passes_before
      def centres_at(along) = @course.frame_at(along).centres
      def straight? = false
    end
  end
end
