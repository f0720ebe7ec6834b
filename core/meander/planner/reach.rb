# frozen_string_literal: true

module Meander
  module Planner
    # How far a piece reaches that is worn round something: from where its first section begins to where the wire that
    # begins it leaves its last one, with what ends it and hangs there. In mm.
    class Reach
      # laid: the sections as their crafts lay them, in the order of the document; ends: Ends.
      def initialize(piece, laid, ends)
        @laid = laid.reject { |one| one.on.any? }
        @places = piece.sections.to_h { |section| [section.id, section[:at]] }
        @last = last(piece)
        @ends_mm = ends.reach_mm
        freeze
      end

      # What its ends alone take.
      attr_reader :ends_mm

      # extents: { section id => [repeats, bare_mm] }.
      def call(extents)
        worked = @laid.map { |one| one.worked(*extents.fetch(one.id)) }
        poses = Standing.call(worked, @places)
        from = poses.fetch(worked.first.id)
        x, y, = poses.fetch(@last).at(worked.find { |one| one.id == @last }.out[0])
        Math.hypot(x - from.x, y - from.y) + @ends_mm
      end

      private

      # The last section before a fold that the wire visits which begins the first.
      def last(piece)
        visits = piece.routes.of(piece.sections.first.base.first.id)
        folded = piece.routes.folds.map(&:to)
        visits.take_while { |visit| visit.equal?(visits.first) || !folded.include?(visit) }.last.section
      end
    end
  end
end
