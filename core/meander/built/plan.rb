# frozen_string_literal: true

module Meander
  module Built
    # Everything planned for a built piece. Figures in mm and g, full precision; `to_h` is what goes out as JSON.
    class Plan
      # Behind all and before all.
      OVER_ALL = [3, 7].freeze
      private_constant :OVER_ALL

      # places: where the document says that each section stands, by id.
      attr_reader :piece, :sections, :places, :calibration, :questions, :poses, :runs, :cuts, :beads

      def initialize(piece, sections, calibration, questions)
        @piece = piece
        @calibration = calibration
        @questions = questions
        @places = piece.document[:sections].to_h { |section| [section[:id], section[:at]] }.freeze
        @poses = Standing.call(sections, places)
        @sections = laced(sections).freeze
        @ended = piece.document[:endings].to_h { |fields| [fields[:id], ended_at(fields)] }.freeze
        @runs = piece.wires.select(&:base?).map { |wire| run(wire) }.freeze
        @cuts = Cut.all(runs, folds).freeze
        @beads = piece.beads.map { |placed| Beads::Rules.build(placed, piece, ground(placed)) }.freeze
        Beads::Rule.check(beads.sum(&:count))
        @loose = Picture::Finished.new(piece.colours) { |picture| draw_loose(picture) }
        freeze
      end

      # One finished piece, or two that mirror each other.
      def pieces = pair? ? 2 : 1
      def pair? = piece.body[:pair] == true
      def built_ending(fields) = @ended.fetch(fields[:id]).ending
      def endings = @ended.values.map(&:ending)
      def woven = sections.select(&:woven?)
      def lacings = sections.select(&:laced?)

      # How wide and how thick what an ending takes is, in mm.
      def bulk_mm(fields)
        section = ended(fields)
        section.woven? ? [section.plan.layout.width_mm, section.plan.layout.frame.thickness_mm] : [section.wire.mm] * 2
      end

      # Wires cut for something by themselves: lacings, coils over folds.
      def own_lengths = lacings.map(&:own_length) + covers + Planner::BeadLengths.call(piece, beads, calibration)

      # All that is cut for one of it: Planner::CutList::Row values.
      def cut_list
        base = cuts.map do |cut|
          Planner::CutList.base(cut, cut.marks.map { |mark| [mark.at_mm, mark.words] }, cut.folded? ? "base wire, folded" : "base wire", ids: cut.wires, words: cut.words)
        end
        weaving = woven.flat_map { |section| Planner::CutList.weaving(section.plan, copies: section.copies, section: section.id, place: sections.index(section) + 1) }
        base + weaving + Planner::CutList.own(own_lengths) + Planner::CutList.findings(piece.findings)
      end

      # The beads as they go out, in the places of the finished piece.
      def beads_h = Beads::Told.call(piece, beads, gaps) { |rule, at| on_page(rule, at) }

      # Every bead where it lies in the finished piece, in each copy of its section: see Planner::Plan.
      def beads_lying
        beads.flat_map do |rule|
          rule.lying.each_with_index.flat_map do |one, i|
            far = [Math.hypot(*one.dir), 1e-9].max
            onward = one.at.zip(one.dir).map { |at, step| at + (Beads::Drawn::NEAR_MM * step / far) }
            on_page(rule, one.at).zip(on_page(rule, onward)).each_with_index.map { |(place, next_one), copy| [rule, [i, copy], one, place.first(2), next_one.first(2)] }
          end
        end
      end

      # Gaps to hold while their sections are woven.
      def gaps = woven.flat_map { |section| Beads::Spacer.gaps(section.plan.layout, section.id) }

      # Where a section stands; a lacing lies where its rows do.
      def pose(section) = poses.fetch(section.id, Form::Pose::ORIGIN)
      def advice = Advice::Built::Council.call(self)

      # The order of work: [Work::Step, ...].
      def steps = Work::OfSections.call(self)

      # The pictures there are of it: [[what of, hash], ...].
      def pictures
        finished.map { |picture, _, section| [section || "loose", picture.content_hash] } + woven.map { |section| ["strip of #{section.id}", section.strip_picture.content_hash] }
      end

      # Those that are seen at once, and those that are drawn when they are asked for.
      def shown = finished.map(&:first)
      def strip_pictures = woven.map(&:strip_picture)

      # How many repeats each section has, nil where it is not woven.
      def repeats = sections.map { |section| section.plan.fit.repeats if section.woven? }

      # What it is, in a few lines.
      def told = sections.map { |section| "#{section.id}: #{section.words}" }
      def wraps = woven.sum(&:wraps) + own_lengths.sum(&:wraps)
      def minutes = wraps / calibration.pace.to_f
      def folds = piece.document[:endings].select { |ending| ending[:kind] == "fold" }

      # Grams of one finished piece.
      def mass_g
        base = runs.sum { |run| run.wire.material.mass_g(run.wire.mm, run.kept_mm) }
        base + woven.sum { |section| section.copies * section.plan.mass[:weaving_g] } + own_lengths.sum(&:mass_g) + beads.sum(&:mass_g) + piece.findings.sum(&:mass_g)
      end

      # Every picture with where it stands: [[Picture::Finished, Form::Pose, section id or nil], ...].
      def finished = [*sections.map { |section| [section.finished, pose(section), section.id] }, [@loose, Form::Pose::ORIGIN, nil]]

      # The same as it goes out: pictures by their hashes.
      def finished_h = finished.map { |picture, pose, id| {picture: picture.content_hash, pose: pose.to_a, section: id} }

      # The finished piece's extent: [[x, x], [y, y]].
      def extent
        beaded = beads.flat_map { |rule| rule.lying.map { |one| around(rule, one) } }
        boxes = [*sections.map { |section| pose(section).box(section.outline) }, @loose.box, *beaded]
        boxes.compact.transpose.map { |sides| sides.flatten.minmax }
      end

      # How far a row of links reaches, its endings with it, and what its wrist asks for; nil where nothing is asked.
      def wearing
        return unless piece.body[:kind] == "links" && piece.pinned("wrist")

        reach = along_mm
        wanted = piece.pinned("wrist") + piece.ease_mm + (Math::PI * thickness_mm)
        chain = sections.find { |section| section.is_a?(Waists) }
        {wrist_mm: piece.pinned("wrist"), reach_mm: reach, wanted_mm: wanted, off_mm: reach - wanted,
          frames: chain && [chain.copies + ((wanted - reach) / chain.pitch_mm).round, 1].max}
      end

      def thickness_mm = sections.reject(&:laced?).map { |section| section.woven? ? section.plan.layout.frame.thickness_mm : section.wire.mm }.max

      def to_h
        {sections: sections.map { |section| section_h(section) }, cuts: cuts.map(&:to_h), cut_list: cut_list.map(&:to_h), wearing:, front: Front.call(self), extent: extent,
          finished: finished_h,
          work: {wraps:, minutes:}, mass_g: mass_g, pieces:, order: steps.map(&:to_h),
          findings: piece.findings.map(&:to_h), own: own_lengths.map(&:to_h), beads: beads_h, supply: Supply.call(piece, woven, own_lengths).map(&:to_h), advice: advice.map(&:to_h),
          names: piece.wires.map { |wire| {id: wire.id, words: wire.words, colour: wire.material.colour, names: Units::Gauge.names(wire.mm)} }}
      end

      private

      def covers
        @ended.values.filter_map { |ended| ended.ending.cover if ended.ending.is_a?(Endings::Fold) && ended.ending.cover }.map do |cover|
          use = "covers the fold with a coil of #{Units::Text.count(cover.coils, "turn")}"
          Planner::OwnLength.new("cover", piece, piece.wire(cover.wire), cover.path_mm, use:, wraps: cover.coils, slack: calibration.slack)
        end
      end

      # The sections in the order of the document, with what laces them together.
      def laced(sections)
        kept = sections.to_h { |section| [section.id, section] }
        piece.document[:sections].map { |fields| kept[fields[:id]] || Lacing.new(piece, fields, kept.values_at(*fields[:rows]), poses, calibration) }
      end

      def run(wire)
        own = sections.select { |section| section.base.include?(wire.id) }
        WireRun.new(wire, own, poses, endings_of(wire), lacings, cut_away: cut_away(wire),
          tails_mm: %w[start end].map { |side| piece.base_tail_mm(side) }, trim_mm: piece.allowance_mm(:trim))
      end

      def endings_of(wire)
        %w[start end].to_h do |side|
          fields = piece.document[:endings].find { |ending| ending[:side] == side && ending[:wires].include?(wire.id) }
          [side, fields && @ended.fetch(fields[:id])]
        end
      end

      # What a placement lies on: its section, or where that meets another.
      def ground(placed)
        return section(placed).ground unless placed[:rule] == "met"

        rows = [section(placed), section({section: placed[:other]})]
        lines = rows.map { |row| row.base.map { |id| row.trace(id).map { |point| pose(row).at(point) } } }
        places = Form::Meeting.call(*lines, placed[:places]).map do |met|
          Beads::MetGround::Place.new(met, [met.one, met.other].zip(rows).map { |on, row| piece.wire(row.base[on.line]).mm + (row.woven? ? 2 * row.plan.layout.frame.wire_mm : 0.0) }).freeze
        end
        Beads::MetGround.new(places)
      end

      def section(placed) = sections.find { |one| one.id == placed[:section] }

      # Where a place on a placement's ground lies in the finished piece, in each copy of its section: [[x, y, z], ...].
      def on_page(rule, at)
        return [[*at, 0.0]] if rule.is_a?(Beads::Met)

        section(rule.fields).then { |one| one.lying(*at).map { |point| pose(one).at(point) } }
      end

      # Before which sections a wire is cut away once the piece is woven.
      def cut_away(wire) = places.select { |_, at| at && at[:cut_away]&.include?(wire.id) }.keys

      # An ending stands where its wires leave their last section, or enter their first.
      def ended_at(fields)
        section = ended(fields)
        last = fields[:side] == "end"
        wires, centres = section.seats[last ? 1 : 0].to_a.transpose
        fields = {**fields, rounded: section.rounded?(fields[:side]), cover: fields[:cover] && piece.wire(fields[:cover])}
        ending = Endings::Registry.build(fields, wires: wires.map { |id| piece.wire(id) }, centres:, weaving_mm: section.woven? ? section.plan.layout.frame.wire_mm : 0.0)
        EndedAt.new(ending, section, poses.fetch(section.id), last ? 1 : -1).freeze
      end

      def ended(fields) = sections.select { |section| section.base.include?(fields[:wires].first) }.then { |own| (fields[:side] == "end") ? own.last : own.first }

      def along_mm
        first = sections.first
        last = runs.find { |run| run.wire.id == first.base.first }.sections.last
        from = pose(first)
        x, y, = pose(last).at(last.out[0])
        Math.hypot(x - from.x, y - from.y) + endings.sum(&:reach_mm) + piece.findings.sum(&:reach_mm)
      end

      # The wires between sections, and the endings.
      def draw_loose(picture)
        runs.each { |run| run.kept_ways.each { |points| picture.line(4, run.wire.id, run.wire.mm, points) } }
        @ended.each_value { |ended| draw_ending(picture, ended) }
        piece.ribbons.each { |fields| draw_ribbon(picture, fields, @ended.fetch(fields[:id])) }
        beads.each { |rule| draw_threads(picture, rule) }
        piece.findings.group_by(&:side).each { |side, findings| draw_hung(picture, side, findings) }
      end

      def draw_ending(picture, ended)
        ended.ending.strands.each do |id, strand|
          by_depth(strand.points).each { |layer, points| picture.line(layer, id, piece.wire(id).mm, points.map { |point| ended.at(point) }) }
        end
        draw_cover(picture, ended) if ended.ending.is_a?(Endings::Fold) && ended.ending.cover
      end

      # Findings hang on the first ending of their side that holds them, a hook with two eyes between the first two.
      def draw_hung(picture, side, findings)
        holders = piece.document[:endings].select { |ending| Document::FindingChecks.holds?(ending, side) }.map { |ending| @ended.fetch(ending[:id]) }
        places = holders.first(findings.any?(Findings::TwoEyeHook) ? 2 : 1).map { |ended| ended.at([ended.middle, ended.ending.reach_mm, 0.0]) }
        off = [0, 1].map { |axis| (places.sum { |place| place[axis] } / places.size) - places.first[axis] }
        ended = holders.first
        drawn = Findings::Hung.call(findings) { |across, out| ended.at([ended.middle + across, ended.ending.reach_mm + out, 0.0]).then { |x, y, z| [x + off[0], y + off[1], z] } }
        drawn.each { |finding, d, points| picture.line(4, finding.id, d, points) }
      end

      # The wires beads are threaded on, where they have their own.
      def draw_threads(picture, rule)
        rule.threads.each do |points, face|
          points.map { |at| on_page(rule, at) }.transpose.each { |line| picture.line(face.positive? ? 6 : 3, rule.thread.id, rule.thread.mm, line) }
        end
      end

      def around(rule, one)
        reach = one.kind.across_mm / 2
        on_page(rule, one.at).transpose.first(2).map { |places| places.minmax.then { |low, high| [low - reach, high + reach] } }
      end

      # A ribbon end lies over its strip, before and behind.
      def draw_ribbon(picture, fields, ended)
        ended.ending.body.product(OVER_ALL).each { |points, layer| picture.line(layer, piece.ribbon_body(fields), Picture::DrawStrip::RIBBON_MM, points.map { |point| ended.at(point) }) }
      end

      def draw_cover(picture, ended)
        cover, id = ended.ending.cover, ended.ending.strands.keys.first
        wire = piece.wire(cover.wire)
        Form::Turns.along(ended.points(id), cover.coils, piece.wire(id).mm + wire.mm).each { |points| picture.line(6, wire.id, wire.mm, points) }
      end

      # What of an ending lies before the work, level with it, and behind it.
      def by_depth(points)
        points.each_cons(2).slice_when { |one, other| layer(*one) != layer(*other) }.map { |run| [layer(*run.first), [run.first.first, *run.map(&:last)]] }
      end

      def layer(one, other)
        z = one[2] + other[2]
        return 4 if z.abs < 1e-6

        z.positive? ? 7 : 3
      end

      def section_h(section)
        {id: section.id, words: section.words, length_mm: section.length_mm, copies: section.copies, wraps: section.wraps, minutes: section.wraps / calibration.pace.to_f,
          pose: pose(section).to_a, plan: section.plan_h,
          steps: section.steps.map { |wire, mm| {wire:, mm:} }}
      end
    end
  end
end
