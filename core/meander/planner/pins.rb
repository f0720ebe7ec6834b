# frozen_string_literal: true

module Meander
  module Planner
    # What a piece must meet: a wrist, or a finger; the repeats of a section whose bare ends give; how far a section is
    # woven; how much of a kind of wire is to hand. Lengths in mm.
    class Pins
      ORDER = %w[wrist repeats woven wire].freeze
      # How a section says itself how far it is worked.
      SAID = %w[repeats length].freeze
      OF_SECTIONS = %w[repeats woven].freeze

      # all: { [quantity, the section or kind it is of, nil for a wrist] => mm or count }, those that are asked first.
      attr_reader :all

      def self.of(piece)
        told = piece.document[:pins].to_h do |pin|
          [[(pin[:quantity] == "finger") ? "wrist" : pin[:quantity], pin[:section] || pin[:kind]], pin[:length].mm]
        end
        given = piece.sections.select { |section| section.free? && SAID.include?(section[:extent][:kind]) }
        new({**given.to_h { |section| of_section(section) }, **told})
      end

      # What a section says itself whose bare ends give.
      def self.of_section(section)
        extent = section[:extent]
        (extent[:kind] == "repeats") ? [["repeats", section.id], extent[:count]] :
          [["woven", section.id], extent[:length].mm]
      end

      private_class_method :of_section

      def initialize(all)
        @all = all.sort_by { |(quantity, _), _| ORDER.index(quantity) }.to_h.freeze
        freeze
      end

      def keys = all.keys
      def quantities = keys.map(&:first)
      def wrist_mm = all[["wrist", nil]]
      def repeats(section_id) = all[["repeats", section_id]]
      def woven_mm(section_id) = all[["woven", section_id]]
      def wire_mm(kind_id) = all[["wire", kind_id]]
      def empty? = all.empty?

      # Those that say how far a section is worked.
      def on(section_id) = keys.select { |quantity, id| OF_SECTIONS.include?(quantity) && id == section_id }

      # The others, once one is let go of.
      def without(key) = Pins.new(all.except(key))
    end
  end
end
