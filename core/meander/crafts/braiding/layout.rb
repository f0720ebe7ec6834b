# frozen_string_literal: true

module Meander
  module Crafts
    # Strands crossed over each other.
    module Braiding
      # What a braided section comes to before it is known how far it is braided. All in mm.
      class Layout
        include Counted

        # No section has more stitches, is any longer, or has more crossings or turns of its cords.
        MOST_REPEATS = 2000
        LONGEST_MM = 10_000.0
        MOST_CROSSINGS = 6000
        MOST_TURNS = 2000

        attr_reader :section, :calibration, :strands, :scheme, :d, :thick_mm, :pitch_mm, :threading

        # @raise [InvalidInput] where it cannot be braided
        def initialize(section, calibration)
          @section = section
          @calibration = calibration
          @strands = Strand.all(section[:strands], section.base).freeze
          @d = mean(&:wide_mm)
          @thick_mm = mean(&:thick_mm)
          @scheme = Braid::Scheme.said(strands.size, section[:scheme])
          @pitch_mm = section[:pitch]&.mm || Pitch.usual_mm(self)
          @courses, @worked, @told = {}, {}, {}
          @threading = Threading.new(self)
          freeze
        end

        def id = section.id
        def on = []
        def free? = section.free?
        def bare_mm = section.bare_mm
        def flat? = section[:scheme][:kind] == "flat"

        # From which edge it is begun; crossings said one by one are begun where they say.
        def begun = section[:scheme].fetch(:begun, "near")

        # Which strand is filled where beads fill one: the outermost at that edge.
        def leading = (begun == "far") ? strands.size - 1 : 0

        # Is how far its stitches advance in the tables of flat braids?
        def known? = flat? && Braid::PlainFigure::SHAPES.key?(strands.size)

        # Is its path the one that was found for flat braids, or laid from its crossings?
        def found?
          known? && (threading.any? ? threading.found? : !(unlike? && Braid::RelaxedFigure.fits?(scheme)))
        end

        # Do strands differ so much that their mean no longer tells well how they lie?
        def self.unlike?(strands)
          strands.map(&:wide_mm).minmax.then { |low, high| high > (Checks::ALIKE * low) + 1e-9 }
        end

        def unlike? = self.class.unlike?(strands)

        # What is laid where its path was not found.
        def tubes
          @told[:tubes] ||= Braid::LaidFigure::Strands.new(scheme, d, thick_mm, unlike? ? strands.map(&:wide_mm) : nil)
        end

        def worked(repeats, bare_mm, _on = nil)
          @worked[[repeats, bare_mm]] ||= begin
            outline(repeats)
            Braided.new(self, repeats, bare_mm)
          end
        end

        # The closed outline that so many stitches are bent to, nil where its form is another.
        # @raise [InvalidInput] where none so wide is as long as they are
        def outline(repeats)
          form = section.form
          return unless Forms::OUTLINES.include?(form[:kind])

          (@told[:outlines] ||= {})[repeats] ||=
            Form::Outline.so_long(form, width_mm, woven_mm(repeats)) || refuse(form, woven_mm(repeats))
        end

        # The braid of so many stitches, or rounds.
        # @raise [InvalidInput] where that is more than is planned at once
        def course(repeats)
          @courses[repeats] ||= begin
            bounded(repeats)
            found? ? flat_course(repeats) : Braid::RoundCourse.new(scheme, kinds(repeats), figures(repeats), leading:)
          end
        end

        # Blending from one kind of stitch to another keeps their sum.
        def woven_mm(repeats)
          return repeats * pitch_mm unless threading.any?

          kinds = kinds(repeats)
          figures = threading.figures(kinds)
          kinds.tally.sum { |kind, count| count * (kind.empty? ? pitch_mm : figures.fetch(kind).advance_mm) }
        end

        def most_repeats
          [MOST_REPEATS, MOST_CROSSINGS / scheme.crossings.size, (LONGEST_MM / least_mm).floor].min.clamp(1, nil)
        end

        # How far one more of them reaches.
        def advance_mm = threading.advances.first || pitch_mm

        # Outside to outside, with its beads.
        def width_mm = @told[:wide] ||= edges.then { |low, high| high - low }

        def thickness_mm
          strands = sample.reach[1].then { |low, high| high - low + thick_mm }
          [strands, *beadings.map { |one| one.kind.depth_mm }].max
        end

        def counted(repeats) = Words.counted(self, repeats)

        # How far it reaches to either side of the line that strands are told from: [low, high].
        def edges
          half = mean(&:across_mm) / 2
          low, high = sample.reach[0].then { |one, other| [one - half, other + half] }
          beads = BeadPlaces.call(sample, beadings).flat_map do |spot|
            reach = beadings[spot.placement].kind.across_mm / 2
            [spot.at[1] - reach, spot.at[1] + reach]
          end
          [*beads, low, high].minmax
        end

        # Where each of its wires lies across it at a side.
        def across(side, repeats = nil)
          places = ((repeats && side == "end") ? course(repeats) : sample).across(side)
          strands.zip(places).flat_map { |strand, x| spread(strand, x) }
        end

        # Do its beads curve it?
        def curved? = threading.own.any? { |figure| figure.curvature != 0 }

        # Its placements of beads.
        def beadings = threading.beadings

        private

        def mean(&of) = strands.sum(&of) / strands.size

        def refuse(form, long_mm)
          mm = Units::Text.method(:length)
          widths = Form::Outline.widths_so_long(form, width_mm, long_mm)
          key, given = widths ? [:width, form[:width].typed] : [:tip, form[:tip].typed]
          raise InvalidInput.new([Fault.new(path: "#{section.place}/form/#{key}", code: "built", given:,
            message: "#{mm[long_mm]} of this braid do not go round a #{form[:kind]} so #{widths ? "wide" : "bent"}",
            accepted: widths ? widths.map { |one| mm[one] }.join(" to ") : "a longer braid, or tighter bends")])
        end

        def flat_course(repeats)
          course = Braid::FlatCourse.new(strands.size, kinds(repeats), figures(repeats))
          (begun == "far") ? Braid::MirroredCourse.new(course) : course
        end

        # Of every stitch which beads it carries.
        def kinds(repeats) = threading.kinds(repeats)

        def figures(repeats)
          kinds = kinds(repeats)
          plain = found? ? Pitch.figure(self) : Braid::LaidFigure.new(tubes, pitch_mm) if kinds.include?([])
          {**(plain ? {[] => plain} : {}), **threading.figures(kinds)}
        end

        def least_mm = [pitch_mm, *threading.advances].min

        # So many stitches show how wide it is.
        def sample
          first = beadings.map { |one| one.fields[:first] + 4 }.max || 1
          @courses[:sample] ||= course([first, given.to_i].max.clamp(1, 60))
        end

        # Where the wires of a strand lie at its place.
        def spread(strand, x)
          step = strand.twisted? ? 0.0 : strand.wire_mm
          Array.new(strand.size) { |i| x + (step * (i - ((strand.size - 1) / 2.0))) }
        end

        def bounded(repeats)
          crossings = repeats * scheme.crossings.size
          turns = strands.map { |strand| strand.twisted? ? woven_mm(repeats) / strand.lay_mm : 0.0 }.max
          mm = Units::Text.method(:length)
          too_much("#{crossings} crossings", "#{MOST_CROSSINGS} crossings") if crossings > MOST_CROSSINGS
          too_much(mm[woven_mm(repeats)], "#{mm[LONGEST_MM]} braided") if woven_mm(repeats) > LONGEST_MM + 1
          too_much("#{turns.ceil} turns of a cord", "#{MOST_TURNS} turns of a cord") if turns > MOST_TURNS
        end
      end
    end
  end
end
