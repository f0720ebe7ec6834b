# frozen_string_literal: true

module Meander
  module Crafts
    module Braiding
      # Lengths as what would be accepted, to the hundredth: what is said may be typed.
      module Limits
        def self.least(mm) = Units::Text.wire(((mm * 100) - 1e-6).ceil / 100.0, 2)
        def self.most(mm) = Units::Text.wire(((mm * 100) + 1e-6).floor / 100.0, 2)
        def self.between(low, high) = "#{least(low)} to #{most(high)}"
      end
    end
  end
end
