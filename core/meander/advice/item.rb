# frozen_string_literal: true

module Meander
  module Advice
    # One thing a check found. id is stable; severity: stop (cannot be made), warn (likely to go wrong), note (worth
    # knowing). place: the JSON pointer into the document it is about. figures: what was compared, by name. offers: texts
    # that can be put in at the place.
    Item = Struct.new(:id, :severity, :place, :title, :why, :remedy, :figures, :offers, keyword_init: true) do
      def initialize(figures: {}, offers: [], **rest)
        super
        freeze
      end
    end
  end
end
