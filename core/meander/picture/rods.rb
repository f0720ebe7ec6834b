# frozen_string_literal: true

module Meander
  module Picture
    # The base wires as they lie in the finished strip: whole, or, where one is cut away after weaving, only under the weave.
    module Rods
      def self.call(layout, fit, strip)
        layout.piece.base_wires.each_with_index.flat_map do |wire, i|
          ranges = layout.piece.cut_away?(wire.id) ? kept(layout, fit, strip, i) : [[-fit.bare_mm, fit.woven_mm + fit.bare_mm]]
          ranges.map { |from, to| {wire: wire.id, d: wire.mm, x: layout.frame.centres[i], from:, to:} }
        end
      end

      # Where a wire lies under passes: [[from, to], ...] along the woven part.
      def self.kept(layout, fit, strip, wire)
        half = layout.frame.lay_mm / 2
        covered = places(strip, wire).sort.map { |y| [y - half, y + half] }
        joined = covered.each_with_object([]) do |(from, to), ranges|
          (ranges.any? && from <= ranges.last[1] + layout.frame.wire_mm) ? ranges.last[1] = [ranges.last[1], to].max : ranges << [from, to]
        end
        return joined if layout.sides == 1

        middle = fit.woven_mm / 2
        joined.flat_map { |from, to| [[middle + half + from, middle + half + to], [middle - half - to, middle - half - from]] }
      end

      def self.places(strip, wire)
        strip.blocks.flat_map do |block|
          once = block.passes.each_index.select { |i| block.passes[i].wires.include?(wire) }.map { |i| block.heights[i] }
          block.count.times.flat_map { |copy| once.map { |y| y + (copy * block.step_mm) } }
        end
      end
      private_class_method :places
    end
  end
end
