# frozen_string_literal: true

module Meander
  module Document
    # One wire of a piece: base or weaving.
    Wire = Struct.new(:id, :role, :size, :metal, :temper, keyword_init: true) do
      def mm = size.mm
      def base? = role == "base"

      # The same under another id.
      def named(other) = dup.tap { |wire| wire.id = other }.freeze
      def material = Materials::Metal.fetch(metal)

      # "0.81 mm copper"
      def words = "#{Units::Text.wire(mm)} #{material.name}"
    end
  end
end
