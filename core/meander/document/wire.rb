# frozen_string_literal: true

module Meander
  module Document
    # One wire of a piece: kind: the id of its kind; use: base (cut in one) or working.
    Wire = Struct.new(:id, :kind, :use, :size, :metal, :temper, keyword_init: true) do
      def mm = size.mm
      def base? = use == "base"

      # The same under another id.
      def named(other) = dup.tap { |wire| wire.id = other }.freeze
      def material = Materials::Metal.fetch(metal)

      # "0.81 mm copper"
      def words = "#{Units::Text.wire(mm)} #{material.name}"
    end
  end
end
