# frozen_string_literal: true

module Meander
  module Work
    # How the wires of a section come to it from another one, and what they are called there.
    module Leading
      # plan: Planner::Plan; section: Crafts::Worked.
      # @return [Array<Step>]
      def self.call(plan, section)
        at = plan.places[section.id]
        words = at && said(at, plan, section) or return []
        [Step.of("lead", Units::Text.sentence(words), section.id, wires: section.base.uniq.map(&:id))]
      end

      def self.said(at, plan, section)
        other = at[:section] && plan.placed.section(at[:section])
        called, from = plan.called(section), other && plan.called(other)
        alone = "it is made by itself first"
        case at[:kind]
        when "after" then "#{on(at, other, section, from, called)}."
        when "mirror"
          "#{called} is the mirror image of #{from}: left there is right here#{wires(section, other)}."
        when "beside"
          "#{called} will lie #{Units::Text.length(at[:across].mm)} from #{from}, on its #{at[:side]} side; #{alone}."
        when "centre" then "#{called} will stand on the centre of #{from}; #{alone}."
        end
      end

      # On the wires that go on from another section.
      def self.on(at, other, section, from, called)
        side = at[:turn].positive? ? "far" : "near"
        turned = at[:turn].zero? ? "straight on" : "turned #{at[:turn].abs}° to the #{side} side"
        bare = at[:bare].mm.zero? ? "right after" : "#{Units::Text.length(at[:bare].mm)} of bare wire after"
        "go on to #{called}: #{bare} #{from}, #{turned}#{wires(section, other)}"
      end

      # What wires of another section are called in this one.
      def self.wires(section, other)
        shared = section.base.each_with_index.filter_map do |wire, number|
          was = other.base.index(wire) or next
          [was, number].zip([other, section]).map { |at, one| Weave::WireName.call(at, one.base.size) }
        end
        moved = shared.reject { |there, here| there == here }.map { |there, here| "#{there} is #{here}" }
        return shared.empty? ? "" : "; its wires are called as there" if moved.empty?

        "; here #{Units::Text.list(moved)}"
      end
      private_class_method :said, :on, :wires
    end
  end
end
