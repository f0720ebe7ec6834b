# frozen_string_literal: true

module Meander
  module Built
    # Everything planned for a built piece. Figures in mm and g, full precision; `to_h` is what goes out as JSON.
    class Plan
      attr_reader :piece, :sections, :calibration, :questions, :poses, :runs, :cuts, :endings

      def initialize(piece, sections, calibration, questions)
        @piece = piece
        @sections = sections.freeze
        @calibration = calibration
        @questions = questions
        @poses = Standing.call(sections, piece.document[:sections].map { |section| section[:at] })
        @endings = piece.document[:endings].to_h { |fields| [fields[:id], ending(fields)] }
        @runs = piece.wires.select(&:base?).map { |wire| run(wire) }.freeze
        @cuts = Cut.all(runs, folds).freeze
        @loose = Picture::Finished.new(piece.wires.to_h { |wire| [wire.id, wire.material.colour] }) { |picture| draw_loose(picture) }
        freeze
      end

      # One finished piece, or two that mirror each other.
      def pieces = pair? ? 2 : 1
      def pair? = piece.body[:pair] == true
      def built_ending(fields) = endings.fetch(fields[:id])
      def woven = sections.select(&:woven?)
      def advice = Advice::Built::Council.call(self)
      def wraps = sections.sum(&:wraps)
      def minutes = wraps / calibration.pace.to_f
      def folds = piece.document[:endings].select { |ending| ending[:kind] == "fold" }

      # Grams of one finished piece.
      def mass_g
        base = runs.sum { |run| run.wire.material.mass_g(run.wire.mm, run.kept_mm) }
        base + woven.sum { |section| section.copies * section.plan.mass[:weaving_g] }
      end

      # Every picture with where it stands: [[Picture::Finished, Form::Pose, section id or nil], ...].
      def finished = [*sections.map { |section| [section.finished, poses.fetch(section.id), section.id] }, [@loose, Form::Pose::ORIGIN, nil]]

      # The same as it goes out: pictures by their hashes.
      def finished_h = finished.map { |picture, pose, id| {picture: picture.content_hash, pose: pose.to_a, section: id} }

      # The finished piece's extent: [[x, x], [y, y]].
      def extent
        points = sections.flat_map { |section| section.outline.map { |point| poses.fetch(section.id).at(point) } } + @loose.groups.values.flatten(2)
        [0, 1].map { |axis| points.map { |point| point[axis] }.minmax }
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

      def thickness_mm = sections.map { |section| section.woven? ? section.plan.layout.frame.thickness_mm : section.wire.mm }.max

      def to_h
        {sections: sections.map { |section| section_h(section) }, cuts: cuts.map(&:to_h), wearing:, extent: extent,
          finished: finished_h,
          work: {wraps:, minutes:}, mass_g: mass_g, pieces:, order: OrderOfWork.call(self).map(&:to_h),
          supply: Supply.call(piece, sections).map(&:to_h), advice: advice.map(&:to_h),
          names: piece.wires.map { |wire| {id: wire.id, words: wire.words, colour: wire.material.colour, names: Units::Gauge.names(wire.mm)} }}
      end

      private

      def run(wire)
        own = endings_of(wire)
        WireRun.new(wire, sections.select { |section| section.base.include?(wire.id) }, poses, own,
          tail_mm: piece.allowance_mm(:base_tail), trim_mm: piece.allowance_mm(:trim))
      end

      def endings_of(wire)
        %w[start end].to_h do |side|
          fields = piece.document[:endings].find { |ending| ending[:side] == side && ending[:wires].include?(wire.id) }
          [side, fields && endings.fetch(fields[:id])]
        end
      end

      # An ending stands where its wires leave their last section, or enter their first.
      def ending(fields)
        section = ended(fields)
        seats = section.seats[(fields[:side] == "end") ? 1 : 0]
        wires = fields[:wires].map { |id| piece.wire(id) }
        fields = {**fields, rounded: section.rounded?(fields[:side])}
        Endings::Registry.build(fields, wires:, centres: wires.map { |wire| seats.fetch(wire.id) })
      end

      def ended(fields) = sections.select { |section| section.base.include?(fields[:wires].first) }.then { |own| (fields[:side] == "end") ? own.last : own.first }

      def along_mm
        from = poses.fetch(sections.first.id)
        x, y, = poses.fetch(sections.last.id).at(sections.last.out[0])
        Math.hypot(x - from.x, y - from.y) + endings.values.sum(&:reach_mm)
      end

      # The wires between sections, and the endings.
      def draw_loose(picture)
        runs.each { |run| run.ways.reject(&:empty?).each { |points| picture.line(4, run.wire.id, run.wire.mm, points) } }
        piece.document[:endings].each { |fields| draw_ending(picture, fields) }
      end

      def draw_ending(picture, fields)
        section = ended(fields)
        pose = poses.fetch(section.id)
        place, turn = (fields[:side] == "end") ? section.out : [[0.0, 0.0, 0.0], 0.0]
        there = pose.on(place, turn)
        out = (fields[:side] == "end") ? 1 : -1
        endings.fetch(fields[:id]).strands.each do |id, strand|
          by_depth(strand.points).each { |layer, points| picture.line(layer, id, piece.wire(id).mm, points.map { |x, y, z| there.at([x, out * y, z]) }) }
        end
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
          pose: poses.fetch(section.id).to_a, plan: section.plan_h,
          steps: section.steps.map { |wire, mm| {wire:, mm:} }}
      end
    end
  end
end
