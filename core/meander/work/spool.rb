# frozen_string_literal: true

module Meander
  module Work
    # Where working wire can stay on its spool. Between two base wires a spool is passed round an end of them that is
    # still open: one where they are neither folded into each other, nor held by what is worked before, nor in an ending
    # that is made before. A section where both ends of some pair of neighbours are closed takes a length that is cut
    # and pulled through.
    class Spool
      SIDES = %w[start end].freeze

      # Ids of the sections that no spool passes, in the order they are worked.
      attr_reader :shut

      # plan: Planner::Plan; tasks: Task values in the order they are done.
      def initialize(plan, tasks)
        @plan = plan
        @tasks = tasks
        @shut = tasks.each_index.select { |i| shut_at?(i) }.map { |i| tasks[i].id }.freeze
        freeze
      end

      # Where a section is the first that no spool passes of those its wire goes through: how far on from where it
      # leaves the one before it the wire is cut off, in mm; nil of all others.
      def cut_mm(id)
        on = own(id).first
        return unless on&.from && shut.include?(id)

        before = coming(on)
        return if before.any? { |one| shut.include?(one) }

        length = @plan.placed.section(before.last).strip.account.lengths.last
        length.cut_mm - length.begin_mm - ((on.before_mm - on.led_mm) * (1 + @plan.calibration.slack))
      end

      private

      def own(id) = @plan.going_on.sections.fetch(id, Crafts::OnWire::ALONE)

      # Ids of the sections that a length makes before one of them (Crafts::OnWire::Element), the last of them first.
      def coming(on)
        found = []
        while on&.from
          found << on.from
          on = own(on.from).first
        end
        found
      end

      def shut_at?(index)
        task = @tasks[index]
        return false unless task.kind == "section"

        section, before = @plan.placed.section(task.id), @tasks.first(index)
        section.shut? || section.passed_between.any? { |pair| SIDES.all? { |side| held?(task.id, side, pair, before) } }
      end

      def held?(id, side, pair, before)
        folded?(id, side, pair) || led?(id, side, pair, before) || ended?(id, side, pair, before)
      end

      def endings(id, side) = @plan.piece.endings.select { |one| one.section == id && one.side == side }
      def folded?(id, side, pair) = endings(id, side).any? { |one| one.fold? && (pair - one.numbers).empty? }

      # Do both lead to one section that holds them by then?
      def led?(id, side, pair, before)
        ways = @plan.piece.routes.ways_of_section(id).select { |way| stands(way.at(id), way) == side }
        others = pair.map { |number| ways.select { |way| way.at(id).number == number + 1 }.flat_map(&:sections) - [id] }
        held = before.select { |task| task.kind == "section" }.map(&:id)
        (others.reduce(:&) & held).any?
      end

      # The side of its section that a wire leaves by a way, or comes in at.
      def stands(visit, way) = (visit == way.from) ? visit.leaves : visit.enters

      # Are both in one ending that is made by then?
      def ended?(id, side, pair, before)
        made = before.select { |task| task.kind == "ending" }.map(&:id)
        endings(id, side).any? { |one| made.include?(one.id) && (pair - one.numbers).empty? }
      end
    end
  end
end
