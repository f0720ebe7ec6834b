# frozen_string_literal: true

module Meander
  module Document
    # What a craft's sections hold, as a panel can say it that knows nothing of the craft. Wires, and where a section
    # stands, are shown for all crafts alike.
    module FieldParts
      # fields: { key => shape }, see Crafts::Registry.
      # @return [Array<Sentence::Part>]
      def self.call(fields)
        fields.filter_map do |key, shape|
          said = shape.is_a?(Shape::Size) ? shape.what : key.to_s.tr("_", " ")
          label = Units::Text.sentence(said)
          case shape
          when Shape::Size then Sentence.size(key, label, ", #{said}")
          when Shape::Count then Sentence.count(key, label, ", #{said}")
          when Shape::Choice then Sentence.choice(key, label, shape.values.to_h { |value| [value, value] }, ", #{said}")
          end
        end
      end
    end
  end
end
