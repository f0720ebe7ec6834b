# frozen_string_literal: true

module Meander
  module Output
    # A plan as the interface is told it: schema answer-1. Figures in mm and g, full precision, of one finished piece;
    # pictures by their hashes.
    module Answer
      WORN = %i[ease_mm wrist_mm opening_mm round_mm lift_mm slide_mm size_words strip_mm wanted_mm off_mm floats]
        .freeze

      # plan: Planner::Plan.
      def self.call(plan) = {**made(plan), **cut(plan), **shown(plan), **work(plan)}

      # What it is made of.
      def self.made(plan)
        {fit: fit(plan), met: met(plan), crossings: crossings(plan), worn: worn(plan),
          sections: plan.sections.map { |section| section_h(section, plan) },
          endings: plan.piece.endings.to_h { |ending| [ending.id, plan.ended(ending.id).words] },
          findings: plan.findings.map(&:to_h), beads: plan.beads_h,
          wires: plan.piece.wires.map { |wire| wire_h(wire) }}
      end

      # What is cut for it, and what it weighs.
      def self.cut(plan)
        {cuts: plan.runs.map { |cut| cut_h(cut, plan) }, cut_list: plan.cut_list.map(&:to_h),
          own: plan.separate_lengths.map(&:to_h), working: plan.working, mass: plan.mass, pieces: plan.pieces}
      end

      # How it looks and how far it reaches.
      def self.shown(plan)
        {strip: plan.band && plan.strip_picture.content_hash, finished: plan.band ? [] : finished(plan),
          extent: plan.extent, front: plan.front}
      end

      # How it is made, and what to mind.
      def self.work(plan)
        order = Work::Order.new(plan)
        {supply: Work::Supply.call(plan, order.spool).map(&:to_h),
          work: {wraps: plan.wraps, crossings: plan.crossings, stitches: plan.stitches, ties: plan.ties,
          minutes: plan.minutes},
          tasks: order.done.map { |done| task_h(done, plan) },
          order: order.steps.map(&:to_h), advice: Advice::Council.call(plan).map(&:to_h)}
      end

      def self.task_h(done, plan)
        {**done.task.to_h.slice(:kind, :id, :section, :words), steps: done.steps.size,
          breaks: done.breaks.map { |one| Advice::StepsBroken.item(plan, one).why }}
      end

      def self.wire_h(wire)
        {id: wire.id, words: wire.words, colour: wire.material.colour, names: Units::Gauge.names(wire.mm)}
      end

      # What the shelf shows of it.
      def self.summary(plan)
        shown = plan.band ? strip_h(plan) : {finished: finished(plan), beads: plan.beads_h.slice(:drawn)}
        {kind: plan.piece.kind, worn: worn(plan)&.slice(:strip_mm, :round_mm, :opening_mm, :wrist_mm, :size_words),
          **shown,
          extent: plan.extent, sections: plan.sections.map(&:words), pieces: plan.pieces, mass_g: plan.mass_g,
          wires: plan.piece.wires.map(&:words),
          stops: Advice::Council.call(plan).count { |item| item.severity == "stop" }}
      end

      def self.strip_h(plan)
        picture = plan.strip_picture
        {strip: {picture: picture.content_hash, across_mm: picture.drawn_across_mm, width_mm: picture.width_mm,
          thickness_mm: plan.band.thickness_mm, repeats: plan.band.repeats}}
      end

      def self.fit(plan)
        conflicts = plan.fit.conflicts.map do |one|
          {pins: one[:pins].map { |quantity, of| {quantity:, of:} }, reason: one[:reason]}
        end
        {**plan.fit.to_h.slice(:found, :free, :frames), conflicts:, neighbours: plan.neighbours}
      end

      # What was found for ends that must come together.
      def self.met(plan)
        values = plan.met.values.map do |give, number|
          {section: give.section, value: give.value, unit: give.unit, number:, stood: give.stands}
        end
        {met: plan.met.met?, off_mm: plan.met.off_mm, values:,
          frees: plan.met.frees.map { |give| {section: give.section, value: give.value} }}
      end

      def self.crossings(plan)
        plan.ways.crossings.map do |crossing|
          crossing.ways.zip(crossing.runs).map do |way, out_mm|
            {section: way.from.section, side: way.from.leaves, seat: way.from.number, out_mm:}
          end
        end
      end

      # How it is worn; nil where it is measured round nothing.
      def self.worn(plan) = plan.fit.worn? ? plan.fit.to_h.slice(*WORN) : nil

      def self.section_h(section, plan)
        {id: section.id, words: section.words, gives: gives(section, plan),
          shares: Document::WorkingRoute
            .why_alone(section.section, section.section.working.size, begun: section.section.begun_within?).nil?,
          length_mm: section.length_mm, copies: section.copies, wraps: section.wraps,
          minutes: section.moves / plan.calibration.pace_of(section.section.craft),
          pose: plan.pose(section).to_a, ends: ends_h(section, plan),
          braid: section.braid, crochet: section.crochet, knot: section.knot,
          strip: section.strip&.to_h
            &.merge(picture: (plan.band ? plan.strip_picture : section.strip_picture).content_hash),
          longer: section.longer.map { |number, mm| {wire: section.base[number].id, mm:} }}
      end

      # Which of its values may give to a meeting.
      def self.gives(section, plan) = Document::Giving.all(plan.asked.section(section.id).fields).map(&:value)

      # Where its base wires stand at its beginning and at its end in the finished piece, in the order of their seats:
      # { side => { places: [[x, y], ...], heading: outwards, from +y towards +x } }.
      def self.ends_h(section, plan)
        %w[start end].to_h do |side|
          last = side == "end"
          traces = section.base.each_index.map { |number| section.trace(number) }
          places = traces.map { |trace| plan.pose(section).at(last ? trace.last : trace.first).first(2) }
          pose = Planner::Standing.left(side, plan.pose(section), section) if places.any?
          [side, {places:, heading: pose&.turn || 0.0}]
        end
      end

      def self.cut_h(cut, plan)
        {**cut.to_h, place: plan.place(cut.wire), cut_away: plan.sections.any? { |section| away?(section, cut.wire) }}
      end

      def self.away?(section, wire)
        section.base.each_index.any? { |number| section.base[number] == wire && section.section.cut_away?(number) }
      end

      # Every picture of the finished piece with where it stands.
      def self.finished(plan)
        plan.finished.map { |picture, pose, id| {picture: picture.content_hash, pose: pose.to_a, section: id} }
      end
      private_class_method :made, :cut, :shown, :work, :task_h, :wire_h, :strip_h, :fit, :met, :crossings, :worn,
        :section_h,
        :gives, :ends_h, :cut_h, :away?, :finished
    end
  end
end
