# frozen_string_literal: true

module Meander
  module Planner
    # How far a piece reaches that is worn round something: from where its first section begins to where the wire that
    # begins it leaves its last one, or what is worked on from there, with what ends it and hangs there. In mm.
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
        on_from(piece, visits.take_while { |visit| visit.equal?(visits.first) || !folded.include?(visit) }.last.section)
      end

      # The last of those that go on from the end of one without a wire of it: worked into its edge, or joined to it.
      def on_from(piece, id)
        own = piece.section(id).base.map(&:id)
        onward = piece.sections.find do |one|
          at = one[:at]
          at && at[:kind] == "after" && at[:section] == id && at[:from] == "end" && (one.base.map(&:id) & own).empty?
        end
        onward ? on_from(piece, onward.id) : id
      end
    end
  end
end
