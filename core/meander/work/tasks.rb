# frozen_string_literal: true

module Meander
  module Work
    # The tasks of a piece as they usually come, and what each of them needs: sections, those that join others last;
    # beads that are set on what is woven; bending to what it is worn on; endings; what hangs on them.
    class Tasks
      # Endings that are cut with the last tips, and folds, which are made with their sections.
      QUIET = %w[plain fold].freeze
      # Endings that lie on what is woven.
      OVER_WORK = %w[wrap tuck swept ribbon].freeze
      # The id of bending a piece to what it is worn on.
      WORN = "worn"
      # What it may be bent to.
      BENT_ROUND = %w[wrist finger].freeze

      # plan: Planner::Plan.
      # @return [Array<Task>]
      def self.call(plan) = new(plan).call

      def initialize(plan)
        @plan = plan
        @piece = plan.piece
        @context = Context.new(plan)
        @strung, others = plan.beads.select { |rule| rule.count.positive? }.partition { |rule| Beading.strung?(rule) }
        @set = others.select(&:own_mm)
      end

      def call
        own, on_others = @plan.sections.partition { |section| section.joins.empty? }
        [*(own + on_others).flat_map { |one| [*strung(one), section(one)] }, *@set.map { |rule| set(rule) }, *worn,
          *endings.map { |one| ending(one) }, *@piece.findings.map { |one| finding(one) }]
      end

      private

      def endings = @piece.endings.reject { |one| QUIET.include?(one.kind) }
      def need(kind, id, why) = Task::Need.new([kind, id], why).freeze
      def called(id) = @context.part(@plan.placed.section(id))
      def beads(rule) = "#{rule.count} #{rule.kind.words} on #{called(rule.fields[:section])}"
      def strung_on(section) = @strung.select { |rule| rule.fields[:section] == section.id }

      def strung(section)
        strung_on(section).map do |rule|
          Task.new(kind: "beads", id: rule.id, section: section.id, words: beads(rule),
            slides: section.base.map(&:id).uniq)
        end
      end

      def section(one)
        needs = [*beads_first(one), *wire_first(one), *joined_first(one), *turned_first(one), *hung_first(one)]
        Task.new(kind: "section", id: one.id, section: one.id, words: called(one.id), needs:, slides: covered(one))
      end

      def beads_first(one)
        strung_on(one).map { |rule| need("beads", rule.id, "beads are strung before their wire is bent") }
      end

      # The section its working wire comes on from.
      def wire_first(one)
        from = wire_from(one.id) or return []
        [need("section", from, "the wire comes on from there")]
      end

      def wire_from(id) = @plan.going_on.sections.fetch(id, Crafts::OnWire::ALONE).first&.from

      # What joins sections comes once they are there; not those that go on with its wire.
      def joined_first(one)
        (one.joins.flatten.uniq - [one.id]).reject { |id| wire_from(id) == one.id }
          .map { |id| need("section", id, "what joins sections is made on them") }
      end

      # What hangs from another section needs that and what it ends in.
      def hung_first(one)
        id, side = @plan.places[one.id]&.then { |at| one.hangs(at) }
        return [] unless id

        held = endings.select { |ending| ending.section == id && ending.side == side }
        [need("section", id, "it hangs from there"), *held.map { |ending|
          need("ending", ending.id, "it hangs from there")
        }]
      end

      # What does not go straight on stands where the others end.
      def turned_first(one)
        at = @plan.places[one.id] || {}
        case at[:kind]
        when "gathered" then at[:ends].map { |edge| edge[:section] }.uniq.map do |id|
          need("section", id, "wires are gathered from there")
        end
        when "after" then at[:turn].zero? ? [] : [need("section", at[:section], "it is turned where that ends")]
        else []
        end
      end

      # Wires that a coil is slid on to cover a fold that is made with this section.
      def covered(one)
        folds = Folding.of(@plan, one, @plan.sections.map(&:id))
        folds.select { |fold| @plan.ended(fold.id).bent.cover }.map { |fold| fold.wires.first.id }
      end

      def set(rule)
        on = [rule.fields[:section], rule.fields[:other]].compact
        Task.new(kind: "beads", id: rule.id, section: on.first, words: beads(rule),
          needs: on.map { |id| need("section", id, "beads are set on what is there") })
      end

      def worn
        return [] if Wearing.call(@plan).empty?

        needs = @plan.sections.map { |one| need("section", one.id, "sections are worked flat") }
        [Task.new(kind: "worn", id: WORN, section: @plan.sections.first.id, words: "bending to the #{@piece.worn_on}",
          needs:)]
      end

      def ending(one)
        ends = @piece.routes.ends(one.id).map { |edge| [edge.wire[:id], edge.side] }
        needs = [*woven_first(one), *lapped(one), *loop_first(one)]
        Task.new(kind: "ending", id: one.id, section: one.section, words: Planner::EndingWords.call(@plan, one), needs:,
          closes: (one.kind == "post") ? [] : ends)
      end

      def woven_first(one)
        return [need("section", one.section, "it is what the weave leaves of its wire")] if one.worked?

        OVER_WORK.include?(one.kind) ? [need("section", one.section, "the ending lies over what is worked")] : []
      end

      # What an end is led through.
      def loop_first(one)
        return [] unless one.kind == "led"

        [holding(@piece.endings.find { |other| other.id == one[:through] }, "it is led through that")]
      end

      # An ending, or the section a fold is made with.
      def holding(on, why) = on.fold? ? need("section", on.section, why) : need("ending", on.id, why)

      # Wraps that hold both ends of a ring or bracelet.
      def lapped(one)
        return [] unless one.kind == "wrap" && %w[over beside].include?(@piece.worn.dig(:closing, :kind))

        [need("worn", WORN, "the wraps hold both ends of the ring")]
      end

      def finding(one)
        holders = one.fields[:on].map { |id| @piece.endings.find { |ending| ending.id == id } }
        needs = holders.map { |on| holding(on, on.fold? ? "it hangs in its fold" : "it hangs there") }
        Task.new(kind: "finding", id: one.id, section: holders.first.section, words: one.words, needs:)
      end
    end
  end
end
