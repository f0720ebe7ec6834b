# frozen_string_literal: true

module Meander
  module Planner
    # Draws what of a finished piece lies in no section: the wires between sections, the endings and what hangs on them,
    # the wires that beads have of their own.
    class DrawLoose
      # Behind all and before all.
      OVER_ALL = [3, 7].freeze
      BASE, OVER = 4, 5

      # ended: EndedAt values; picture: a Picture::Finished that is drawn on.
      def initialize(plan, ended, picture)
        @plan = plan
        @piece = plan.piece
        @ended = ended
        @picture = picture
      end

      def call
        @plan.runs.each { |run| run.kept_ways.each { |points| way(run.wire, points) } }
        @plan.going_on.leads.each { |led| @picture.line(3, led.wire.id, led.wire.mm, led.points) }
        @ended.each { |ended| ending(ended) }
        @piece.ribbons.each { |one| ribbon(@plan.ended(one.id)) }
        @plan.beads.each { |rule| threads(rule) }
        @plan.findings.group_by { |finding| finding.fields[:on].first }.each_value { |findings| hung(findings) }
      end

      private

      # What rises over another is drawn after it, and before what binds them.
      def way(wire, way)
        by_depth(way).each do |layer, points|
          @picture.line((layer == OVER_ALL.last) ? OVER : BASE, wire.id, wire.mm, points)
        end
      end

      def ending(ended)
        ended.bent.strands.each do |number, strand|
          wire = ended.wire(number)
          by_depth(strand.points).each do |layer, points|
            @picture.line(layer, wire.id, wire.mm, points.map { |point| ended.at(point) }, of: ended.ending.id)
          end
        end
        cover(ended) if ended.ending.fold? && ended.bent.cover
      end

      # Findings hang on their ending, a hook with two eyes between its two.
      def hung(findings)
        holders = findings.map { |finding| finding.fields[:on] }.max_by(&:size)
        places = holders.map { |id| @plan.hangs_at(id) }
        off = [0, 1].map { |axis| (places.sum { |place| place[axis] } / places.size) - places.first[axis] }
        ended = @plan.ended(holders.first)
        drawn = Findings::Hung.call(findings) do |across, out|
          ended.at([ended.middle + across, ended.bent.reach_mm + out, 0.0]).then do |x, y, z|
            [x + off[0], y + off[1], z]
          end
        end
        drawn.each { |finding, d, points| @picture.line(4, finding.id, d, points, of: finding.id) }
      end

      # The wires beads are threaded on, where they have their own.
      def threads(rule)
        rule.wire_uses.each do |points, face|
          points.map { |at| @plan.bead_places.at(rule, at) }.transpose.each do |line|
            @picture.line(face.positive? ? 6 : 3, rule.thread.id, rule.thread.mm, line, of: rule.id)
          end
        end
      end

      # A ribbon end lies over its strip, before and behind.
      def ribbon(ended)
        ended.bent.body.product(OVER_ALL).each do |points, layer|
          @picture.line(layer, @piece.ribbon_body(ended.ending), Picture::DrawStrip::RIBBON_MM,
            points.map { |point| ended.at(point) }, of: ended.ending.id)
        end
      end

      def cover(ended)
        cover, number = ended.bent.cover, ended.bent.strands.keys.first
        wire = @piece.wire(cover.wire)
        Form::Turns.along(ended.points(number), cover.coils, ended.section.base[number].mm + wire.mm).each do |points|
          @picture.line(6, wire.id, wire.mm, points, of: "#{ended.ending.id} cover")
        end
      end

      # What of a line lies before the work, level with it, and behind it.
      def by_depth(points)
        points.each_cons(2).slice_when { |one, other| layer(*one) != layer(*other) }.map do |run|
          [layer(*run.first), [run.first.first, *run.map(&:last)]]
        end
      end

      def layer(one, other)
        z = one[2] + other[2]
        return 4 if z.abs < 1e-6

        z.positive? ? 7 : 3
      end
    end
  end
end
