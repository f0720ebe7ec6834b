# frozen_string_literal: true

module Meander
  module Crafts
    module Weaving
      # Faults of a woven section beyond the shapes of its fields: strands and gaps that go together, a pattern its base
      # wires can carry, a form that can be woven.
      class Checks
        # seated: Document::SectionChecks::Seated; place: the JSON pointer to the section.
        def self.call(seated, place, reading) = new(seated, place, reading).call

        def initialize(seated, place, reading)
          @section = seated
          @place = place
          @reading = reading
        end

        def call
          strands
          cut_away
          spacing
          tapers if @section[:rise][:to]
          WalkChecks.call(@section[:pattern], @section.base.size, "#{@place}/pattern", @reading)
          form
        end

        private

        def fault(path, given, message, accepted) = @reading.fault(path, "built", given, message:, accepted:)

        # Two strands are laid together or take turns, and are of one size.
        def strands
          one, other, more = @section.working
          if more
            return @reading.fault(@place, "strands", "#{@section.working.size} wires",
              message: "a section is woven with one wire or two", accepted: "one or two weaving wires")
          end
          return unless other && (one.mm - other.mm).abs > 1e-6

          @reading.fault("#{@section.path.call(other)}/size", "strands", other.size.typed,
            message: "two weaving wires in one weave must be of one size", accepted: one.size.typed)
        end

        def in_turn? = @section.working.size == 2 && @section.in_turn

        def cut_away
          return if @section.cut_away.size < @section.base.size

          @reading.fault(@place, "reference", @section.cut_away.map { |number| "base #{number}" }.join(", "),
            message: "every base wire would be cut away", accepted: "all but one at the most")
        end

        def spacing
          spacing = @section[:spacing]
          clear_gaps(spacing[:clear]) if spacing[:kind] == "apart"
          stations(spacing[:stations]) if spacing[:kind] == "changing"
        end

        # Repeats that open or close are each told by their number from where the work begins.
        def tapers
          shared = @section[:from] == "middle" && @section[:centre] == "shared"
          said = in_turn? ? "wires that take turns" : ("halves that share their coils in the middle" if shared)
          return unless said

          fault("#{@place}/rise/to", @section[:rise][:to].typed, "a pitch that changes is not planned for #{said}",
            "null, for repeats that are all alike")
        end

        def clear_gaps(given)
          needed = @section.base.size - 1
          return if given.size == needed

          @reading.fault("#{@place}/spacing/clear", "list", "a list of #{given.size}",
            message: "#{@section.base.size} base wires have #{needed} gaps between them",
            accepted: "a list of #{needed}")
        end

        # Places go on along the weave; a wire cut away and an open pitch are reckoned on gaps that stay as they are.
        def stations(given)
          given.each_cons(2).with_index(1) do |(one, other), i|
            next if other[:at].mm > one[:at].mm

            @reading.fault("#{@place}/spacing/stations/#{i}/at", "order", other[:at].typed,
              message: "this place does not lie after the one before it",
              accepted: "more than #{one[:at].typed}")
          end
          only_even("#{@place}/rise/kind", "open", "an open pitch") if @section[:rise][:kind] == "open"
          only_even(@place, "in_turn", "taking turns") if in_turn?
          if @section.cut_away.any?
            only_even(@place, @section.cut_away.map { |number| "base #{number}" }.join(", "),
              "cutting base wires away")
          end
          only_even("#{@place}/spacing/kind", "changing", "a gap that changes") if @section.base.size == 1
        end

        def only_even(path, given, what)
          accepted = (@section.base.size == 1) ? "two base wires or more" :
            "none, or base wires that stand alike all along"
          @reading.fault(path, "spacing", given, message: "#{what} cannot be planned here", accepted:)
        end

        def form
          return frame if Form::Opening::OUTLINES.key?(@section[:form][:kind])
          return unless @section[:spacing][:kind] == "changing" && @section[:form][:kind] != "straight"

          fault("#{@place}/spacing/kind", "changing", "gaps that change make a frame of their own, which is not bent",
            "tight, apart")
        end

        def frame
          if @section.base.size != 2
            fault(@place, Units::Text.count(@section.base.size, "base wire"), "a frame has two base wires",
              "two base wires")
          end
          if @section[:rise][:kind] == "open"
            fault("#{@place}/rise/kind", "open", "an open pitch cannot be planned on a frame", "packed")
          end
          fault(@place, "in_turn", "wires cannot take turns on a frame", "two weaving wires at one seat") if in_turn?
          if @section.cut_away.any?
            away = @section.cut_away.map { |number| "base #{number}" }.join(", ")
            fault(@place, away, "the wires of a frame hold it", "none cut away")
          end
          folded(@section[:form]) if @section[:form][:kind] == "crescent"
        end

        # The inside of a crescent may not be bent past a point.
        def folded(form)
          return if form[:radius].mm > form[:width].mm / 2

          fault("#{@place}/form/radius", form[:radius].typed, "a crescent so wide cannot be bent so far",
            "more than half its width, #{Units::Text.length(form[:width].mm / 2)}")
        end
      end
    end
  end
end
