# frozen_string_literal: true

module Meander
  module Crafts
    module Bending
      # Faults of a bent wire beyond the shapes of its fields: bends that its thickness does not allow.
      class Checks
        # No run is longer.
        LONGEST_MM = 3000.0

        # seated: Document::SectionChecks::Seated; place: the JSON pointer to the section.
        def self.call(seated, place, reading) = new(seated, place, reading).call

        def initialize(seated, place, reading)
          @bend = seated[:bend]
          @wire = seated.base.first
          @place = place
          @reading = reading
        end

        def call
          petals if @bend[:kind] == "rosette"
          other
        end

        private

        def fault(path, given, message, accepted)
          @reading.fault("#{@place}/bend/#{path}", "built", given, message:, accepted:)
        end

        def mm = @wire.mm

        def other
          case @bend[:kind]
          when *Form::Outline::KINDS then closed unless Form::Outline.call(@bend, mm)
          when "swirl" then swirl if @bend[:pitch].mm < mm - 1e-6
          when "waved_ring" then waves if @bend[:height].mm >= @bend[:across].mm
          when "run" then run
          when "arc" then arc if @bend[:radius].mm <= mm / 2
          end
        end

        def swirl
          fault("pitch", @bend[:pitch].typed, "the turns of a swirl cannot lie closer than the wire is thick",
            "#{Units::Text.wire(mm)} or more")
        end

        def arc
          fault("radius", @bend[:radius].typed, "a wire cannot be bent round less than half its own thickness",
            "more than #{Units::Text.wire(mm / 2)}")
        end

        # Every arc round more than half the wire, and all of it no longer than anybody bends.
        def run
          @bend[:parts].each_with_index do |part, i|
            next unless part[:kind] == "arc" && part[:radius].mm <= mm / 2

            fault("parts/#{i}/radius", part[:radius].typed,
              "a wire cannot be bent round less than half its own thickness", "more than #{Units::Text.wire(mm / 2)}")
          end
          long = @bend[:parts].sum { |part| Form::Bends.part_mm(part) }
          return if long <= LONGEST_MM

          fault("parts", Units::Text.length(long), "so long a run is not bent in one",
            "up to #{Units::Text.length(LONGEST_MM)} in all")
        end

        def waves
          fault("height", @bend[:height].typed, "the waves would meet in the middle of the ring",
            "less than #{Units::Text.length(@bend[:across].mm)}")
        end

        # What of a closed outline leaves none.
        def closed
          return crescent if @bend[:kind] == "crescent"

          cleft = @bend[:cleft] && Form::Outline.new(@bend, mm).most_cleft_mm
          return outline unless cleft && cleft >= 0

          fault("cleft", @bend[:cleft].typed, "there is no room for so long a cleft above the bends at the tip",
            "up to #{Units::Text.length(cleft)}")
        end

        # How deep a middle may be with which horns and arcs find their places, told in tenths of a mm.
        def crescent
          deep = (1..(20 * @bend[:radius].mm).ceil).select do |tenths|
            Form::Outline.call({**@bend, middle: Units::Size.new(tenths / 10.0, "")}, mm)
          end
          if deep.empty?
            return fault("radius", @bend[:radius].typed, "so narrow a crescent has no room for its bends",
              "a wider radius")
          end

          fault("middle", @bend[:middle].typed, "a crescent so far round cannot be so deep in its middle",
            deep.minmax.map { |tenths| Units::Text.length(tenths / 10.0) }.join(" to "))
        end

        def outline
          widths = Form::Outline.widths(@bend, mm)
          said = @bend[:length].typed
          unless widths
            return fault("length", said, "so short there is no room for its bends", "a longer #{@bend[:kind]}")
          end

          fault("width", @bend[:width].typed, "a #{@bend[:kind]} #{said} long with such bends cannot be so wide",
            widths.map { |mm| Units::Text.length(mm) }.join(" to "))
        end

        # Each petal must reach beyond the folds at the centre and leave room for its own.
        def petals
          least = Form::Bends.centre_mm(@bend, mm) + @bend[:fold].mm + mm
          %i[long short].each do |key|
            next if @bend[key].mm > least

            fault(key, @bend[key].typed,
              "#{@bend[:petals]} petals need #{Units::Text.length(least)} for their centre and fold alone",
              "more than #{Units::Text.length(least)}")
          end
        end
      end
    end
  end
end
