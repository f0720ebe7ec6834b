# frozen_string_literal: true

module Meander
  module Crafts
    module Braiding
      # A braided section: so many stitches, bent to its form, with so much unbraided at each end.
      class Braided < Worked
        # An unbraided end is told in so many steps.
        BARE_STEPS = 8
        SWATCH = "braid a few centimetres of scrap, measure what a strand used"

        attr_reader :layout, :repeats, :bare_mm, :course

        def initialize(layout, repeats, bare_mm)
          super(layout.section)
          @layout = layout
          @repeats = repeats
          @bare_mm = bare_mm
          @course = layout.course(repeats)
          @told = {}
        end

        def words = "#{Words.call(layout)}#{Words.formed(layout)}"
        def strands = layout.strands
        def braided_mm = course.length_mm
        def length_mm = braided_mm + (2 * bare_mm)
        def thickness_mm = layout.thickness_mm
        def width_mm = layout.width_mm
        def weaving_mm = 0.0
        def flat? = way.flat?

        # At its ends the strands lie side by side, without their beads.
        def bulk_mm
          across = layout.across("start").minmax
          [across[1] - across[0] + base.map(&:mm).max, strands.map(&:thick_mm).max]
        end

        def middle_line = (0..60).map { |i| way.at(length_mm * i / 60, 0.0, 0.0) }
        def out = [way.at(length_mm, 0.0, 0.0), way.turn(length_mm)]

        def out_with(fields)
          return out if fields[:form] == section.form

          Braided.new(Layout.new(section.with(form: fields[:form]), layout.calibration), repeats, bare_mm).out
        end

        def beyond(side, place) = way.beyond((side == 1) ? length_mm : 0.0, place, layout.edges)

        def told
          "#{words}: #{Words.counted(layout, repeats)}, " \
          "#{Units::Text.length(braided_mm)} braided, #{Units::Text.length(bare_mm)} bare at each end"
        end

        # How it lies: its own curve, or that of its form, its ends with it.
        def way
          @told[:way] ||= pieces ? Form::Way::Chain.new([[bare_mm, 0.0], *pieces, [bare_mm, 0.0]]) :
            Form::Way.of(section.form, length_mm:, thickness_mm:, width_mm:)
        end

        # Of a curve that its beads make: of its middle line the radius, the chord, how far it stands off that (drop)
        # and how far it turns, in degrees; nil where they make none.
        def curve
          turn = course.cells.sum(&:turn).abs
          return if turn < 1e-9

          radii = layout.threading.own.filter_map { |figure| figure.radius_mm if figure.curvature != 0 }
          radius = radii.sum / radii.size
          {radius_mm: radius, chord_mm: 2 * radius * Math.sin([turn, 2 * Math::PI].min / 2).abs,
            drop_mm: radius * (1 - Math.cos([turn, 2 * Math::PI].min / 2)), turn: turn * 180 / Math::PI}
        end

        # What each strand runs in the braid, by strand, and what its wires run.
        def strand_mm = @told[:runs] ||= strands.each_index.map { |one| middle_mm(one) }.freeze
        def take_up = strand_mm.sum / strands.size / braided_mm

        # Laid from its crossings, of strands unlike each other, or with beads on both edges, and nothing was measured:
        # its lengths are assumed.
        def assumed?
          section[:swatch].nil? && (!layout.found? || layout.unlike? || course.kinds.any? { |kind| kind.size > 1 })
        end

        def run_mm(number) = braid_mm(number) + bare_run_mm(number, 0) + bare_run_mm(number, 1)

        # What a wire runs bare at its first end (0) or its last (1): in a bend more or less than along the middle.
        def bare_run_mm(number, side)
          @told[[:bare, number, side]] ||= begin
            line = flat_line(number).values_at(0, 2)[side]
            line.empty? ? 0.0 : bent_mm(line)
          end
        end

        # A wire of a strand in the braid itself.
        def braid_mm(number)
          @told[[:wire, number]] ||= begin
            one = strand_of(number)
            strand = strands[one]
            if strand.size == 1 || strand.twisted?
              strand_mm[one] * strand.take_up
            else
              lines = @told[[:beside, one]] ||= strand.lines(course.points(one)).map { |line| bent_mm(line) }
              lines[number - strand.numbers.first] * factor(one)
            end
          end
        end

        def parts(number)
          return super if bare_mm.zero?

          first, last = [0, 1].map { |side| ["bare", bare_run_mm(number, side), "unbraided"] }
          [first, ["section", braid_mm(number), words], last]
        end

        def marks(number)
          first, line, last = flat_line(number)
          from, to = [first.last || line.first, last.first || line.last].map { |point| bent(point) }
          begins = bare_run_mm(number, 0)
          [[begins, "braid begins", from], [begins + braid_mm(number), "braid ends", to]]
        end

        # The way of a wire, its bare ends with it.
        def trace(number) = @told[[:trace, number]] ||= flat_trace(number).map { |point| bent(point) }.freeze

        # How many crossings are made.
        def crossings = repeats * layout.scheme.crossings.size

        def units(*)
          [%w[crossing crossings].push(1), [*Words.names(layout), layout.scheme.crossings.size]]
        end

        # Its beads where they lie, along from its first end: BeadPlaces::Spot values.
        def beads = @told[:beads] ||= BeadPlaces.call(course, layout.beadings).map { |one| one.moved(bare_mm) }.freeze

        # Those of a placement, by its id.
        def beads_of(id)
          number = layout.beadings.index { |one| one.fields[:id] == id }
          beads.select { |one| one.placement == number }
        end

        def site = @told[:site] ||= Site.new(self).freeze
        def lying(along, across) = [way.at(along, across, 0.0)]

        def outline
          @told[:outline] ||= begin
            low, high = layout.edges
            steps = [(length_mm / 2).ceil, 12].max.clamp(12, 400)
            edges = ->(i) { [low, high].map { |x| way.at(length_mm * i / steps, x, 0.0).first(2) } }
            Form::Hull.call((0..steps).flat_map(&edges))
          end
        end

        def finished
          @told[:picture] ||= Picture::OnAsking.new("braided #{section.written} #{repeats} #{bare_mm}") do
            Picture::Finished.new(section.piece.colours) { |picture| base.each_index { |number| draw(number, picture) } }
          end
        end

        def steps(context) = Steps.call(self, context)
        def swatch = assumed? ? SWATCH : nil

        def advice(plan)
          [*(@told[:advice] ||= Advice::Council.call(self)), Advice::RunsOut.call(self, plan)].compact
        end

        def braid = @told[:plain] ||= Told.call(self).freeze

        # The strand a wire belongs to, from 0.
        def strand_of(number) = strands.index { |strand| strand.numbers.include?(number) }

        private

        # What a strand takes for each mm that is drawn; and where a swatch said so.
        def factor(one) = course.more(one) * swatch_factor

        # Of a swatch against what would be reckoned of it.
        def swatch_factor
          swatch = section[:swatch] or return 1.0

          @told[:swatch] ||= begin
            runs = strands.each_index.sum { |one| course.strand_mm(one) * course.more(one) }
            reckoned = runs / strands.size / braided_mm
            swatch[:used].mm / swatch[:length].mm / reckoned
          end
        end

        def middle_mm(one) = path_mm(one) * factor(one)

        # Of the middle line of a strand. Bent alike all along, or by its beads, it is that of its cells.
        def path_mm(one)
          return bent_mm(course.points(one)) if layout.outline(repeats) || !flat?

          course.strand_mm(one, (!layout.curved? && way.is_a?(Form::Way::Arc)) ? way.turn(1.0) : 0.0)
        end

        # Straights and arcs that it lies in: its stitches as its beads curve them, or its outline; nil where neither.
        def pieces
          return course.cells.map { |cell| [cell.advance_mm, cell.curvature] } if layout.curved?

          layout.outline(repeats)&.pieces
        end

        def bent_mm(line)
          Form::Trace.smooth_mm(line.map { |point| bent(point) })
        end

        # A wire as it is braided, not bent, its straight ends apart: [end, braid, end], beginning at y = -bare.
        def flat_line(number)
          one = strand_of(number)
          lines = @told[[:flat, one]] ||= strands[one].lines(course.points(one)).map do |line|
            next [[], line, []] if bare_mm.zero?

            [bare(line.first, -1), line, bare(line.last, 1).reverse]
          end
          lines[number - strands[one].numbers.first]
        end

        def flat_trace(number) = flat_line(number).then { |first, line, last| [*first[0..-2], *line, *last.drop(1)] }

        # Straight to where a wire is braided from, or on to, rising to its height there.
        def bare((x, y, z), side)
          (0..BARE_STEPS).map { |i| [x, y + (side * bare_mm * (1 - (i / BARE_STEPS.to_f))), z * i / BARE_STEPS] }
        end

        # A place of the straight braid once that is bent.
        def bent((x, y, z)) = way.at(y + bare_mm, x, z)

        # What lies behind first: of a strand the stretches under others, as it was braided.
        def draw(number, picture)
          wire = base[number]
          faces = flat_trace(number).each_cons(2).map { |one, other| (one[2] + other[2] >= 0) ? 1 : -1 }
          trace(number).each_cons(2).zip(faces).chunk_while { |(_, one), (_, other)| one == other }.each do |run|
            points = [run.first.first.first, *run.map { |pair, _| pair.last }]
            next picture.round(run.first.last, wire.id, wire.mm, points) unless flat?

            picture.line(Picture::Finished::NEAR.fetch(run.first.last), wire.id, wire.mm, points)
          end
        end
      end
    end
  end
end
