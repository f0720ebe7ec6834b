# frozen_string_literal: true

module Meander
  module Crafts
    module Braiding
      # What is wrong with a braided section beyond the shapes of its fields: as many wires as its strands have, cords
      # that can be twisted, strands that go together, crossings that hold.
      class Checks
        # Strands may differ so far that one mean diameter still tells how they lie; and so far that they are braided at
        # all (our choice, no source).
        ALIKE, UNEQUAL = 1.5, 2.5
        BESIDE = 3

        # section: Document::SectionChecks::Seated.
        def self.call(section, place, reading) = new(section, place, reading).call

        def initialize(section, place, reading)
          @section = section
          @place = place
          @reading = reading
        end

        def call
          return unless counted

          @strands = Strand.all(@section[:strands], @section.base)
          cords
          alike
          pitch if scheme
        end

        private

        def fault(path, given, message, accepted)
          @reading.fault("#{@place}/#{path}", "braid", given, message:, accepted:)
        end

        def say(mm) = Units::Text.length(mm)

        def counted
          wires, held = @section.base.size, @section[:strands].sum { |one| one[:wires] }
          return true if wires == held

          fault("strands", "#{held} wires", "its strands hold #{held} wires, #{wires} lie in it", "#{wires} in all")
          false
        end

        def cords
          @strands.each_with_index do |strand, i|
            if !strand.twisted? && strand.size > BESIDE
              fault("strands/#{i}/wires", strand.size, "so many wires do not lie side by side in a strand",
                "up to #{BESIDE}, or twisted to a cord")
            end
            next unless strand.twisted? && strand.lay_mm < strand.least_lay_mm - 1e-9

            fault("strands/#{i}/twist/lay", @section[:strands][i][:twist][:lay].typed,
              "twisted so tight its wires no longer lie against each other",
              "#{Limits.least(strand.least_lay_mm)} or more")
          end
          @section[:strands].each_with_index do |strand, i|
            next unless strand[:twist] && strand[:wires] == 1

            fault("strands/#{i}/twist", "a twist", "one wire by itself is not twisted", "null, or two wires and more")
          end
        end

        def alike
          low, high = @strands.map(&:wide_mm).minmax
          return if high <= (UNEQUAL * low) + 1e-9

          fault("strands", "#{say(low)} and #{say(high)}", "these strands differ too much to braid evenly",
            "the thickest no more than #{UNEQUAL} times the thinnest")
        end

        # The crossings, where they hold.
        def scheme
          return Braid::Scheme.flat(@strands.size) if @section[:scheme][:kind] == "flat"

          crossings = @section[:scheme][:crossings]
          wrong = crossings.index { |one| one[:gap] >= @strands.size }
          if wrong
            fault("scheme/crossings/#{wrong}/gap", crossings[wrong][:gap],
              "there is no such gap between #{@strands.size} strands", "1 to #{@strands.size - 1}")
            return
          end

          made = Braid::Scheme.of(@strands.size, crossings)
          loose = Braid::Holding.call(made) or return made
          at = loose.place ? "scheme/crossings/#{loose.place}" : "scheme/crossings"
          fault(at, made.to_s[0, 60], "this comes undone: #{loose.words}", "crossings that hold")
          nil
        end

        def pitch
          typed = @section[:pitch] or return
          least = Pitch.least_mm(Measured.new(@strands, scheme, @section[:scheme][:kind] == "flat"))
          return if typed.mm >= least - 1e-9

          fault("pitch", typed.typed, "strands so thick cannot be drawn down so tight",
            "#{Limits.least(least)} or more")
        end
      end

      # What Pitch asks of a layout, before there is one.
      Checks::Measured = Struct.new(:strands, :scheme, :flat) do
        def d = strands.sum(&:wide_mm) / strands.size
        def known? = flat && Braid::PlainFigure::SHAPES.key?(strands.size)
      end
    end
  end
end
