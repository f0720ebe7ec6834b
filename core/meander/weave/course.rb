# frozen_string_literal: true

require "monitor"

module Meander
  module Weave
    # A weave on base wires whose gaps change along the strip (see Profile): what is woven before the repeats, repeat
    # after repeat as far as they are asked for, and what closes them. Placed station by station, each as its own gap
    # asks (see Placing). All in mm.
    #
    # Passes are laid as they are asked for and are kept; asking twice gives the same answer. Courses asked for lately
    # are kept, too: the two halves of a pair are one. Safe between threads.
    class Course
      include MonitorMixin

      KEPT = Kept.new(12)
      # Every pass is made by itself, so there is an end to how many.
      MOST_PASSES = 4000
      # So many passes are pulled taut together.
      TOGETHER = 64
      # So many repeats more than are asked for can always be laid.
      BEYOND = 3

      # sizes: what Frame takes besides the gaps; before, after: [[Walk, times], ...]; walk: of the repeats.
      def self.of(sizes, profile, before:, walk:, after:, lean:)
        told = [before, [[walk, 1]], after].map { |stretches| stretches.map { |one, times| [one.closed_gaps, times] } }
        KEPT.fetch([sizes, profile.stations, profile.joined?, told, lean]) do
          new(sizes, profile, before:, walk:, after:, lean:)
        end
      end

      def initialize(sizes, profile, before:, walk:, after:, lean:)
        super()
        @sizes = sizes
        @profile = profile
        @before, @after = [before, after].map do |stretches|
          stretches.flat_map { |one, times| one.closed_gaps * times }
        end
        @gaps = walk.closed_gaps
        @frames = {}
        @closed, @closing = {}, {}
        @told, @taut, @pulled = [], [0.0], 0
        @widths = Widths.for(sizes, walks)
        @leaning = Leaning.new(profile, sizes)
        @open = CourseLaying.new(@widths, @leaning, lean, sizes)
        @kept = []
        lay(@open, @before, before: nil, onward: @gaps.first(2))
      end

      # The strip with so many repeats.
      def strip(repeats) = synchronize { @closed[repeats] ||= close(repeats) }

      # How far so many repeats reach, with what closes them.
      def woven_mm(repeats) = synchronize { @after.empty? ? repeat_from_mm(repeats + 1) : closing(repeats).end_mm }

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
        synchronize do
          grow(repeat)
          @kept[repeat - 1].end_mm
        end
      end

      # So many that the next one more can still be made.
      def most_repeats = [((MOST_PASSES - @before.size - @after.size) / @gaps.size) - BEYOND - 2, 1].max

      def passes_before = @before.size
      def visited = (@before + @gaps + @after).uniq

      # The base wires side by side at a place along the weave, their middle staying where it is.
      def frame_at(along) = frame(@profile.stepped_mm(along, @sizes[:wire_mm]))

      private

      def frame(clear)
        gaps = Array.new(@sizes[:base_mm].size - 1, clear)
        @frames[clear] ||= Frame.new(**@sizes, clear_mm: gaps, origin: -clear * gaps.size / 2)
      end

      # Every way there will be, with where it ends.
      def walks
        closing = @after.any? ? @after : @gaps
        [@before + @gaps + @gaps + @after, @before + @gaps + @after].uniq.map { |gaps| gaps + [closing[0]] }
      end

      # Lays so many repeats, and what lies before them; how it stands is kept where each begins.
      def grow(repeats)
        passes = @open.passes + ((repeats - @kept.size) * @gaps.size)
        refuse(passes) if passes > MOST_PASSES
        while @kept.size < repeats
          @kept << @open.standing
          lay(@open, @gaps, before: @gaps.last, onward: @gaps.first(2), first: @kept.size == 1)
        end
      end

      def refuse(passes)
        fault = Fault.new(path: "/sections/0/spacing", code: "too_many", given: "#{passes} passes",
          accepted: "at most #{MOST_PASSES} passes in all",
          message: "so many passes are not walked one by one over gaps that change")
        raise InvalidInput.new([fault])
      end

      # A list of gaps as passes, going on to the gaps after it. first: whether they go on from what is woven before the
      # repeats.
      def lay(laying, gaps, before:, onward:, first: false)
        refuse(gaps.size) if gaps.size > MOST_PASSES
        before = @before.last if first
        way = [before, *gaps, *onward, nil].first(gaps.size + 3)
        gaps.each_index { |i| laying.lay(@widths.kind(way[i, 4], laying.passes.even? ? 1 : -1)) }
      end

      # So many repeats as they were laid and pulled taut, with what closes them.
      def close(repeats)
        grow(repeats + BEYOND)
        held, closing = @kept[repeats - 1], closing(repeats)
        told = told(repeats - 1).first(held.passes)
        heights = closing.taut(@taut.first(held.stations) + closing.heights.drop(held.stations), held.stations)
        told += closing.kinds.drop(held.passes).zip(closing.by_pass(heights, held.passes)).map do |kind, ys|
          pass(kind, ys)
        end
        CourseStrip.new(frame_at(0.0), told, woven_mm(repeats),
          Array.new(repeats + 1) { |k| @before.size + (k * @gaps.size) })
      end

      # The last of so many repeats laid once more with what closes it, as its last pass leads there.
      def closing(repeats)
        @closing[repeats] ||= begin
          grow(repeats)
          @open.back_at(@kept[repeats - 1]).tap { |laying| lay_on(laying) }
        end
      end

      def lay_on(laying)
        way = [(laying.passes.zero? ? nil : laying.kinds.last.pass.from), *@gaps, *@after, @after.first || @gaps.first,
          nil]
        (@gaps.size + @after.size).times { |i| laying.lay(@widths.kind(way[i, 4], laying.passes.even? ? 1 : -1)) }
      end

      # What lies before the repeats and so many of them, at least, pulled taut some repeats at a time, with one more
      # that is laid already: [[CoursePass, heights, length], ...].
      def told(repeats)
        each = [TOGETHER / @gaps.size, 1].max
        while @pulled < repeats || @told.empty?
          from, to = @told.empty? ? 0 : @pulled, @pulled + each
          grow(to + 2)
          pull(from.zero? ? 1 : @kept[from].stations, from.zero? ? 0 : @kept[from].passes, @kept[to],
            @kept[to + 1].stations)
          @pulled = to
        end
        @told
      end

      # Stations from one on, to where it stood once; what lies beyond, up to another, gives way but is not kept.
      def pull(from, first, standing, beyond)
        taut = @open.taut(@taut.first(from) + @open.heights[from...beyond], from)
        @taut = taut.first(standing.stations)
        heights = @open.by_pass(@taut, first)
        @told += @open.kinds[first...standing.passes].each_with_index.map { |kind, i| pass(kind, heights[i]) }
      end

      # One pass where it lies, every station as wide as its own gap says: [CoursePass, heights, length].
      def pass(kind, heights)
        run, before = 0.0, nil
        points = heights.each_with_index.map do |y, k|
          clear, slope = @leaning.at(y)
          between = @widths.between(clear)
          told = @widths.at(kind, k, *between)
          x, z = @leaning.across(told[0], clear, slope), told[1]
          run += stepped(@widths.at(kind, k - 1, *between), told, before, x, z) if before
          before = [x, z]
          [x, z, run]
        end
        made = CoursePass.new(kind, frame_at(heights[heights.size / 2]), points,
          straight_mm(heights[heights.size / 2], kind.pass))
        [made, heights, made.climbed_mm(heights)]
      end

      # From one station to the next: as far as they lie apart, and as much longer as the arc between them, told at one
      # gap, is than its chord.
      def stepped((one_x, one_z, one_run), (other_x, other_z, other_run), (from_x, from_z), x, z)
        chord = Math.hypot(other_x - one_x, other_z - one_z)
        Math.hypot(x - from_x, z - from_z) * ((chord > 1e-9) ? (other_run - one_run) / chord : 1.0)
      end

      # Of a pass over several base wires: as far as the outermost of them stand apart.
      def straight_mm(along, pass)
        frame_at(along).centres.values_at(*pass.wires.minmax).then { |low, high| high - low }
      end
    end
  end
end
