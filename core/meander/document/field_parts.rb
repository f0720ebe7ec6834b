# frozen_string_literal: true

module Meander
  module Document
    # What a craft's sections hold, as a panel can say it that knows nothing of the craft. Wires, and where a section stands, are shown for
    # all crafts alike.
    module FieldParts
      # fields: { key => shape }, see Crafts::Registry.
      # @return [Array<Sentence::Part>]
      def self.call(fields)
        fields.filter_map do |key, shape|
          said = key.to_s.tr("_", " ")
          case shape
          when Shape::Size then Sentence.size(key, shape.what, ", #{shape.what}")
          when Shape::Count then Sentence.count(key, said, ", #{said}")
          when Shape::Choice then Sentence.choice(key, said, shape.values.to_h { |value| [value, value] }, ", #{said}")
          end
        end
      end
    end
  end
end
