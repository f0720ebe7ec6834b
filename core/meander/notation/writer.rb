# frozen_string_literal: true

module Meander
  module Notation
    # Writes a list of gaps in the short notation that Reader reads: its groups, with a comma between each and the next.
    module Writer
      # Reading what is written gives the gaps back. groups: the gaps as Weave::Groups, where they are known.
      def self.call(gaps, groups = Weave::Groups.of(gaps)) = groups.map { |group| words(group) }.join(", ")

      # One group: "3 on 1-2", "2 far 3", "through 0 2 1".
      def self.words(group)
        return "through #{group.gaps.join(" ")}" if group.is_a?(Weave::Groups::Through)

        span = (group.near == group.far) ? group.near.to_s : "#{group.near}-#{group.far}"
        "#{group.times} #{(group.side == "near") ? "on" : "far"} #{span}"
      end
    end
  end
end
