# frozen_string_literal: true

module Meander
  module Crafts
    module Knotting
      # What is wrong with a knotted section beyond the shapes of its fields.
      class Checks
        # section: Document::SectionChecks::Seated.
        def self.call(section, place, reading) = new(section, place, reading).call

        def initialize(section, place, reading)
          @section = section
          @place = place
          @reading = reading
          @cords = section.base.size
        end

        def call
          sound = @section[:rows].each_with_index.map { |row, i| row(row, "rows/#{i}") }.all?
          return unless sound && any

          mount
          spacing
          RoundChecks.call(@section, method(:fault)) if @section[:round]
          swatch
          hitched
          finish
        end

        private

        def fault(path, given, message, accepted)
          @reading.fault("#{@place}/#{path}", "knot", given, message:, accepted:)
          false
        end

        # Each of its knots takes cords that there are.
        def row(row, path)
          taken = 0
          row[:knots].each_with_index do |one, i|
            return false unless knot(one, "#{path}/knots/#{i}")

            taken += one[:cords]
            next if taken <= @cords || @section[:round]

            return fault("#{path}/knots/#{i}", "cords #{taken - one[:cords] + 1} to #{taken}",
              "its knots need more cords than there are", "knots on cords 1 to #{@cords}")
          end
          !@section[:round] || closes(row, path)
        end

        # All the way round the last knot may reach on over cords that were left hanging.
        def closes(row, path)
          number = RoundChecks.meets(row, @cords) or return true

          fault("#{path}/knots/#{number}", Knot::Notation.write([row]), "the round does not close: it runs into its " \
            "own first knot", "knots on #{@cords} cords, all the way round")
        end

        def knot(one, path)
          return true if one[:kind] == "pass"

          kind = Knot::Kinds.fetch(one[:kind])
          return true if kind.cords.cover?(one[:cords])

          fault("#{path}/cords", one[:cords], "#{Units::Text.a(kind.name)} is not tied with so many cords",
            (kind.cords.size == 1) ? kind.cords.min.to_s : "#{kind.cords.min} to #{kind.cords.max}")
        end

        def any
          return true if @section[:rows].any? { |row| row[:knots].any? { |one| one[:kind] != "pass" } }

          fault("rows", "cords that pass", "nothing is knotted", "a row with a knot in it")
        end

        # Cords beside each other are legs of one; heads beside each other have room.
        def mount
          mount = @section[:mount] or return
          legs = @section.base.each_slice(2).find { |one, other| other.nil? || one.id != other.id }
          if legs
            at = @section.base.index { |wire| wire.equal?(legs.first) } + 1
            return fault("mount", "cord #{at} by itself", "two legs that hang from a bar are one cord, folded",
              "both legs of a cord beside each other, or null")
          end
          over(mount)
          room(mount)
        end

        # What hangs from a bent wire says by that how thick its bar is.
        def over(mount)
          rim = @section[:at]&.fetch(:kind) == "rim"
          return if rim == mount[:over].nil?
          return fault("mount/over", mount[:over].typed, "they hang from the wire they stand on", "null") if rim

          fault("mount/over", "null", "nothing says how thick the bar is that they hang from",
            "0.2 mm to 60 mm, or a place on a bent wire")
        end

        def room(mount)
          room = mount[:room] or return
          needs = Layout.heads_mm(@section.base)
          return if needs <= room.mm + 1e-9

          fault("mount/room", room.typed, "so many cords do not hang from it beside each other",
            "at least #{Units::Text.length(needs)}, or fewer or thinner cords")
        end

        def spacing
          asked = @section[:spacing] or return
          least = Layout.spacing_mm(@section.fields, @section.base)
          return if asked.mm >= least - 1e-6

          fault("spacing", asked.typed, "its knots are wider than that",
            "#{Units::Text.length(least)} and more, or null")
        end

        def swatch
          swatch = @section[:swatch] or return
          unless Layout.tried(@section[:rows])
            return fault("swatch", "#{swatch[:knots]} knots", "a swatch tells of square or half knots, and there " \
              "are none",
              "null")
          end
          return if swatch[:used].mm >= swatch[:length].mm

          fault("swatch/used", swatch[:used].typed, "a working cord takes more than the knots reach",
            "at least #{swatch[:length].typed}")
        end

        # Cords that end in something else are not tied to a bar there.
        def hitched
          bar = @section[:hitched]
          return unless bar && @section.ended.include?("end")

          fault("hitched", bar.typed, "its cords end in something else there", "null, or no ending at its end")
        end

        # Cord melts, wire does not.
        def finish
          return unless @section[:finish] == "melt"
          return if @section.base.all? { |wire| wire.material.melts? }

          fault("finish", "melt", "only nylon and polyester are melted", "cut, knot, glue, tuck")
        end
      end
    end
  end
end
