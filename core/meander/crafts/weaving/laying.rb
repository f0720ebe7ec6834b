# frozen_string_literal: true

module Meander
  module Crafts
    module Weaving
      # A section in, a laid-out weave out (Weave::EvenLayout, or Weave::ChangingLayout where the gaps change).
      class Laying
        # Sections laid out lately, by all that they depend on: how many repeats are woven is asked of them later.
        KEPT = Kept.new(60)

        # section: a Document::Section that is a straight strip.
        def self.call(section, calibration) = new(section, calibration).call

        def initialize(section, calibration)
          @section = section
          @lean = calibration.lean
          @pattern = section.pattern
          @spacing = section[:spacing]
          @stretches = {}
          @walk = (@pattern[:kind] == "coils") ? Weave::Walk.coils(@pattern[:single], @pattern[:both]) :
            Weave::Walk.new(@pattern[:gaps])
        end

        def call = changing? ? course : settled

        # [[Walk, times], ...] before or after the repeats.
        def stretches(side)
          told = told(side)
          return told.map { |one| [Weave::Walk.new(one[:gaps]), one[:times]] } if told.all? { |one| one[:times] }

          @stretches[side] ||= Stretches.new(sizes, @lean, changing? ? profile : even_frame)
            .then { |stretches| (side == :before) ? stretches.before(told) : stretches.after(told, ends_mm) }
        end

        private

        def changing? = @spacing[:kind] == "changing"

        # As a document has them.
        def told(side)
          return @pattern[side] unless @pattern[:kind] == "coils"

          [{gaps: [0, 1], times: @pattern[(side == :before) ? :anchor : :closing]}]
        end

        # How far it is woven over gaps that change, nil where that is not said in mm.
        def ends_mm
          return unless changing?

          extent, whole = @section[:extent], profile.places.max
          {"fill" => whole, "share" => extent[:share]&.*(whole), "length" => extent[:length]&.mm}[extent[:kind]]
        end

        def profile
          @profile ||= Weave::Profile.new(
            @spacing[:stations].map { |station| [station[:at].mm, station[:clear].mm] },
            joined: @spacing[:ends] == "joined"
          )
        end

        def sizes
          {base_mm: @section.base.map(&:mm), wire_mm: @section.strands.map(&:mm).max,
            strands: @section.in_turn? ? 1 : @section.strands.size}
        end

        def settled
          frame = even_frame
          told = [*stretches(:before), [@walk, 1], *stretches(:after)].map { |walk, times| [walk.gaps, times] }
          KEPT.fetch([sizes, frame.clear_mm, told, stretches(:before).size, pitches, @lean, rest&.gaps]) do
            laid(frame)
          end
        end

        def laid(frame)
          table = Weave::PassTable.for(frame, [@walk, *(stretches(:before) + stretches(:after)).map(&:first)])
          before, after = %i[before after].map do |side|
            stretches(side).map { |walk, times| [repeat(frame, walk, table:), times] }
          end
          Weave::EvenLayout.new(frame, table, repeats(frame, table), before:, after:,
            rest: rest&.then { |walk| repeat(frame, walk, table:) })
        end

        # What follows the first wraps of a repeat where two halves share those, nil where they do not or cannot.
        def rest = (@section.shares_centre? && !@section.in_turn?) ? after_first_wraps(@walk) : nil

        # The walk without the wraps it begins with; nil where it begins with none, or what is left is no walk.
        def after_first_wraps(walk)
          first, *others = Weave::Groups.of(walk.closed_gaps)
          gaps = others.flat_map(&:gaps)
          if first.is_a?(Weave::Groups::Wraps) && gaps.size > 1 && gaps.size.even? && gaps.first != gaps.last
            Weave::Walk.new(gaps)
          end
        end

        def even_frame
          visited = [*@walk.gaps, *(told(:before) + told(:after)).flat_map { |stretch| stretch[:gaps] }].uniq
          return Weave::Frame.tight(**sizes, visited:) if @spacing[:kind] == "tight"

          Weave::Frame.new(**sizes, clear_mm: @spacing[:clear].map(&:mm))
        end

        def repeat(frame, walk, **options) = Weave::Repeat.new(frame, walk, lean: @lean, **options)

        # The repeats, as open as they are asked to be, one after another where that changes. An open pitch below the
        # packed one cannot be made: it is planned packed, and an advice says so.
        def repeats(frame, table)
          packed = repeat(frame, @walk, table:)
          made = pitches.map { |mm| repeat(frame, @walk, table:, pitch_mm: [mm, packed.packed_mm].max) }
          (made.size > 1) ? Weave::Tapering.new(made) : made.first || packed
        end

        # In mm: none where it is packed, one where all are alike, else those of the repeats up to where they stay.
        def pitches
          rise = @section[:rise]
          return [] unless rise[:kind] == "open"
          return [rise[:pitch].mm] unless rise[:to]

          from, to, over = rise[:pitch].mm, rise[:to].mm, rise[:over]
          (0..over).map { |i| from + ((to - from) * i / over) }
        end

        def course
          before, after = %i[before after].map { |side| stretches(side) }
          half_way = profile.gaps.minmax.sum / 2
          frame = Weave::Frame.new(**sizes, clear_mm: Array.new(sizes[:base_mm].size - 1, half_way))
          Weave::ChangingLayout.new(Weave::Course.of(sizes, profile, before:, walk: @walk, after:, lean: @lean),
            profile,
            repeat(frame, @walk))
        end
      end
    end
  end
end
