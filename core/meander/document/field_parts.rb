# frozen_string_literal: true

module Meander
  module Document
    # What a craft's sections hold, as a panel can show it that knows nothing of the craft. Wires, and where a section stands, are shown for
    # all crafts alike.
    module FieldParts
      # fields: { key => shape }, see Crafts::Registry.
      # @return [Array<Hash>] key:, kind: size, count or choice, label:, options: of a choice
      def self.call(fields)
        fields.filter_map do |key, shape|
          case shape
          when Shape::Size then {key:, kind: "size", label: shape.what, options: []}
          when Shape::Count then {key:, kind: "count", label: key.to_s.tr("_", " "), options: []}
          when Shape::Choice then {key:, kind: "choice", label: key.to_s.tr("_", " "), options: shape.values}
          end
        end
      end
    end
  end
end
