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
        lay = ->(section, copies) {
          one = copies ? section.copied(copies) : section
          kept.fetch([one.key, calibration]) { Crafts::Registry.lay(one, calibration) }
        }
        laid = piece.sections.map { |section| lay.call(section, section.copies_found? ? 1 : nil) }
        fit = SolveFit.call(piece, laid, Ends.new(piece, laid))
        laid = piece.sections.map do |section|
          lay.call(section, fit.copies[section.id] || (1 if section.copies_found?))
        end
        Plan.new(piece:, laid: laid.freeze, placed: Placed.new(piece, worked(laid, fit)), ends: Ends.new(piece, laid),
          fit:, calibration:, questions:)
      end

      # Every section as far as it is worked; what is made on others is made once those stand.
      def self.worked(laid, fit) = laid.map { |one| one.on.any? ? one : one.worked(*fit.extents.fetch(one.id)) }
      private_class_method :worked
    end
  end
end
