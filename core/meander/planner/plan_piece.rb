# frozen_string_literal: true

module Meander
  module Planner
    # The main flow: section by section a piece is laid out by its crafts, what is free is solved against what it must
    # meet, every section is worked and set in its place, and its wires are followed from end to end. A pure function:
    # the same piece gives the same plan.
    module PlanPiece
      # Keeps nothing.
      module Fresh
        def self.fetch(_key) = yield
      end

      # questions: what reading the piece left doubtful, see Document::Reading; kept: answers fetch(key) { laid section
      # }, so that only what changed is laid and worked again.
      # @raise [InvalidInput] where a section cannot be made
      def self.call(piece, calibration: Calibration.usual, questions: [], kept: Fresh)
        lay = ->(section) {
          kept.fetch([section.key, calibration]) { Crafts::Registry.lay(section, calibration) }
        }
        piece, fit, met = solved(piece, lay)
        laid = laid(piece, lay) { |section| fit.copies[section.id] || 1 }
        placed, going_on = placed(piece, laid, fit, calibration)
        ends = Ends.new(piece, laid, fit.extents)
        Plan.new(piece:, laid: laid.freeze, placed:, going_on:, ends:, fit:, calibration:, questions:, met:)
      end

      # Its sections as their crafts lay them; those whose frames are found with as many as the block says.
      def self.laid(piece, lay)
        piece.sections.map { |one| lay.call(one.copies_found? ? one.copied(yield(one)) : one) }
      end

      # The piece with what its meetings found, how far its sections are worked, and what was found for the meetings.
      def self.solved(piece, lay)
        laid = laid(piece, lay) { 1 }
        fit = SolveFit.call(piece, laid, Ends.new(piece, laid))
        found, met = SolveMeetings.call(piece, laid, fit)
        return [piece, fit, met] if met.values.empty?

        laid = laid(found, lay) { 1 }
        [found, SolveFit.call(found, laid, Ends.new(found, laid)), met]
      end

      # Every section where it stands. Where working wire goes on from one to another they are worked again, once it is
      # known how far it is led.
      def self.placed(piece, laid, fit, calibration)
        alone = Placed.new(piece, worked(laid, fit)).tap { |placed| Effort.call(placed) }
        going_on = GoingOn.new(piece, alone, calibration)
        shared = going_on.sections
        [shared.empty? ? alone : Placed.new(piece, worked(laid, fit, shared), shared), going_on]
      end

      # Every section as far as it is worked; what is made on others is made once those stand.
      def self.worked(laid, fit, shared = {})
        laid.map do |one|
          one.on.any? ? one : one.worked(*fit.extents.fetch(one.id), *([shared[one.id]] if shared.key?(one.id)))
        end
      end
      private_class_method :laid, :solved, :placed, :worked
    end
  end
end
