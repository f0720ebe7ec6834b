# frozen_string_literal: true

module Meander
  module Crafts
    module Lacing
      # Two sections laced together, or tied where they meet, with a wire of its own: so many wraps round the one,
      # across and round the other, on to the next place; where they touch, round both at once. In the places of the
      # finished piece; mm.
      class Laced < Joining
        # A place: Form::Meeting::Place, the base wires met (their numbers in both rows) and how thick the two are
        # there, weave and all.
        Place = Struct.new(:met, :numbers, :thick) do
          # Round both at once where less than a wire passes between them.
          def tied?(wire_mm) = met.apart_mm - (thick.sum / 2) < wire_mm
        end

        # A lacing that spans more than this hangs loose. Our choice, no source.
        LOOSE_MM = 8.0

        attr_reader :rows, :places, :path_mm, :finished

        # rows: the two sections; poses: where they stand, by id.
        def initialize(section, rows, poses, calibration, on)
          super(section, calibration, on)
          @rows = rows
          lines = rows.map do |row|
            row.base.each_index.map { |number| row.close_trace(number).map { |point| poses.fetch(row.id).at(point) } }
          end
          @places = Form::Meeting.call(*lines, section[:places]).map { |met| place(met) }.freeze
          @path_mm = places.sum { |one| at_mm(one) } + places.each_cons(2).sum do |one, other|
            far(one.met.other.place, other.met.one.place)
          end
          @finished = Picture::Finished.new({wire.id => wire.material.colour}) do |picture|
            Drawing.call(picture, self, lines)
          end
          freeze
        end

        # Its wire is pulled through the edges of both.
        def shut? = true

        def wire_ends = [places.first.met.one.place, places.last.met.other.place]
        def tied? = places.all? { |one| one.tied?(wire.mm) }
        def wraps = places.sum { |one| one.tied?(wire.mm) ? section[:wraps] : 2 * section[:wraps] }
        def widest_mm = places.map { |one| one.met.apart_mm }.max

        # Round both wires at each of its places.
        def outline
          Form::Hull.call(places.flat_map { |one|
            [one.met.one.place, one.met.other.place].zip(rows, one.numbers).flat_map do |place, row, number|
              Form::Hull.round(place, (row.base[number].mm / 2) + wire.mm)
            end
          })
        end

        def words
          done, each = tied? ? %w[tied both] : %w[laced each]
          "#{done} together at #{Units::Text.count(places.size, "place")}, " \
          "#{Units::Text.count(section[:wraps], "wrap")} round #{each}"
        end

        def joins = [rows.map(&:id)]

        def kind = "lacing"

        def use
          ids = section.piece.sections.map(&:id)
          "#{tied? ? "ties" : "laces"} sections #{rows.map { |row| ids.index(row.id) + 1 }.join(" and ")}"
        end

        # Where a base wire of a row is tied or laced. Its place is one of the finished piece.
        def marks_on(row, number, _pose)
          side = rows.index { |one| one.id == row.id } or return []
          trace, to = row.close_trace(number), other_words(row)
          whole = Form::Trace.polyline_mm(trace)
          found = places.each_with_index.select { |one, _| one.numbers[side] == number }.map do |one, i|
            on = side.zero? ? one.met.one : one.met.other
            [row.run_mm(number) * Form::Trace.polyline_mm(trace.first(on.point + 1)) / whole,
              "#{one.tied?(wire.mm) ? "tie" : "lacing"} #{i + 1}#{to}", on.place]
          end
          found.sort_by(&:first)
        end

        # What a row is tied or laced to, where there is more than one such.
        def other_words(row)
          all = section.piece.document[:sections]
          return "" if all.count { |one| one.key?(:rows) && one[:rows].include?(row.id) } < 2

          other = rows.map(&:id).find { |id| id != row.id }
          " to section #{all.index { |one| one[:id] == other } + 1}"
        end

        # Rows are laced once both lie ready.
        def steps(context)
          one, other = rows.map { |row| context.called(row) }
          how = tied? ? "tie #{one} to #{other} where they meet" : "lace #{one} and #{other} together"
          each = "#{Units::Text.count(section[:wraps], "wrap")} round #{tied? ? "both" : "each"}"
          words = "#{with_wire(context)} #{how}, #{at_marks}, #{each}; #{ends_words(context)}."
          [Step.of("join", words, id, wraps / @calibration.pace.to_f, wires: [wire.id],
            makes: [Step::Made.whole("weave", id)], cuts:)]
        end

        def advice(_plan)
          return [] if widest_mm <= LOOSE_MM

          [AdviceItem.of("lacing-loose", "warn", "/rows",
            "The two rows stand up to #{Units::Text.length(widest_mm)} apart where they are laced",
            "A wire led so far from row to row stays loose and catches.",
            "Set the rows nearer, or lace them at more places.", widest_mm:)]
        end

        private

        # Where on the rows, by what is marked there.
        def at_marks
          return "at the mark" if places.size == 1

          "at the #{places.size} places marked on them, in the order of their numbers"
        end

        def place(met)
          numbers = [met.one.line, met.other.line]
          Place.new(met, numbers, rows.zip(numbers).map { |row, number| row.thick_mm(number) }).freeze
        end

        def far(one, other) = Math.hypot(other[0] - one[0], other[1] - one[1])

        # Coils round one wire are helices; round both at once belts.
        def at_mm(one)
          return section[:wraps] * both_mm(one) if one.tied?(wire.mm)

          one.thick.sum { |thick| section[:wraps] * Math.hypot(Math::PI * (thick + wire.mm), wire.mm) } +
            one.met.apart_mm
        end

        # An open belt round two pulleys (any machine-design handbook); where the two cross they lie on each other.
        def both_mm(one)
          small, big = one.thick.map { |thick| (thick + wire.mm) / 2 }.minmax
          s = [one.met.apart_mm, one.thick.sum / 2].max
          (2 * Math.sqrt((s**2) - ((big - small)**2))) + (Math::PI * (big + small)) +
            (2 * (big - small) * Math.asin((big - small) / s))
        end
      end
    end
  end
end
