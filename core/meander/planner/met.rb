# frozen_string_literal: true

module Meander
  module Planner
    # What was found for ends that must come together. asked: the piece as it was asked for; values: [[Document::Giving,
    # number], ...]; off_mm: the most that is left between two ends, or of an angle between them; frees: values that
    # would let them meet beside those that give, where they do not.
    Met = Struct.new(:asked, :values, :off_mm, :frees) do
      # What ends may be apart and still have met, in mm.
      self::NEAR_MM = 1e-6

      # Where nothing must meet.
      def self.nothing(piece) = new(piece, [].freeze, 0.0, [].freeze).freeze
      def met? = off_mm < self.class::NEAR_MM
    end
  end
end
