# frozen_string_literal: true

module Meander
  module Document
    # The shape of a section: one of the records that the crafts give, told apart by its craft. Read anew where a craft
    # was added.
    class Sections
      def read(...) = shape.read(...)
      def schema = shape.schema
      def tag = :craft
      def records = shape.records

      private

      def shape
        crafts = Crafts::Registry.all
        return @shape if @of == crafts.keys

        @of = crafts.keys
        @shape = Shape::Variant.new(:craft,
          crafts.transform_values { |craft| {id: Shape::Id.new, copies: Shape::Count.new(1..40), **craft.fields} },
          left_out: {copies: 1}, own: crafts.transform_values(&:left_out))
      end
    end
  end
end
