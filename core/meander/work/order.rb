# frozen_string_literal: true

module Meander
  # The order a maker works in, step by step in words.
  module Work
    # The order of work of a piece: task by task, as the maker put them or as they usually come. Before the first that
    # needs them wires are cut and marked; tails and tips come last. Every length to cut is in the step that first needs
    # it.
    class Order
      # A task with its steps, and what breaks where it stands: Sequence::Break values.
      Done = Struct.new(:task, :steps, :breaks)

      # plan: Planner::Plan.
      # @return [Array<Step>]
      def self.call(plan) = new(plan).steps

      # Tasks with their steps, in the order they are done; what is done to the whole in the end, a list of Step; where
      # the spool passes.
      attr_reader :done, :last, :spool

      def initialize(plan)
        @plan = plan
        @context = Context.new(plan)
        @laid = []
        @sequence = Sequence.of(plan)
        @spool = Spool.new(plan, @sequence.tasks)
        @done = @sequence.tasks.map { |task| done_of(task) }.freeze
        @last = [*Finishing.last(plan), *pair,
          Finishing.look(plan.band ? "the printed page" : "the printed template")].freeze
        freeze
      end

      def steps = [*done.flat_map(&:steps), *last]

      private

      def done_of(task)
        section = @plan.placed.section(task.section)
        steps = [*tried(task, section), *added(section), *own(task, section)]
        Done.new(task, steps.freeze, @sequence.breaks.select { |one| one.task == task }).freeze
      end

      def own(task, section)
        case task.kind
        when "section" then worked(section)
        when "beads" then Beading.call(@plan, @plan.beads.find { |rule| rule.id == task.id })
        when "worn" then Wearing.call(@plan)
        when "ending" then [Finishing.ending(@plan, @plan.piece.endings.find { |one| one.id == task.id })]
        else [Finishing.hung(@plan, @plan.findings.find { |one| one.id == task.id })]
        end
      end

      def worked(section)
        [*Leading.call(@plan, section), *Folding.call(@plan, section, sections), *cut_off(section),
          *section.steps(@context), *freed(section)]
      end

      # Wire that comes on from a section where the spool passes to one where it does not.
      def cut_off(section)
        mm = @spool.cut_mm(section.id) or return []
        from = @context.called_by(@plan.going_on.sections[section.id].first.from)
        said = "If the wire is still on its spool, cut it #{Units::Text.cut(mm.ceil)} from where it leaves #{from}: " \
               "no spool passes in #{@context.called(section)}, where all of it is pulled through."
        [Step.of("cut", said, section.id, wires: section.section.strands.map(&:id).uniq)]
      end

      # Ids of the sections as they are worked.
      def sections = @sequence.tasks.select { |task| task.kind == "section" }.map(&:id)

      # What it takes is tried before it is cut, once for all that are tried alike.
      def tried(task, section)
        how = section.swatch if task.kind == "section"
        return [] unless how

        alike = @plan.sections.select { |one| one.swatch == how && cord?(one) == cord?(section) }
        (sections.find { |id| alike.any? { |one| one.id == id } } == section.id) ? [swatch(section, how, alike)] : []
      end

      def swatch(section, how, alike)
        named = Weave::WireName.list(alike.map { |one| @context.called(one) })
        said = "How much #{cord?(section) ? "cord" : "wire"} #{named} #{alike.one? ? "takes" : "take"} is assumed: " \
               "before you cut it, #{how}, and plan with that."
        Step.of("shape", said, section.id, wires: alike.flat_map(&:base).map(&:id).uniq)
      end

      def cord?(section) = section.base.all? { |wire| wire.material.fibre? }

      def added(section)
        fresh = section.base.uniq - @laid
        first = @laid.all? { |wire| wire.material.fibre? }
        @laid.concat(fresh)
        fresh.empty? ? [] : Cutting.call(@plan, fresh, section, caution: first)
      end

      # Base wires that only led from other sections to here, or on to them, are cut away once the later one holds.
      def freed(section)
        here = @plan.piece.routes.ways_of_section(section.id).select do |way|
          way.cut_away && way.sections.max_by { |id| sections.index(id) } == section.id
        end
        here.group_by { |way| (way.sections - [section.id]).first }.map { |id, ways| gone(section, id, ways) }
      end

      def gone(section, from, ways)
        numbers = ways.map { |way| way.at(section.id).number - 1 }
        named = Units::Text.list(numbers.map { |number| Weave::WireName.call(number, section.base.size) })
        other = @context.called(@plan.placed.section(from))
        said = "Cut #{named} away between #{@context.called(section)} and #{other}; file the stubs, no end may " \
               "stand out."
        Step.of("secure", said, section.id, wires: numbers.map { |number| section.base[number].id })
      end

      def pair
        @plan.pair? ?
          [Step.of("pair",
            "Make the second one as its mirror image: same counts, same marks, what turns to the left now turns to " \
            "the right.")] : []
      end
    end
  end
end
