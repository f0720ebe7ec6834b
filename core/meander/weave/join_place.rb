# frozen_string_literal: true

module Meander
  module Weave
    # Where in a repeat a new length of weaving wire is best joined on: at the back of the first coils round a single
    # base wire, where both tails can be tied in and no lump shows (common practice, no source).
    module JoinPlace
      # In words, for a repeat of so many groups over so many base wires.
      def self.words(groups, wires)
        before = 0.0
        single = groups.find do |group|
          coils = group.is_a?(Groups::Wraps) && group.near == group.far
          before += group.gaps.size / 2.0 unless coils
          coils
        end
        unless single
          return "at the back; no wire is coiled by itself in this repeat, so tie both tails round the wrapped wires"
        end

        wire = WireName.call(single.near - 1, wires)
        "on the #{(single.times == 1) ? "single coil" : "#{single.times} single coils"} of #{wire}, at the " \
        "back#{", #{Units::Text.count(before.ceil, "wrap")} on" if before.positive?}"
      end
    end
  end
end
