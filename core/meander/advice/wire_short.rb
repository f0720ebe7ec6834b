# frozen_string_literal: true

module Meander
  module Advice
    # Less working wire to hand than a piece takes whose lengths are given.
    module WireShort
      def self.call(plan)
        return if plan.fit.conflicts.any?

        plan.piece.document[:pins].each_with_index.filter_map do |pin, i|
          unless pin[:quantity] == "wire" &&
              (short = plan.working_mm(pin[:kind]) - pin[:length].mm) > Tolerance::PACKING_MM
            next
          end

          said(pin, short, plan, "/pins/#{i}/length")
        end
      end

      def self.said(pin, short, plan, place)
        wire = plan.piece.wires.find { |one| one.kind == pin[:kind] }
        AdviceItem.of("wire-short", "warn", place, "#{Units::Text.length(short)} of #{wire.words} are missing",
          "The piece takes #{Units::Text.length(short + pin[:length].mm)}, #{Units::Text.length(pin[:length].mm)} " \
          "are to hand.",
          "Weave less far, or leave it open how far: then it is woven as far as the wire goes.", short_mm: short)
      end
      private_class_method :said
    end
  end
end
