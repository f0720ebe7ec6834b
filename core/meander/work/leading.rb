# frozen_string_literal: true

module Meander
  module Work
    # How the wires of a section come to it from others, and what they are called there.
    class Leading
      # plan: Planner::Plan; section: Crafts::Worked.
      # @return [Array<Step>]
      def self.call(plan, section) = new(plan, section).call

      def initialize(plan, section)
        @plan = plan
        @section = section
        @at = plan.places[section.id]
        ids = plan.sections.map(&:id)
        ways = plan.piece.routes.ways_of_section(section.id).group_by { |way| (way.sections - [section.id]).first }
        # From sections before this one, in their order.
        @ways = ways.select { |id, _| ids.index(id) < ids.index(section.id) }.sort_by { |id, _| ids.index(id) }
      end

      def call
        words = @at && [standing, *mirrored, *coming].compact
        return [] if words.nil? || words.empty?

        [Step.of("lead", "#{Units::Text.sentence(words.join("; "))}.", @section.id,
          wires: @section.base.uniq.map(&:id))]
      end

      private

      def called(id) = @plan.called(@plan.placed.section(id))
      def here = @plan.called(@section)
      def joined?(id) = @ways.any? { |from, _| from == id }

      # Where it stands.
      def standing
        case @at[:kind]
        when "after" then @section.hangs(@at) ? hanging : after(onward(called(@at[:section])))
        when "gathered" then "bring #{gathered} together in #{here}: #{onward("them")}"
        when "mirror" then mirror_image
        when "beside"
          "#{here} will lie #{Units::Text.length(@at[:across].mm)} from #{called(@at[:section])}, on its " \
          "#{@at[:side]} side#{alone}"
        when "centre" then "#{here} will stand on the centre of #{called(@at[:section])}#{alone}"
        when "rim"
          "#{here} #{onto} of #{called(@at[:section])}#{aside}"
        end
      end

      def mirror_image
        apart = @at[:apart]&.mm.to_f
        set = ", set #{Units::Text.length(apart)} from it to the #{@at[:to]}"
        "#{here} is the mirror image of #{called(@at[:section])}#{set if apart.positive?}: left there is right here"
      end

      def onto
        bar = @section.layout.bar or return "is worked round the ring"
        "#{@section.hangs(@at) ? "hangs from" : "is worked onto"} the #{"#{@at[:side]} " if bar.edge?}#{bar.noun}"
      end

      # To which side of a wire that is bent; of a straight one, as it runs away from you.
      def aside
        return "" unless @section.layout.bar.nil? || @section.layout.bar.wire?

        ", #{side_of_bend}"
      end

      def side_of_bend
        turn = @plan.placed.section(@at[:section]).out[1]
        return "to its #{(@at[:side] == "far") ? "right" : "left"} as it runs away from you" if turn.abs < 1e-6

        (turn.positive? == (@at[:side] == "far")) ? "inwards" : "outwards"
      end

      # From the loop, or whatever it is, at the end of another.
      def hanging = "#{here} hangs from the #{@at[:from]} of #{called(@at[:section])}, once that is made"

      # What neither goes on with its wires nor is worked into it is made by itself.
      def after(place)
        on = @ways.any? || @section.joins.include?([@at[:section], @section.id])
        on ? "go on to #{here}: #{place}" : "#{here} will stand #{place}#{alone}"
      end

      # What grows from a beginning, and what goes on from such, is made the other way round.
      def mirrored
        return [] if @at[:kind] == "mirror" || @plan.pose(@section).side.positive?

        ["it is made as a mirror image: left becomes right"]
      end

      # "section 2 and section 3", "both ends of section 1".
      def gathered
        told = @at[:ends].group_by { |one| one[:section] }.map do |id, ends|
          side = (ends.first[:side] == "end") ? "" : "the beginning of "
          "#{(ends.size == 2) ? "both ends of " : side}#{called(id)}"
        end
        Units::Text.list(told)
      end

      def alone = @ways.any? ? "" : "; it is made by itself first"

      # On the wires that go on.
      def onward(from)
        bare, turn = @at[:bare].mm, @at[:turn]
        way = "turned #{Units::Text.number(turn.abs, 1)}° to the #{turn.positive? ? "far" : "near"} side"
        turned = turn.zero? ? "straight on" : way
        side = (@at[:from] == "start") ? "before the beginning of" : "after"
        said("#{bare.zero? ? "right" : "#{Units::Text.length(bare)} of bare wire"} #{side} #{from}, #{turned}")
      end

      # What wires of other sections are called in this one.
      def coming
        several = @ways.size > 1 || (@ways.any? && !joined?(@at[:section]))
        @ways.filter_map { |id, ways| several ? from_one_of(id, ways) : from_the_one(id, ways) }
      end

      def from_the_one(id, ways)
        moved = ways.map { |way| seats(id, way) }.reject { |there, now| there == now }
        return (said("its wires keep their names") if ways.size > 1) if moved.empty?

        said("here #{Units::Text.list(moved.map { |there, now| "#{there} is #{now}" })}")
      end

      def said(words) = Weave::WireName.said(@section.base, words)

      def from_one_of(id, ways)
        told = ways.map { |way| seats(id, way) }.map { |there, now| (there == now) ? there : "#{there} as #{now}" }
        said("from #{called(id)} comes #{Units::Text.list(told)}")
      end

      # What a wire is called in another section, and here. One wire that comes by both its ends is told by them.
      def seats(id, way)
        there, now = [id, @section.id].map do |one|
          Weave::WireName.call(way.at(one).number - 1, @plan.placed.section(one).base.size)
        end
        both = @ways.to_h.fetch(id).count { |one| one.at(id).equal?(way.at(id)) } > 1
        [both ? "#{side(id, way)} of #{there}" : there, now]
      end

      def side(id, way)
        visit = way.at(id)
        edge = visit.equal?(way.to) ? visit.enters : visit.leaves
        {"start" => "the beginning", "end" => "the end"}.fetch(edge)
      end
    end
  end
end
