# frozen_string_literal: true

module Meander
  module Picture
    # The weave of a strip as cells to place: which wires draw each, how often and how far apart.
    class Woven
      # cell: a Cell; wires: [[wire, mm beside the path], ...]; first_mm: how far on its first copy lies; step_mm,
      # count: its copies; pass: the number of its first pass in the order of work, every: how many passes on the next
      # copy is made.
      CellRun = Struct.new(:cell, :wires, :first_mm, :step_mm, :count, :pass, :every, keyword_init: true)

      # At most so many passes to a cell, so that a part of a long repeat can be drawn by itself.
      CELL_PASSES = 96

      # along: 1 as woven, -1 for the mirror image along the strip; from_pass: how many passes are made before it.
      def self.call(layout, strip, shapes, along:, from_pass:) = new(layout, strip, shapes, along, from_pass).call

      def initialize(layout, strip, shapes, along, from_pass)
        @layout = layout
        @made = from_pass
        @strip = strip
        @shapes = shapes
        @along = along
        @wires = layout.section.strands
      end

      # CellRun values, in the order they are woven; the wire at rest of two that take turns comes last.
      def call = @layout.section.in_turn? ? in_turn : @strip.blocks.flat_map { |block| drawn(block, beside) }

      private

      def drawn(block, wires)
        pass, every = @made, block.passes.size
        @made += every * block.count
        cell(block).slices(CELL_PASSES).each_with_index.map do |cell, i|
          CellRun.new(cell:, wires:, first_mm: 0.0, step_mm: @along * block.step_mm, count: block.count,
            pass: pass + (i * CELL_PASSES), every:)
        end
      end

      def cell(block) = Cell.build(block, @shapes, along: @along)

      # All strands side by side, half of them on either side of the path.
      def beside
        @wires.each_with_index.map { |wire, i| [wire, (i - ((@wires.size - 1) / 2.0)) * @layout.frame.wire_mm] }
      end

      # What comes before is woven with the first wire, what comes after with the one that wove the last repeat.
      def in_turn
        main = @strip.runs.find { |run| run.repeat.equal?(@layout.pattern) }
        before = @strip.runs.take_while { |run| !run.equal?(main) }
        after = @strip.runs.drop(before.size + 1)
        plain = ->(runs, wire) { runs.flat_map(&:blocks).flat_map { |block| drawn(block, [[wire, 0.0]]) } }
        first = plain.call(before, @wires[0])
        @begun = @made
        first + turns(main) + plain.call(after, @wires[(main.count - 1) % 2]) + rests(main)
      end

      def turns(run)
        number = 0
        each = run.repeat.passes.size
        @made += each * run.count
        run.blocks.flat_map do |block|
          slices = cell(block).slices(each)
          slices.each_with_index.flat_map { |slice, i| taken(slice, block, number + i, slices.size, each) }.tap do
            number += slices.size * block.count
          end
        end
      end

      # One repeat of a block with all its copies: by one wire where a copy is an even number of repeats, else by both
      # in turn.
      def taken(cell, block, number, repeats, each)
        step = @along * block.step_mm
        one = lambda do |turn, first, every, count|
          CellRun.new(cell:, wires: [[@wires[turn % 2], 0.0]], first_mm: first * step, step_mm: every * step, count:,
            pass: @begun + ((number + (first * repeats)) * each), every: every * repeats * each)
        end
        return [one.call(number, 0, 1, block.count)] if repeats.even? || block.count == 1

        [one.call(number, 0, 2, (block.count + 1) / 2), one.call(number + 1, 1, 2, block.count / 2)].reject do |part|
          part.count.zero?
        end
      end

      # The resting wire runs along at the back, where the repeat begins and ends, past the repeats of the other; it
      # lies there when its own next repeat begins.
      def rests(run)
        each_mm, each = run.repeat.advance_mm, run.repeat.passes.size
        cell = Cell.new(
          [[@shapes.line(@layout.frame.gap_x(run.repeat.walk.gaps.first), -@layout.frame.wire_mm / 2), 0.0,
            @along * each_mm]]
        )
        (1...(run.count - 1)).group_by { |number| (number + 1) % 2 }.map do |wire, numbers|
          CellRun.new(cell:, wires: [[@wires[wire], 0.0]], first_mm: @along * (run.from_mm + (numbers.first * each_mm)),
            step_mm: @along * 2 * each_mm, count: numbers.size,
            pass: @begun + ((numbers.first + 1) * each), every: 2 * each)
        end
      end
    end
  end
end
