# frozen_string_literal: true

module Meander
  module Planner
    # What stands at the ends of a piece that is one straight strip, in the places of the strip: endings, ribbon ends
    # over it, what hangs on them, and all beads that lie on it. Answers as Picture::FlushEnds does.
    class StripEnds
      def initialize(plan)
        @plan = plan
        @piece = plan.piece
      end

      def beads = @plan.beads_h[:drawn]
      def colours(_strip) = @piece.colours

      def strands(strip)
        @middle = strip.layout.middle_mm
        @edges = {"start" => [-1.0, strip.bare_mm], "end" => [1.0, strip.bare_mm + strip.woven_mm]}
        ended = @piece.endings.sort_by.with_index { |ending, i| [(ending.side == "start") ? 0 : 1, i] }.map do |ending|
          @plan.ended(ending.id)
        end
        ended.flat_map { |one| ending(one) } + @piece.ribbons.flat_map { |one| ribbon(@plan.ended(one.id)) } +
          ended.flat_map { |one| hung(one) }
      end

      private

      # A place of an ending ([across, outwards, height]).
      def at(ended, (across, out, height))
        sign, edge = @edges.fetch(ended.ending.side)
        [across + @middle, sign * (edge + out - ended.inset_mm), height]
      end

      def ending(ended)
        kept = ended.bent.strands.reject { |number, _| ended.section.section.cut_away?(number) }
        kept.map do |number, strand|
          ended.wire(number).then do |wire|
            {wire: wire.id, of: ended.ending.id, d: wire.mm, points: strand.points.map { |point|
              at(ended, point)
            }}
          end
        end
      end

      def ribbon(ended)
        ended.bent.body.map do |points|
          {wire: @piece.ribbon_body(ended.ending), of: ended.ending.id, d: Picture::DrawStrip::RIBBON_MM,
            points: points.map { |point| at(ended, point) }}
        end
      end

      def hung(ended)
        findings = @plan.findings.select { |finding| finding.fields[:on].first == ended.ending.id }
        drawn = Findings::Hung.call(findings) do |across, out|
          at(ended, [across, ended.bent.reach_mm + out, 0.0])
        end
        drawn.map { |finding, d, points| {wire: finding.id, of: finding.id, d:, points:} }
      end
    end
  end
end
