# frozen_string_literal: true

module Meander
  module Materials
    # How hard a wire is drawn: key => words.
    module Temper
      ALL = {"soft" => "soft", "half_hard" => "half-hard", "hard" => "hard"}.freeze

      def self.words(key) = ALL.fetch(key)
    end
  end
end
