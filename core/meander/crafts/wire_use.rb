# frozen_string_literal: true

module Meander
  module Crafts
    # What a section takes of weaving wire. used_mm: woven, slack and all; total_mm: cut for it, tails, waste and margin
    # with it; kept_mm: of that kept on a tail for later, once for all its copies; lengths: how many are cut; begun: how
    # many are begun where they cannot go on from another.
    WireUse = Struct.new(:used_mm, :total_mm, :kept_mm, :lengths, :begun, keyword_init: true) do
      # Of a strip (Weaving::Strip) woven so many times. What comes on from another section is begun there.
      def self.woven(strip, copies)
        account = strip.account
        kept, on = account.reserve_mm + account.ended_mm, account.lengths.first.comes_on? ? 1 : 0
        new(used_mm: copies * (account.path_mm + account.led_mm + account.slack_mm),
          total_mm: (copies * (account.total_mm - kept)) + kept, kept_mm: kept,
          lengths: copies * account.count.clamp(1 - on, nil), begun: copies * (strip.section.strands.size - on))
      end

      # Of a wire cut by itself.
      def self.of(own)
        new(used_mm: own.used_mm, total_mm: own.total_mm, kept_mm: 0.0, lengths: own.lengths, begun: 1)
      end
    end
  end
end
