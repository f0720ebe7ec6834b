# frozen_string_literal: true

module Meander
  module Picture
    # The base wires as they lie in the finished strip: whole, or, where one is cut away after weaving, only under the
    # weave.
    module Rods
      # number: of the base wire in its section.
      def self.call(strip)
        strip.base.each_with_index.flat_map do |wire, i|
          ranges = strip.section.cut_away?(i) ? kept(strip.layout, strip.repeats, i) :
            [[-strip.bare_mm, strip.woven_mm + strip.bare_mm]]
          ranges.map { |from, to| {number: i, wire: wire.id, d: wire.mm, x: strip.layout.frame.centres[i], from:, to:} }
        end
      end

      # Where a wire lies under passes: [[from, to], ...] along the woven part.
      def self.kept(layout, repeats, wire)
        half, wire_mm = layout.frame.lay_mm / 2, layout.frame.wire_mm
        first, second = layout.halves(repeats).map do |strip|
          merged(strip.blocks.flat_map { |block| covered(block, wire, half, wire_mm) }, wire_mm)
        end
        return first unless second

        begun = layout.weave.second(repeats / 2).woven_mm
        first.map { |from, to| [begun + half + from, begun + half + to] } + second.map do |from, to|
          [begun - half - to, begun - half - from]
        end
      end

      # What one copy of a block covers, for every copy.
      def self.covered(block, wire, half, joined_mm)
        over = block.passes.each_with_index.filter_map do |pass, i|
          pass.crowns[wire]&.then { |station| block.heights[i][station] }
        end
        once = merged(over.map { |y| [y - half, y + half] }, joined_mm)
        block.count.times.flat_map do |copy|
          once.map { |from, to| [from + (copy * block.step_mm), to + (copy * block.step_mm)] }
        end
      end

      # Ranges that meet, or nearly do, as one.
      def self.merged(ranges, joined_mm)
        ranges.sort.each_with_object([]) do |(from, to), found|
          (found.any? && from <= found.last[1] + joined_mm) ? found.last[1] = [found.last[1], to].max :
            found << [from, to]
        end
      end
      private_class_method :kept, :covered, :merged
    end
  end
end
