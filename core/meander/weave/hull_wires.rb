# frozen_string_literal: true

module Meander
  module Weave
    # Which base wires a taut wire touches on its way from one to another: the hull over any taller wire in between.
    module HullWires
      # Indices from first to last, both included, in the order of travel.
      def self.call(frame, first, last)
        return [first, last].uniq if frame.level?

        step = (last >= first) ? 1 : -1
        hull = [first]
        hull << steepest(frame, hull.last, last, step) until hull.last == last
        hull
      end

      # The wire ahead with the steepest tangent; of equals the farthest, so that a straight run is one line.
      def self.steepest(frame, from, last, step)
        (from + step).step(last, step).max_by do |wire|
          rise = (frame.rho(wire) - frame.rho(from)) / (frame.centres[wire] - frame.centres[from]).abs
          [rise.round(12), (wire - from).abs]
        end
      end
      private_class_method :steepest
    end
  end
end
