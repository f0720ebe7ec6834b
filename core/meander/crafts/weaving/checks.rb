# frozen_string_literal: true

module Meander
  module Crafts
    module Weaving
      # Faults of a woven section beyond the shapes of its fields: strands and gaps that go together, a pattern its base wires can carry, a
      # form that can be woven.
      class Checks
        # place: the JSON pointer to the section.
        def self.call(section, document, place, reading) = new(section, document, place, reading).call

        def initialize(section, document, place, reading)
          @section = section
          @document = document
          @place = place
          @reading = reading
        end

        def call
          strands
          strand_sizes
          cut_away
          spacing
          WalkChecks.call(@section[:pattern], @section[:base].size, "#{@place}/pattern", @reading)
          form
        end

        private

        def fault(path, given, message, accepted) = @reading.fault(path, "built", given, message:, accepted:)

        def strands
          laid = @section[:weaving]
          if laid.size > @section[:strands] || laid.uniq.size < laid.size
            @reading.fault("#{@place}/weaving", "strands", laid.join(", "), message: "#{@section[:strands]} strand cannot be of #{laid.size} wires",
                           accepted: "one wire for one strand; one, or two different ones, for two")
          end
          return if @section[:turns] == "together" || [laid.size, @section[:strands]] == [2, 2]

          @reading.fault("#{@place}/turns", "strands", "in_turn", message: "one wire cannot take turns with itself", accepted: "together, or two weaving wires")
        end

        def strand_sizes
          places = @section[:weaving].filter_map { |id| @document[:wires].index { |wire| wire[:id] == id } }
          one, other = places.map { |at| @document[:wires][at][:size] }
          return unless other && (one.mm - other.mm).abs > 1e-6

          @reading.fault("/wires/#{places[1]}/size", "strands", other.typed, message: "two weaving wires in one weave must be of one size", accepted: one.typed)
        end

        def cut_away
          @section[:cut_away].each_with_index do |id, i|
            next if @section[:base].include?(id)

            @reading.fault("#{@place}/cut_away/#{i}", "reference", id, message: "#{id} is no base wire of this section", accepted: @section[:base].join(", "))
          end
          return if @section[:cut_away].uniq.size < @section[:base].size

          @reading.fault("#{@place}/cut_away", "reference", @section[:cut_away].join(", "), message: "every base wire would be cut away", accepted: "all but one at the most")
        end

        def spacing
          spacing = @section[:spacing]
          clear_gaps(spacing[:clear]) if spacing[:kind] == "apart"
          stations(spacing[:stations]) if spacing[:kind] == "changing"
        end

        def clear_gaps(given)
          needed = @section[:base].size - 1
          return if given.size == needed

          @reading.fault("#{@place}/spacing/clear", "list", "a list of #{given.size}", message: "#{@section[:base].size} base wires have #{needed} gaps between them",
                         accepted: "a list of #{needed}")
        end

        # Places go on along the weave; a wire cut away and an open pitch are reckoned on gaps that stay as they are.
        def stations(given)
          given.each_cons(2).with_index(1) do |(one, other), i|
            next if other[:at].mm > one[:at].mm

            @reading.fault("#{@place}/spacing/stations/#{i}/at", "order", other[:at].typed, message: "this place does not lie after the one before it",
                           accepted: "more than #{one[:at].typed}")
          end
          only_even("#{@place}/rise/kind", "open", "an open pitch") if @section[:rise][:kind] == "open"
          only_even("#{@place}/turns", "in_turn", "taking turns") if @section[:turns] == "in_turn"
          only_even("#{@place}/cut_away", @section[:cut_away].join(", "), "cutting base wires away") if @section[:cut_away].any?
          only_even("#{@place}/spacing/kind", "changing", "a gap that changes") if @section[:base].size == 1
        end

        def only_even(path, given, what)
          accepted = (@section[:base].size == 1) ? "two base wires or more" : "none, or base wires that stand alike all along"
          @reading.fault(path, "spacing", given, message: "#{what} cannot be planned here", accepted:)
        end

        def form
          return frame if Form::Opening::OUTLINES.key?(@section[:form][:kind])
          return unless @section[:spacing][:kind] == "changing" && @section[:form][:kind] != "straight"

          fault("#{@place}/spacing/kind", "changing", "gaps that change make a frame of their own, which is not bent", "tight, apart")
        end

        def frame
          fault("#{@place}/base", "a list of #{@section[:base].size}", "a frame has two base wires", "a list of 2") if @section[:base].size != 2
          fault("#{@place}/rise/kind", "open", "an open pitch cannot be planned on a frame", "packed") if @section[:rise][:kind] == "open"
          fault("#{@place}/turns", "in_turn", "wires cannot take turns on a frame", "together") if @section[:turns] == "in_turn"
          fault("#{@place}/cut_away", @section[:cut_away].join(", "), "the wires of a frame hold it", "none") if @section[:cut_away].any?
          folded(@section[:form]) if @section[:form][:kind] == "crescent"
        end

        # The inside of a crescent may not be bent past a point.
        def folded(form)
          return if form[:radius].mm > form[:width].mm / 2

          fault("#{@place}/form/radius", form[:radius].typed, "a crescent so wide cannot be bent so far", "more than half its width, #{Units::Text.length(form[:width].mm / 2)}")
        end
      end
    end
  end
end
