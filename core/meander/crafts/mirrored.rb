# frozen_string_literal: true

module Meander
  module Crafts
    # What sections of several crafts hold, near for far: what lies to the left lies to the right, what is begun from
    # one side is begun from the other. The front stays the front, the start the start.
    module Mirrored
      OTHER = {"near" => "far", "far" => "near", "left" => "right", "right" => "left"}.freeze
      # Values of a form that name a side.
      SIDED = %i[towards crossing hand].freeze

      # @param fields [Hash] a section as read; changes: what else of it is other
      # @return [Hash, nil] nil where its form names no side that has another
      def self.call(fields, **changes)
        form = fields[:form].is_a?(Hash) ? sided(fields[:form]) : fields[:form]
        return if fields[:form] && form.nil?

        {**fields, **{form:}.compact, at: at(fields[:at]), **changes}
      end

      # What names a side, by the other one; nil where it names another thing.
      def self.sided(form)
        named = form.slice(*SIDED)
        {**form, **named.transform_values { |side| OTHER[side] }} if named.each_value.all? { |side| OTHER[side] }
      end

      # Where a section stands.
      def self.at(at)
        at = {**at, turn: -at[:turn]} if at[:turn]
        {**at, **at.slice(:side, :to).transform_values { |side| OTHER[side] }}
      end
      private_class_method :at
    end
  end
end
