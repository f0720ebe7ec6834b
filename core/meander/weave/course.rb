# frozen_string_literal: true

module Meander
  module Weave
    # A walk made pass by pass on base wires whose gaps change along the strip (see Profile): what is woven before the repeats,
    # repeat after repeat as far as they are asked for, and what closes them. All in mm.
    #
    # The passes grow as they are asked for and are kept; asking twice gives the same answer.
    class Course
      # Every pass is made by itself, so there is an end to how many.
      MOST_PASSES = 20_000

      # What was made: passes with their heights, and the packing as it stands after them.
      Made = Struct.new(:passes, :heights, :packing)

      # sizes: what Frame takes besides the gaps; before, walk, after: gap lists (before and after with all their times).
      def initialize(sizes, profile, before:, walk:, after:, lean:)
        @sizes = sizes
        @profile = profile
        @before = before
        @gaps = walk.closed_gaps
        @after = after
        @tables = {}
        @open = Made.new([], [], Packing.new(frame_at(0.0), lean:))
        @closed = {}
        @made = {}
        weave(@open, @before, onward: @gaps)
      end

      # The strip with so many repeats.
      def strip(repeats) = @closed[repeats] ||= close(repeats)

      # How far so many repeats reach, with what closes them.
      def woven_mm(repeats) = made(repeats)[1]

      # The fewest repeats that reach a length: about so many as are begun within it.
      def reaching(length_mm)
        count = 1
        count += 1 while count < most_repeats && repeat_from_mm(count + 1) < length_mm
        count -= 1 while count > 1 && woven_mm(count - 1) >= length_mm
        count += 1 while count < most_repeats && woven_mm(count) < length_mm
        count
      end

      # Where repeat k begins.
      def repeat_from_mm(repeat)
        grow(repeat)
        @open.heights[place_of(repeat)]
      end

      # So many that the next one more can still be made.
      def most_repeats = [((MOST_PASSES - @before.size - @after.size) / @gaps.size) - 3, 1].max

      def passes_before = @before.size

      # The base wires side by side at a place along the weave, their middle staying where it is.
      def frame_at(along)
        clear = @profile.stepped_mm(along, @sizes[:wire_mm])
        frames[clear] ||= begin
          gaps = Array.new(@sizes[:base_mm].size - 1, clear)
          Frame.new(**@sizes, clear_mm: gaps, origin: -clear * gaps.size / 2)
        end
      end

      private

      def frames = @frames ||= {}
      def place_of(repeat) = @before.size + ((repeat - 1) * @gaps.size)

      # Has every pass before so many repeats have begun, and the first of the last of them.
      def grow(repeat)
        weave(@open, @gaps, onward: @gaps) while @open.passes.size <= place_of(repeat)
      end

      # Makes a list of gaps into passes, going on to the gaps after it.
      # @raise [InvalidInput] when that would be too many
      def weave(made, gaps, onward:)
        raise InvalidInput.new([too_many(made.passes.size + gaps.size)]) if made.passes.size + gaps.size > MOST_PASSES

        way = [made.passes.last&.from, *gaps, onward[0], onward[1]]
        gaps.each_index do |i|
          pass = pass_at(made.heights.last || 0.0, way[i, 4], made.passes.size)
          made.heights << made.packing.place(pass)
          made.passes << pass
        end
      end

      def too_many(passes)
        Fault.new(path: "/sections/0/spacing", code: "too_many", given: "#{passes} passes or more", accepted: "at most #{MOST_PASSES} passes in all",
                  message: "so many passes are not walked one by one over gaps that change")
      end

      # Front and back in turn.
      def pass_at(along, around, place)
        frame = frame_at(along)
        (@tables[frame] ||= PassTable.new(frame)).between(around, place.even? ? 1 : -1)
      end

      def close(repeats)
        made, end_mm = made(repeats)
        CourseStrip.new(frame_at(0.0), made.passes, made.heights, end_mm, Array.new(repeats + 1) { |k| place_of(k + 1) })
      end

      # So many repeats with what closes them, and how far they reach. The last pass of the repeats leads to what closes them.
      def made(repeats)
        @made[repeats] ||= begin
          grow(repeats + 1)
          made = rewound(place_of(repeats + 1) - 1)
          weave(made, [@gaps.last], onward: @after.any? ? @after : [@gaps.first, nil])
          weave(made, @after, onward: [@after.first, nil]) if @after.any?
          [made, end_mm(made)]
        end
      end

      # The passes up to a place, packed again so that the packing stands there.
      def rewound(count)
        packing = @open.packing.fresh
        passes = @open.passes.first(count)
        passes.each { |pass| packing.place(pass) }
        Made.new(passes, @open.heights.first(count), packing)
      end

      # Where the next pass would come to lie, if the weave went on.
      def end_mm(made)
        gaps = @after.any? ? @after : @gaps
        made.packing.place(pass_at(made.heights.last, [made.passes.last.from, gaps[0], gaps[1], nil], made.passes.size))
      end
    end
  end
end
