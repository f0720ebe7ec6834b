# frozen_string_literal: true

module Meander
  module Advice
    # How sections lie to each other and to what they are wound on: on one another, past the wire they are worked onto,
    # held by nothing, kept off their dowel by beads, turned where there is no wire to turn in.
    module Lying
      def self.call(plan) = [*crossing(plan), *past_wire(plan), *loose(plan), *off_dowel(plan), *unturned(plan)]

      # Base wires of two sections that cross, where nothing was said to join them there.
      def self.crossing(plan)
        joined = joined(plan)
        flat = plan.sections.each_with_index.select { |section, _| section.base.any? && section.flat? }
        flat.combination(2).filter_map do |(one, i), (other, j)|
          next if meant?(plan, one, other, joined)

          lines = [one, other].map { |section| plan.placed.lines(section) }
          times = lines[0].product(lines[1]).sum { |line, against| line.crossings(against) }
          next if times.zero?

          AdviceItem.of("sections-overlap", "warn", "/sections/#{j}/at",
            "Sections #{i + 1} and #{j + 1} lie on one another",
            "Their base wires cross at #{Units::Text.count(times, "place")}.",
            "Set one of them further off or turn it, or tie them where they cross.", crossings: times)
        end
      end

      # What is worked onto a bent wire and comes back over it: within a ring that is not as wide as it is long.
      def self.past_wire(plan)
        plan.sections.each_with_index.filter_map do |section, i|
          at = plan.places[section.id]
          next unless at && at[:kind] == "rim" && !section.layout.bar&.row?

          times = again(plan, section, plan.placed.section(at[:section]))
          next if times.zero?

          AdviceItem.of("rim-crossed", "warn", "/sections/#{i}/at",
            "Section #{i + 1} lies over the wire it is worked onto", "It reaches as far as the wire comes round again.",
            "Fewer rows, a wider bend, or work it to the other side.", crossings: times)
        end
      end

      # How often its wires cross a bent wire once they have left it.
      def self.again(plan, section, wire)
        bent, pose = plan.placed.lines(wire), plan.placed.pose(section)
        section.base.each_index.sum do |number|
          line = Form::Polyline.new(section.trace(number).drop(1).map { |point| pose.at(point) })
          bent.sum { |one| one.crossings(line) }
        end
      end

      # Sections that are laced, share their beads or wires, or of which one stands on the centre of the other, are
      # meant to meet.
      def self.meant?(plan, one, other, joined)
        ids = [one.id, other.id]
        on = ids.any? { |id| plan.places[id].then { |at| at && at[:kind] == "centre" && ids.include?(at[:section]) } }
        on || (one.base & other.base).any? || joined.any? { |pair| (ids - pair).empty? }
      end

      def self.joined(plan)
        plan.sections.flat_map { |one| [*one.joins, *hung(plan, one)] } +
          plan.piece.document[:beads].select { |placed| placed[:rule] == "met" }
            .map { |placed| placed.values_at(:section, :other) }
      end

      # A section and what it hangs from: [[id, id]].
      def self.hung(plan, section)
        at = plan.places[section.id] or return
        section.hangs(at)&.then { |id, _| [[id, section.id]] }
      end

      # Sections that no wire, lacing or bead joins to the rest.
      def self.loose(plan)
        plain = plan.sections.select { |section| section.base.any? }
        shared = plain.combination(2).select { |one, other| (one.base & other.base).any? }.map { |pair| pair.map(&:id) }
        first, *others = groups(plain.map(&:id), shared + joined(plan)).sort_by do |group|
          plain.index { |section| group.include?(section.id) }
        end
        first ? others.map { |group| apart(plan, group) } : []
      end

      # Ids that pairs hold together, directly or by others.
      def self.groups(ids, pairs)
        pairs.reduce(ids.each_slice(1).to_a) do |groups, pair|
          met, others = groups.partition { |group| (group & pair).any? }
          [met.flatten, *others]
        end
      end

      def self.apart(plan, group)
        index = plan.sections.index { |section| group.include?(section.id) }
        AdviceItem.of("section-loose", "warn", "/sections/#{index}/at",
          "Nothing holds section #{index + 1} to the rest",
          "No wire goes on to it, and no lacing and no bead joins it.",
          "Tie or lace it to another section, go on into it with a wire, or hang it by a ring of its own.",
          sections: group)
      end

      # Beads that stand out behind a strip keep it off its dowel.
      def self.off_dowel(plan)
        plan.beads.each_with_index.filter_map do |rule, i|
          section = plan.sections.find { |one| one.id == rule.fields[:section] }
          next if section.nil? || section.flat?

          deepest = rule.lying.map { |one| behind_mm(one, section) }.max
          next unless deepest&.positive?

          AdviceItem.of("bead-under-dowel", "warn", "/beads/#{i}",
            "#{Units::Text.sentence(rule.kind.name)} stands out #{Units::Text.length(deepest)} behind the strip",
            "Wound on a dowel of #{section.form[:dowel].typed} the strip does not lie on it there.",
            "Thread them in front, take smaller ones, or set them once it is off the dowel.", behind_mm: deepest)
        end
      end

      # How far a bead reaches beyond the back of its strip: all of it where it lies there, half of it beside an edge.
      def self.behind_mm(one, section)
        return 0.0 if one.face.positive?
        return one.kind.depth_mm if one.face.negative?

        (one.kind.depth_mm - section.thickness_mm) / 2
      end

      # A turn takes wire to turn in.
      def self.unturned(plan)
        plan.places.values.each_with_index.filter_map do |at, i|
          next unless at&.key?(:bare) && at[:turn] != 0 && at[:bare].mm.zero?

          least = 3 * plan.sections[i].base.map(&:mm).max
          AdviceItem.of("turn-not-made", "stop", "/sections/#{i}/at/bare",
            "There is no bare wire to turn #{Units::Text.number(at[:turn], 1)}° in",
            "A turn lies in the bare wire between two sections; without any the second goes straight on here.",
            "Some bare wire, about #{Units::Text.length(least)}, or a turn of 0°.", turn: at[:turn])
        end
      end
      private_class_method :crossing, :past_wire, :again, :meant?, :joined, :hung, :loose, :groups, :apart, :off_dowel,
        :behind_mm, :unturned
    end
  end
end
