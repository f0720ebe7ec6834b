# frozen_string_literal: true

module Meander
  module Advice
    # Folds that are to be covered, and are too short for a single turn of the wire that covers them.
    module FoldCover
      def self.call(plan)
        plan.piece.endings.select(&:fold?).filter_map do |fold|
          wire = plan.piece.routes.cover(fold.id) or next
          ended = plan.ended(fold.id)
          item(plan, wire, ended.bent.strands.values.sum(&:length)) unless ended.bent.cover
        end
      end

      def self.item(plan, wire, fold_mm)
        thick = plan.piece.wire(wire[:id]).mm
        AdviceItem.of("fold-not-covered", "warn", "/wires/#{plan.piece.document[:wires].index(wire)}",
          "This fold is too short to be covered",
          "Its bend is #{Units::Text.length(fold_mm)} of wire, a turn of the coil takes #{Units::Text.wire(thick)}. " \
          "It is left bare, and no wire is cut for it.",
          "A finer wire to cover it, or wires that stand further apart.", fold_mm:, wire_mm: thick)
      end
      private_class_method :item
    end
  end
end
