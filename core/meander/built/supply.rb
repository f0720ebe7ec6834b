# frozen_string_literal: true

module Meander
  module Built
    # The weaving wire of all sections, kept three ways: a length cut for each, one bobbin for all, or straight from the spool.
    # All in mm.
    module Supply
      # kind: lengths, bobbin or spool; total_mm; over_mm: what of it is not woven; possible: whether it can be done; why: where not.
      Way = Struct.new(:kind, :total_mm, :over_mm, :possible, :why, keyword_init: true)

      def self.call(piece, sections)
        woven = sections.select(&:woven?)
        return [] if woven.empty?

        used = woven.sum { |section| section.copies * (section.account.path_mm + section.account.slack_mm) }
        starts = woven.sum { |section| section.copies * section.account.count.clamp(1, nil) }
        begun = woven.sum { |section| section.copies * section.plan.piece.strands.size }
        tail, waste = piece.allowance_mm(:tail), piece.allowance_mm(:waste)
        lengths = woven.sum { |section| section.copies * section.account.total_mm }
        bobbin = (used * (1 + piece.margin)) + (2 * tail * begun) + waste
        spool = used + (2 * tail * begun)
        [way("lengths", lengths, used), way("bobbin", bobbin, used, long_bobbin(starts, begun)), way("spool", spool, used, shut(woven))]
      end

      def self.shut(woven) = woven.any?(&:opening) ? "both ends of a frame are closed, so the spool cannot pass through it" : nil
      def self.long_bobbin(starts, begun) = (starts > begun) ? "longer than the comfortable working length: it must be wound on a bobbin that passes the frame" : nil

      def self.way(kind, total, used, why = nil) = Way.new(kind:, total_mm: total, over_mm: total - used, possible: kind != "spool" || why.nil?, why: why || "").freeze
      private_class_method :shut, :way, :long_bobbin
    end
  end
end
