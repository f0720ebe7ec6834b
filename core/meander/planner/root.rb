# frozen_string_literal: true

module Meander
  module Planner
    # Values for which as many residuals vanish, near to where they start: damped least squares (Levenberg 1944,
    # Marquardt 1963), every value within its range. Bounded work.
    class Root
      ROUNDS = 60
      # What counts as nothing left, in the unit of the residuals.
      NOTHING = 1e-10
      STEP = 1e-6
      # Damping to begin with, and between what it is tried.
      DAMPED, LEAST, MOST = 1e-3, 1e-12, 1e8

      # start: values; ranges: of each; steps: what counts as a step of each; the block answers residuals.
      # @return [[Array, Float]] the values found, and the largest residual left
      def self.call(start, ranges, steps, &residuals) = new(ranges, steps, residuals).call(start)

      def initialize(ranges, steps, residuals)
        @ranges = ranges
        @steps = steps
        @residuals = residuals
      end

      def call(start)
        values, damping = clamped(start), DAMPED
        left = @residuals.call(values)
        ROUNDS.times do
          break if largest(left) < NOTHING || damping > MOST

          tried = clamped(stepped(values, left, damping))
          now = @residuals.call(tried)
          if norm(now) < norm(left)
            values, left, damping = tried, now, [damping / 10, LEAST].max
          else
            damping *= 10
          end
        end
        [values, largest(left)]
      end

      private

      def clamped(values) = values.zip(@ranges).map { |value, range| value.clamp(range.begin, range.end) }
      def largest(left) = left.map(&:abs).max
      def norm(left) = left.sum { |one| one**2 }

      # (J^T J + damping) d = -J^T r, in steps.
      def stepped(values, left, damping)
        columns = slopes(values, left)
        matrix = columns.map { |one| columns.map { |other| dot(one, other) } }
        matrix.each_index { |i| matrix[i][i] += damping * [matrix[i][i], 1e-9].max }
        change = solved(matrix, columns.map { |column| -dot(column, left) })
        values.each_index.map { |i| values[i] + (change[i] * @steps[i]) }
      end

      # How the residuals change with a step of each value; looked at inwards where a value is at the end of its range.
      def slopes(values, left)
        values.each_index.map do |i|
          by = (values[i] + (STEP * @steps[i]) > @ranges[i].end) ? -STEP : STEP
          moved = values.dup.tap { |all| all[i] += by * @steps[i] }
          @residuals.call(moved).zip(left).map { |one, now| (one - now) / by }
        end
      end

      def dot(one, other) = one.zip(other).sum { |a, b| a * b }

      # Gauss's elimination with the largest pivot (any text on numerical methods).
      def solved(matrix, right)
        rows = matrix.each_with_index.map { |row, i| [*row, right[i]] }
        rows.each_index do |i|
          pivot = (i...rows.size).max_by { |k| rows[k][i].abs }
          rows[i], rows[pivot] = rows[pivot], rows[i]
          (i + 1...rows.size).each do |k|
            share = rows[k][i] / rows[i][i]
            rows[k] = rows[k].zip(rows[i]).map { |a, b| a - (share * b) }
          end
        end
        (rows.size - 1).downto(0).each_with_object([]) do |i, found|
          known = rows[i][i + 1...-1].zip(found).sum { |a, b| a * b }
          found.unshift((rows[i].last - known) / rows[i][i])
        end
      end
    end
  end
end
