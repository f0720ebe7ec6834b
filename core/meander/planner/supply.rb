# frozen_string_literal: true

module Meander
  module Planner
    # The weaving wire of all sections, kept three ways: a length cut for each, one bobbin for all, or straight from the
    # spool. All in mm.
    module Supply
      # kind: lengths, bobbin or spool; total_mm; over_mm: what of it is not woven; possible: whether it can be done;
      # why: where not.
      Way = Struct.new(:kind, :total_mm, :over_mm, :possible, :why, keyword_init: true)

      # threads: Crafts::WireUse values.
      def self.call(piece, threads)
        return [] if threads.empty?

        used, begun = threads.sum(&:used_mm), threads.sum(&:begun)
        tails = (2 * piece.allowance_mm(:tail) * begun) + threads.sum(&:kept_mm)
        [way("lengths", threads.sum(&:total_mm), used),
          way("bobbin", (used * (1 + piece.margin)) + tails + piece.allowance_mm(:waste), used,
            long_bobbin(threads, begun)),
          way("spool", used + tails, used, shut(threads))]
      end

      def self.shut(threads)
        threads.any?(&:closed) ? "both ends of a frame are closed, so the spool cannot pass through it" : nil
      end

      def self.long_bobbin(threads, begun)
        (threads.sum(&:lengths) > begun) ?
          "longer than the comfortable working length: it must be wound on a bobbin that passes the frame" : nil
      end

      def self.way(kind, total, used, why = nil)
        Way.new(kind:, total_mm: total, over_mm: total - used, possible: kind != "spool" || why.nil?, why: why || "")
          .freeze
      end
      private_class_method :shut, :way, :long_bobbin
    end
  end
end
