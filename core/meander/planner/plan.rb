# frozen_string_literal: true

module Meander
  module Planner
    # Everything planned for a piece. Figures in mm and g, full precision.
    class Plan
      attr_reader :piece, :laid, :placed, :going_on, :ends, :fit, :calibration, :questions, :beads, :met

      def initialize(piece:, laid:, placed:, going_on:, ends:, fit:, calibration:, questions:, met:)
        @piece = piece
        @laid = laid
        @placed = placed
        @going_on = going_on
        @ends = ends
        @calibration = calibration
        @questions = questions
        @met = met
        @ended = all_ended.freeze
        @beads = piece.beads.map { |placement| Beads::Rules.build(placement, piece, site(placement)) }.freeze
        Beads::Rule.check(beads.sum(&:count))
        @fit = fit
        @told = {}
        freeze
      end

      # Short, as what it holds would fill a book.
      def inspect = "#<#{self.class} of #{piece.name}>"

      # The piece as it was asked for; `piece` has what was found in its place.
      def asked = met.asked

      def sections = placed.sections
      def places = placed.places
      def pose(section) = placed.pose(section)

      # The section that is all of the piece, where it is one straight strip: then it is seen, drawn and told as a
      # strip; nil else.
      def band = placed.band

      # One finished piece, or two that mirror each other.
      def pieces = pair? ? 2 : 1
      def pair? = piece.pair?

      # A section among several in words, nil where it is the only one.
      def called(section) = (sections.size == 1) ? nil : "section #{sections.index { |one| one.id == section.id } + 1}"

      # What base wires are called in sentences.
      def names = @told[:names] ||= WireNames.new(sections)

      # Which of the base wires of its section one is, in words.
      def place(wire)
        section = sections.find { |one| one.base.include?(wire) }
        where = section.base.index(wire)
        told = case section.base.size
        when 1 then "the only one"
        when 2 then %w[near far][where]
        else Weave::WireName.said([wire], "wire #{where + 1}")
        end
        [told, called(section)].compact.join(", ")
      end

      # Base wires followed from end to end, each cut in one; their bare ways between sections.
      def runs = @told[:runs] ||= piece.base_wires.map { |wire| WireRun.new(wire, piece, placed, @ended, ways) }.freeze
      def ways = placed.ways

      # Every ending and fold where it stands, by its id; how wide and how thick what one takes is, in mm.
      def ended(id) = @ended.fetch(id)
      def bulk_mm(ending) = ended(ending.id).section.bulk_mm

      # Wires cut for something by themselves: lacings, coils over folds, beads.
      def separate_lengths = sections.flat_map(&:separate_lengths) + added

      # All that is cut for one of it: CutList::Row values.
      def cut_list = @told[:cut_list] ||= CutList.call(self).freeze

      # What everything takes of working wire: Crafts::WireUse values.
      def wire_uses = sections.flat_map(&:wire_uses) + added.map { |own| Crafts::WireUse.of(own) }

      # Gaps to hold while sections are worked.
      def gaps = sections.flat_map(&:gaps)

      # How many repeats each section has, nil where nothing is repeated.
      def repeats = sections.map(&:repeats)

      # Wire to hand that is not needed, in mm; below 0 where it is short, nil where nothing was said.
      def spare_mm
        pins = piece.document[:pins].select { |pin| pin[:quantity] == "wire" }
        pins.map { |pin| pin[:length].mm - working_mm(pin[:kind]) }.min
      end

      # Kinds of cuts that are of working wire.
      WORKED = %w[weaving own].freeze

      # All that is cut of every kind of working wire, by its id, in mm.
      def working
        piece.document[:kinds].select { |kind| kind[:use] == "working" }.to_h do |kind|
          [kind[:id], working_mm(kind[:id])]
        end
      end

      # All that is cut of a kind of working wire, in mm.
      def working_mm(kind)
        cut_list.select { |row| WORKED.include?(row.kind) && row.wire.kind == kind }.sum do |row|
          row.count * row.total_mm
        end
      end

      # The section that is as long as what the piece is worn on asks for, as it was laid; nil where none is.
      def free = fit.free && laid.find { |one| one.id == fit.free }

      # What one repeat, or frame, fewer or more would do, where their number was found.
      def neighbours = @told[:neighbours] ||= Neighbours.call(self)

      # Of beads and what they are threaded on; of working wire.
      def wraps = sections.sum(&:wraps) + added.sum(&:wraps)
      def crossings = sections.sum(&:crossings)
      def stitches = sections.sum(&:stitches)
      def ties = sections.sum(&:ties)

      def minutes
        sections.sum { |one| one.moves / calibration.pace_of(one.section.craft) } +
          (added.sum(&:wraps) / calibration.pace.to_f)
      end

      # Grams of one finished piece, by what they are.
      def mass = @told[:mass] ||= weighed.freeze
      def mass_g = mass[:finished_g]

      # The beads as they go out, in the places of the finished piece.
      def beads_h = @told[:beads] ||= Beads::Answer.call(piece, beads, gaps) { |rule, at| bead_places.at(rule, at) }

      # Where its beads lie in the finished piece.
      def bead_places = @told[:bead_places] ||= BeadPlaces.new(self).freeze

      # The picture of all of it as a strip, where it is one.
      def strip_picture = @told[:strip] ||= band.strip.drawn(StripEnds.new(self))

      # Every picture with where it stands: [[Picture::Finished, Form::Pose, section id or nil], ...].
      def finished
        [*sections.map { |section| [section.finished, pose(section), section.id] }, [loose, Form::Pose::ORIGIN, nil]]
      end

      # Pictures that are seen at once, and strips that are drawn when they are asked for.
      def shown = band ? [strip_picture] : finished.map(&:first)
      def strips = band ? [] : sections.filter_map(&:strip_picture)

      # The finished piece's extent: [[x, x], [y, y]].
      def extent
        beaded = bead_places.boxes
        wired = band ? [[strip_picture.x_range, strip_picture.y_range]] :
          [*sections.map { |section| pose(section).box(section.outline) }, loose.box]
        [*wired, *beaded].compact.transpose.map { |sides| sides.flatten.minmax }
      end

      # What hangs on it, a hook with two eyes as wide open as its loops ask; and from where something hangs on an
      # ending, [x, y, z].
      def findings
        @told[:findings] ||= piece.findings.map { |one|
          places = one.fields[:on].map { |id| hangs_at(id) }
          one.in_loops((places.size == 2) ? Math.hypot(*places.transpose.map { |a, b| b - a }.first(2)) : 0.0)
        }.freeze
      end

      def hangs_at(id) = ended(id).then { |holder| holder.at([holder.middle, holder.bent.reach_mm, 0.0]) }

      # A pendant as the front of a necklace, nil where it is none.
      def front = Front.call(self)

      private

      # Those of them that belong to no section.
      def added = @told[:added] ||= (covers + BeadLengths.call(piece, beads, calibration)).freeze

      def covers
        @ended.values.filter_map { |one| one.bent.cover if one.ending.fold? }.map do |cover|
          use = "covers the fold with a coil of #{Units::Text.count(cover.coils, "turn")}"
          Crafts::SeparateLength.new("cover", piece, piece.wire(cover.wire), cover.path_mm, use:, wraps: cover.coils,
            slack: calibration.slack)
        end
      end

      def weighed
        base_g = runs.sum { |run| run.wire.material.mass_g(run.wire.mm, run.kept_mm) }
        weaving_g = sections.sum(&:mass_g) + added.sum(&:mass_g)
        beads_g, findings_g = beads.sum(&:mass_g), findings.sum(&:mass_g)
        {base_g:, weaving_g:, beads_g:, findings_g:, finished_g: base_g + weaving_g + beads_g + findings_g}
      end

      # Endings where they stand; those that are led through others once those do.
      def all_ended
        led, others = piece.endings.partition { |ending| ending.kind == "led" }
        standing = others.to_h { |ending| [ending.id, ended_at(EndedAt, ending, ends.bent_of(ending))] }
        led.to_h { |ending| [ending.id, led_end(ending, standing.fetch(ending[:through]))] }.merge(standing)
      end

      def led_end(ending, loop)
        bare = ended_at(LedEnd, ending, ends.bent_of(ending))
        place = "/endings/#{piece.endings.index(ending)}"
        hole = LedThrough.call(bare, loop, EndingWords.call(self, loop.ending), place)
        ended_at(LedEnd, ending, ends.led(ending, hole))
      end

      def ended_at(kind, ending, bent)
        section = placed.section(ending.section)
        kind.new(bent, ending, section, pose(section)).freeze
      end

      # What a placement lies on: its section, or where that meets another.
      def site(placement)
        section = placed.section(placement[:section])
        return section.site unless placement[:rule] == "met"

        rows = [section, placed.section(placement[:other])]
        lines = rows.map do |row|
          row.base.each_index.map { |number| row.close_trace(number).map { |point| pose(row).at(point) } }
        end
        met = Form::Meeting.call(*lines, placement[:places])
        places = met.map do |one|
          thick = [one.one, one.other].zip(rows).map { |on, row| row.thick_mm(on.line) }
          Beads::MeetingSite::Place.new(one, thick).freeze
        end
        Beads::MeetingSite.new(places)
      end

      # Wires between sections, endings and what hangs on them.
      def loose
        @told[:loose] ||= Picture::Finished.new(piece.colours) do |picture|
          DrawLoose.new(self, @ended.values, picture).call
        end
      end
    end
  end
end
