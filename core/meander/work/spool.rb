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
        @ways = {}
        @shut = tasks.each_index.select { |i| shut_at?(i) }.map { |i| tasks[i].id }.freeze
        freeze
      end

      # Where a section is the first that no spool passes of those its wire goes through: how far on from where it
      # leaves the one before it the wire is cut off, in mm; nil of all others.
      def cut_mm(id)
        on = own(id).first
        return unless on&.from && !on.other && shut.include?(id)

        before = coming(on)
        return if before.any? { |one| shut.include?(one) }

        length = @plan.placed.section(before.last).strip.account.lengths.last
        return if length.half.nil?

        worked = on.before_mm - on.led_mm - on.begun_mm
        length.cut_mm - length.begin_mm - (worked * (1 + @plan.calibration.slack))
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

        section, before = @plan.placed.section(task.id), @tasks.first(index).map(&:key)
        return true if section.shut?

        section.passed_between.any? { |pair| SIDES.all? { |side| held?(task.id, side, pair, before) } }
      end

      # Are two neighbours held together beyond a side of a section, once tasks with these keys are done? seen: sides
      # that led to here.
      def held?(id, side, pair, before, seen = [])
        folded?(id, side, pair) || ended?(id, side, pair, before) || led?(id, side, pair, before, [*seen, [id, side]])
      end

      def endings(id, side) = @plan.piece.endings.select { |one| one.section == id && one.side == side }
      def folded?(id, side, pair) = endings(id, side).any? { |one| one.fold? && (pair - one.numbers).empty? }

      # Do both lead to one section that is worked by then, or through one to where they are held?
      def led?(id, side, pair, before, seen)
        one, other = pair.map { |number| onward(id, side, number) }
        return false unless one && other && [one, other].map { |visit, at| [visit.section, at] }.uniq.one?

        to, far = one.first.section, (SIDES - [one.last]).first
        return true if before.include?(["section", to])

        !seen.include?([to, far]) && held?(to, far, [one, other].map { |visit, _| visit.number - 1 }, before, seen)
      end

      # Where the wire of a seat goes on to from a side of a section: its visit there and the side it comes in at.
      def onward(id, side, number)
        way = @ways.fetch(id) { @ways[id] = @plan.piece.routes.ways_of_section(id) }
          .find { |one| one.at(id).number == number + 1 && stands(one.at(id), one) == side } or return
        visit = (way.at(id) == way.from) ? way.to : way.from
        [visit, stands(visit, way)]
      end

      # The side of its section that a wire leaves by a way, or comes in at.
      def stands(visit, way) = (visit == way.from) ? visit.leaves : visit.enters

      # Are both in one ending that is made by then?
      def ended?(id, side, pair, before)
        endings(id, side).any? { |one| before.include?(["ending", one.id]) && (pair - one.numbers).empty? }
      end
    end
  end
end
