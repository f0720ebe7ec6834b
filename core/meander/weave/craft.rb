# frozen_string_literal: true

module Meander
  module Weave
    # Weaving as the planner sees it: a piece's section in, a laid-out weave out (Laid, or LaidCourse where the gaps change).
    class Craft
      # Sections laid out lately, by all that they depend on: how many repeats are woven is asked of them later.
      KEPT = Kept.new(60)

      def self.lay(piece, calibration) = new(piece, calibration).lay

      def initialize(piece, calibration)
        @piece = piece
        @lean = calibration.lean
        @pattern = piece.pattern
        @spacing = piece.section[:spacing]
        @walk = (@pattern[:kind] == "coils") ? Walk.coils(@pattern[:single], @pattern[:both]) : Walk.new(@pattern[:gaps])
      end

      def lay = (@spacing[:kind] == "changing") ? course : settled

      private

      # [[Walk, times], ...] before or after the repeats.
      def stretches(side)
        return [[Walk.new([0, 1]), @pattern[(side == :before) ? :anchor : :closing]]] if @pattern[:kind] == "coils"

        @pattern[side].map { |stretch| [Walk.new(stretch[:gaps]), stretch[:times]] }
      end

      def sizes = {base_mm: @piece.base_wires.map(&:mm), wire_mm: @piece.strands.map(&:mm).max, strands: @piece.in_turn? ? 1 : @piece.strands.size}

      def settled
        frame, rise = even_frame, @piece.section[:rise]
        told = [*stretches(:before), [@walk, 1], *stretches(:after)].map { |walk, times| [walk.gaps, times] }
        KEPT.fetch([sizes, frame.clear_mm, told, stretches(:before).size, rise[:pitch]&.mm, @lean, rest&.gaps]) { laid(frame) }
      end

      def laid(frame)
        table = PassTable.for(frame, [@walk, *(stretches(:before) + stretches(:after)).map(&:first)])
        before, after = %i[before after].map { |side| stretches(side).map { |walk, times| [repeat(frame, walk, table:), times] } }
        Laid.new(frame, table, repeat(frame, @walk, table:, pitch_mm: pitch_mm(frame, table)), before:, after:, rest: rest&.then { |walk| repeat(frame, walk, table:) })
      end

      # What follows the first wraps of a repeat where two halves share those, nil where they do not or cannot.
      def rest = (@piece.shares_centre? && !@piece.in_turn?) ? after_first_wraps(@walk) : nil

      # The walk without the wraps it begins with; nil where it begins with none, or what is left is no walk.
      def after_first_wraps(walk)
        first, *others = Groups.of(walk.closed_gaps)
        gaps = others.flat_map(&:gaps)
        Walk.new(gaps) if first.is_a?(Groups::Wraps) && gaps.size > 1 && gaps.size.even? && gaps.first != gaps.last
      end

      def even_frame
        visited = [@walk, *(stretches(:before) + stretches(:after)).map(&:first)].flat_map(&:visited).uniq
        return Frame.tight(**sizes, visited:) if @spacing[:kind] == "tight"

        Frame.new(**sizes, clear_mm: @spacing[:clear].map(&:mm))
      end

      def repeat(frame, walk, **options) = Repeat.new(frame, walk, lean: @lean, **options)

      # An open pitch below the packed one cannot be made: it is planned packed, and an advice says so.
      def pitch_mm(frame, table)
        rise = @piece.section[:rise]
        [rise[:pitch].mm, repeat(frame, @walk, table:).packed_mm].max if rise[:kind] == "open"
      end

      def course
        profile = Profile.new(@spacing[:stations].map { |station| [station[:at].mm, station[:clear].mm] }, joined: @spacing[:ends] == "joined")
        before, after = %i[before after].map { |side| stretches(side) }
        half_way = profile.gaps.minmax.sum / 2
        frame = Frame.new(**sizes, clear_mm: Array.new(sizes[:base_mm].size - 1, half_way))
        LaidCourse.new(Course.of(sizes, profile, before:, walk: @walk, after:, lean: @lean), profile, repeat(frame, @walk))
      end
    end
  end
end
