# frozen_string_literal: true

module Meander
  module Built
    # The main flow of a built piece: every section is planned and bent to its form, set in its place, and its wires are followed from
    # end to end. Sections that did not change are taken from what is kept.
    module PlanPiece
      # Keeps nothing.
      module Fresh
        def self.fetch(_key) = yield
      end

      # kept: answers fetch(key) { section }, so that only what changed is planned again.
      # @raise [InvalidInput] where a section cannot be made
      def self.call(piece, calibration: Planner::Calibration.usual, questions: [], kept: Fresh)
        sections = piece.document[:sections].each_with_index.reject { |section, _| section[:craft] == "lace" }.map do |section, i|
          kept.fetch(key(piece, section, calibration)) { section(piece, section, calibration, i) }
        end
        Plan.new(piece, sections, calibration, questions)
      end

      def self.section(piece, section, calibration, index)
        return BentWire.new(piece, section) if section[:craft] == "bend"

        kind = (section[:form][:kind] == "waists") ? Waists : WovenSection
        kind.new(piece, section, calibration, "/sections/#{index}")
      end

      # All that a section's plan depends on: not where it stands.
      def self.key(piece, section, calibration)
        wires = piece.document[:wires].select { |wire| section[:base].include?(wire[:id]) || section[:weaving]&.include?(wire[:id]) }
        beads = Part.woven_beads(piece, section)
        kinds = beads.map { |placed| piece.document[:tray].find { |kind| kind[:id] == placed[:bead] } }
        [section.except(:at), wires, piece.document[:allowances], beads, kinds, calibration]
      end
      private_class_method :section, :key
    end
  end
end
