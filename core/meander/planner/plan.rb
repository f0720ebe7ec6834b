# frozen_string_literal: true

module Meander
  module Planner
    # Everything planned for a piece. Figures in mm and g, full precision; `to_h` is what goes out as JSON.
    class Plan
      attr_reader :layout, :fit, :bars, :account, :questions

      def initialize(layout:, fit:, bars:, account:, questions:)
        @layout = layout
        @fit = fit
        @bars = bars.freeze
        @account = account
        @questions = questions
        @drawn = {}
        freeze
      end

      def piece = layout.piece

      # Drawn when it is first asked for.
      def picture = @drawn[:picture] ||= Picture::DrawStrip.call(layout, fit, account, beads: beads_h[:drawn])

      # The beads placed on it, and the wires that some of them have of their own.
      def beads = @drawn[:beads] ||= rules.freeze

      # The beads as they go out: on the strip, along it from where the weave begins, across it from the first base wire.
      def beads_h = @drawn[:told] ||= beads_told

      # Every bead where it lies: [[rule, its number there, Beads::Rule::Lying, place [x, y], a place further along its hole], ...].
      def beads_lying = beads.flat_map { |rule| rule.lying.each_with_index.map { |one, i| [rule, i, one, one.at, one.at.zip(one.dir).map(&:sum)] } }

      # Gaps to hold while it is woven.
      def gaps = Beads::Spacer.gaps(layout, piece.section[:id])
      def own_lengths = BeadLengths.call(piece, beads, layout.calibration)
      def mass = Mass.call(layout, bars, account, beads, own_lengths)
      def advice = Advice::Council.call(self)

      # The order of work: [Work::Step, ...].
      def steps = Work::OfBand.call(self)

      # Grams of the finished piece.
      def mass_g = mass[:finished_g]

      # How far the strip reaches, across and along: [[x, x], [y, y]].
      def extent = [picture.x_range, picture.y_range]

      # One finished piece.
      def pieces = 1

      # The pictures there are of it: [[what of, hash], ...].
      def pictures = [["strip", picture.content_hash]]

      # Those that are seen at once, and those that are drawn when they are asked for.
      def shown = [picture]
      def strip_pictures = []

      # How many repeats each section has, nil where it is not woven.
      def repeats = [fit.repeats]

      # What it is, in a few lines.
      def told
        worn = fit.wrist_mm ? "#{piece.worn_on} #{Units::Text.length(fit.wrist_mm)}, ease #{Units::Text.length(fit.ease_mm)}" : "no #{piece.worn_on}"
        woven, bare, strip = [fit.woven_mm, fit.bare_mm, fit.strip_mm].map { |mm| Units::Text.length(mm) }
        [Weave::Samples.words(piece.pattern, layout.frame.count, piece.document[:weaves]),
          "#{Units::Text.count(fit.repeats, "repeat")}: #{woven} woven, #{bare} bare at each end, strip #{strip}; #{worn}"]
      end

      # Where one length of weaving wire ends and the next begins.
      def joins = @drawn[:joins] ||= joined.freeze

      # All that is cut for it: CutList::Row values.
      def cut_list
        base = bars.map do |bar|
          marks = [[bar.start_mark_mm, "start of weave"], [bar.middle_mark_mm, "middle"], [bar.end_mark_mm, "end of weave"]]
          CutList.base(bar, marks, "base wire, #{place(bar.wire)}#{"; cut away after weaving" if piece.cut_away?(bar.wire.id)}")
        end
        base + CutList.weaving(self) + CutList.own(own_lengths) + CutList.findings(piece.findings)
      end

      # How wide and how thick the strip is where an ending takes it, in mm.
      def bulk_mm(_ending) = [layout.width_mm, layout.frame.thickness_mm]

      def spare_mm = piece.pinned("weaving_wire")&.then { |to_hand| to_hand - account.total_mm }

      # picture: the name it is known by; order, cut_list: of the whole, which a part of a piece has none of.
      def to_h(picture: self.picture.content_hash, order: steps, cut_list: self.cut_list)
        {fit: fit_h, weave: weave_h, work: work_h, base: bars.map { |bar| bar_h(bar) }, weaving: weaving_h, mass: mass,
          wires: piece.wires.map { |wire| {id: wire.id, words: wire.words, colour: wire.material.colour, names: Units::Gauge.names(wire.mm)} },
          endings: layout.endings.transform_values(&:words), findings: piece.findings.map(&:to_h), beads: beads_h, own: own_lengths.map(&:to_h),
          cut_list: cut_list.map(&:to_h), order: order.map(&:to_h), advice: advice.map(&:to_h), picture:}
      end

      private

      def joined
        on = Weave::JoinPlace.words(Weave::Groups.of(layout.pattern.walk.gaps), layout.frame.count)
        account.joins.map { |length, at_mm| {repeat: length.first, half: length.half, strands: length.strands, at_mm:, on:} }
      end

      def rules
        ground = Beads::Ground.new(self, length_mm: fit.woven_mm)
        piece.beads(piece.section[:id]).map { |placed| Beads::Rules.build(placed, piece, ground) }
      end

      def beads_told
        middle = layout.frame.centres.then { |centres| (centres.first + centres.last) / 2 }
        Beads::Told.call(piece, beads, gaps) { |_, (along, across)| [[across + middle, along]] }
      end

      def fit_h = {**fit.to_h, pinned: PlanPiece.pins(piece).keys, neighbours: Neighbours.call(layout, fit, account)}

      # Two passes are a wrap; side by side two strands are laid at once.
      def work_h
        wraps = (layout.passes(fit.repeats) / 2) + own_lengths.sum(&:wraps)
        {wraps:, minutes: wraps / layout.calibration.pace.to_f}
      end

      def weave_h
        repeat = layout.pattern
        groups = Weave::Groups.of(repeat.walk.gaps)
        {words: Weave::Samples.words(piece.pattern, layout.frame.count, piece.document[:weaves]),
          groups: groups.map(&:to_h), free: MakeEven.free_groups(groups), notation: Notation::Writer.call(repeat.walk.gaps, groups), gaps: repeat.walk.gaps,
          passes: repeat.passes.size, runs_twice: repeat.walk.runs_twice?, advance_mm: repeat.advance_mm,
          packed_mm: repeat.packed_mm, loosest_mm: repeat.loosest_mm, wire_per_repeat_mm: repeat.wire_mm,
          width_mm: layout.width_mm, thickness_mm: layout.frame.thickness_mm, clear_mm: layout.frame.clear_mm,
          mirrors: Weave::Mirrors.call(piece.pattern, layout.frame.count), cover: layout.cover.faces.map { |face| {**face.to_h, wire: piece.base_wires[face.wire].id} }}
      end

      def bar_h(bar)
        {wire: bar.wire.id, place: place(bar.wire), cut_away: piece.cut_away?(bar.wire.id), words: bar.wire.words, colour: bar.wire.material.colour, cut_mm: bar.cut_mm, total_mm: bar.total_mm,
          parts: bar.parts.map(&:to_h), start_mark_mm: bar.start_mark_mm, middle_mark_mm: bar.middle_mark_mm,
          end_mark_mm: bar.end_mark_mm}
      end

      # Which of the base wires one is, in words.
      def place(wire)
        all = piece.base_wires
        return "the only one" if all.size == 1

        (all.size == 2) ? {all.first => "near", all.last => "far"}.fetch(wire) : "wire #{all.index(wire) + 1}"
      end

      def weaving_h
        {strands: piece.strands.map { |wire| {wire: wire.id, words: wire.words, colour: wire.material.colour} },
          path_mm: account.path_mm - account.beads_mm, beads_mm: account.beads_mm, slack_mm: account.slack_mm, tails_mm: account.tails_mm, waste_mm: account.waste_mm,
          margin_mm: account.margin_mm, reserve_mm: account.reserve_mm, total_mm: account.total_mm, spare_mm: spare_mm,
          lengths: account.lengths.map { |length| {**length.to_h, cut_mm: length.whole_mm} },
          joins:}
      end
    end
  end
end
