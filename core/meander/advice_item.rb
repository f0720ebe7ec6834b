# frozen_string_literal: true

module Meander
  # One thing a check found. id is stable; severity: stop (cannot be made), warn (likely to go wrong), note (worth
  # knowing). place: the JSON pointer into the document it is about. figures: what was compared, by name. offers: texts
  # that can be put in at the place.
  AdviceItem = Struct.new(:id, :severity, :place, :title, :why, :remedy, :figures, :offers, keyword_init: true) do
    # The same in the order it is read.
    def self.of(id, severity, place, title, why, remedy, offers: [], **figures)
      new(id:, severity:, place:, title:, why:, remedy:, offers:, figures:)
    end

    def initialize(figures: {}, offers: [], **rest)
      super
      freeze
    end
  end
end
