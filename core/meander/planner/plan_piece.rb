# frozen_string_literal: true

module Meander
  module Planner
    # The main flow: a piece comes in; its wires, weave and endings are laid out; the pins are answered; cut list,
    # weaving wire, mass, picture and advice are read off. A pure function: the same piece gives the same plan.
    module PlanPiece
      # questions: what reading the piece left doubtful, see Document::Reading.
      def self.call(piece, calibration: Calibration.usual, questions: [])
        layout = Layout.new(piece, calibration)
        fit = SolveFit.call(layout, pins(piece))
        account = WeavingAccount.new(layout, fit.repeats)
        bars = piece.base_wires.map { |wire| BaseBar.new(layout, fit, wire) }
        Plan.new(layout:, fit:, bars:, account:, questions:)
      end

      def self.pins(piece)
        %w[wrist repeats woven weaving_wire].to_h { |quantity| [quantity, piece.pinned(quantity)] }.compact
      end
    end
  end
end
