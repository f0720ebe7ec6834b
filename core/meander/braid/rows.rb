# frozen_string_literal: true

module Meander
  module Braid
    # Values between the rows of a table.
    module Rows
      # @param rows [Array<Array<Float>>] [[where, value, value, ...], ...] by where
      # @return [Array<Float>] the values at a place between two rows, evenly; outside the table those of its end
      def self.at(rows, place)
        below, above = rows.each_cons(2).find { |_, (to, *)| place <= to } || rows.last(2)
        share = ((place - below[0]) / (above[0] - below[0])).clamp(0.0, 1.0)
        below.drop(1).zip(above.drop(1)).map { |one, other| one + (share * (other - one)) }
      end
    end
  end
end
