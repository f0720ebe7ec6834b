# frozen_string_literal: true

module Meander
  module Weave
    # What is read off a strip told as blocks (`blocks` and `frame`).
    module StripReading
      # Length of the weaving wire's own way, no tails.
      def wire_mm = blocks.sum(&:wire_mm)

      # How many passes there are, and one of them by its number in the order of work.
      def pass_count = blocks.sum { |block| block.passes.size * block.count }

      def pass_at(number)
        block = blocks.find do |one|
          number < (one.passes.size * one.count) || (number -= one.passes.size * one.count) && false
        end
        block.passes[number % block.passes.size]
      end

      def visited = blocks.flat_map { |block| block.passes.flat_map { |pass| [pass.from, pass.to] } }.uniq
      def held = blocks.flat_map { |block| block.passes.flat_map(&:wires) }.uniq

      # Gaps the wire goes through that are narrower than it, each with its narrowest clear width: { gap => mm }.
      def impassable
        blocks.flat_map(&:passes).uniq.each_with_object({}) do |pass, found|
          pass.frame.impassable([pass.from]).each { |gap| found[gap] = [found[gap], pass.frame.clear(gap)].compact.min }
        end
      end

      # How many base wires the last wrap goes round; a single pass on the way back to where the repeat began is none.
      def last_span
        passes = blocks.last.passes
        wrap = passes.each_cons(2).to_a.reverse.find { |one, other| one.from == other.to }
        (wrap || passes.last(1)).map { |pass| pass.wires.size }.max
      end

      # How many wraps in front lie on each base wire in the first half of the strip, and in the second: [[...], [...]].
      def wraps_by_half
        fronts = blocks.map { |block| [block.passes.select { |pass| pass.face.positive? }.map(&:wires), block.count] }
        half = fronts.sum { |spans, copies| spans.size * copies } / 2
        [fronts, fronts.reverse.map { |spans, copies| [spans.reverse, copies] }].map { |order| tally(order, half) }
      end

      private

      # Wraps on each wire among so many of the first.
      def tally(order, left)
        order.each_with_object(Array.new(frame.count, 0)) do |(spans, copies), found|
          whole = [left / [spans.size, 1].max, copies].min
          spans.each { |wires| wires.each { |wire| found[wire] += whole } }
          left -= whole * spans.size
          next if whole == copies

          spans.first(left).each { |wires| wires.each { |wire| found[wire] += 1 } }
          break found
        end
      end
    end
  end
end
