# frozen_string_literal: true

module Meander
  module Work
    # The weaving wire of all sections, kept three ways: a length cut for each, one bobbin for all, or straight from the
    # spool. All in mm.
    module Supply
      # kind: lengths, bobbin or spool; total_mm; over_mm: what of it is not woven; possible: whether it can be done;
      # why: where not.
      Way = Struct.new(:kind, :total_mm, :over_mm, :possible, :why, keyword_init: true)

      # plan: Planner::Plan; spool: Spool, where that can stay on.
      # @return [Array<Way>] none where nothing is worked with
      def self.call(plan, spool = Order.new(plan).spool)
        piece, threads = plan.piece, plan.wire_uses
        return [] if threads.empty?

        used, begun = threads.sum(&:used_mm), threads.sum(&:begun)
        tails = (2 * piece.allowance_mm(:tail) * begun) + threads.sum(&:kept_mm)
        [way("lengths", threads.sum(&:total_mm), used),
          way("bobbin", (used * (1 + piece.margin)) + tails + piece.allowance_mm(:waste), used,
            long_bobbin(threads, begun)),
          way("spool", used + tails, used, shut(plan, spool.shut))]
      end

      # ids: of the sections that no spool passes.
      def self.shut(plan, ids)
        return if ids.empty?

        called = ids.filter_map { |id| plan.called(plan.placed.section(id)) }
        return "both ends are closed, so that no spool passes: cut what it takes and pull that through" if called.empty?

        where = called.one? ? "#{called.first} is" :
          "sections #{Units::Text.list(called.map { |one| one.delete_prefix("section ") })} are"
        "no spool passes where #{where} worked: cut what that takes and pull it through"
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
