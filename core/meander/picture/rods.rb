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
        ranges = merged(strip.blocks.flat_map { |block| covered(block, wire, half, layout.frame.wire_mm) }, layout.frame.wire_mm)
        return ranges if layout.sides == 1

        middle = fit.woven_mm / 2
        ranges.flat_map { |from, to| [[middle + half + from, middle + half + to], [middle - half - to, middle - half - from]] }
      end

      # What one copy of a block covers, for every copy.
      def self.covered(block, wire, half, joined_mm)
        over = block.passes.each_index.select { |i| block.passes[i].wires.include?(wire) }
        once = merged(over.map { |i| [block.heights[i] - half, block.heights[i] + half] }, joined_mm)
        block.count.times.flat_map { |copy| once.map { |from, to| [from + (copy * block.step_mm), to + (copy * block.step_mm)] } }
      end

      # Ranges that meet, or nearly do, as one.
      def self.merged(ranges, joined_mm)
        ranges.sort.each_with_object([]) do |(from, to), found|
          (found.any? && from <= found.last[1] + joined_mm) ? found.last[1] = [found.last[1], to].max : found << [from, to]
        end
      end
      private_class_method :kept, :covered, :merged
    end
  end
end
