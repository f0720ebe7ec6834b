# frozen_string_literal: true

module Meander
  module Weave
    # Settled repeats by what they depend on: how thick base wires and gaps are in weaving wires, the walk, and how far
    # it leans. They are placed once and kept, the latest used of them; what is kept changes no answer.
    module Settled
      KEPT = Kept.new(400)
      RISES = Kept.new(2000)

      # One repeat: heights of every pass's stations in mm, from the first one, and its rise.
      Heights = Struct.new(:by_pass, :advance_mm)

      # passes: of the repeat of a walk (closed), as the table of its frame tells them.
      def self.call(frame, gaps, passes, half_turn, lean:)
        told = told(frame, gaps)
        placed = KEPT.fetch([told, half_turn, lean]) do
          Placing.call(outline(*told, half_turn), lean:, lay: frame.strands)
        end
        times = gaps.size / told.last.size
        heights = Array.new(times) { |number| placed.heights.map { |y| y + (number * placed.advance) } }.flatten(1)
        Heights.new(by_pass(passes, heights, times * placed.advance, frame.wire_mm).freeze,
          times * placed.advance * frame.wire_mm).freeze
      end

      # How far a repeat of a walk rises in mm, which pulling it taut does not change.
      def self.rise_mm(frame, walk, lean:)
        told = told(frame, walk.closed_gaps)
        rise = RISES.fetch([told, lean]) do
          Placing.rise(outline(*told, PassTable.for(frame, [walk]).half_turn), lean:, lay: frame.strands)
        end
        rise * walk.closed_gaps.size / told.last.size * frame.wire_mm
      end

      # What it depends on, sizes in weaving wires, so that it is the same whoever asks first: base wires, clear gaps,
      # strands, and what of a list of gaps is done over and over.
      def self.told(frame, gaps)
        base, clear = [frame.base_mm, frame.clear_mm].map { |sizes| sizes.map { |mm| (mm / frame.wire_mm).round(12) } }
        [base, clear, frame.strands, gaps.first(period(gaps))]
      end

      # The fewest gaps that a repeat does over and over.
      def self.period(gaps)
        (2..gaps.size).step(2).find do |size|
          (gaps.size % size).zero? && gaps.each_cons(size + 1).all? { |some| some.first == some.last }
        end
      end

      def self.outline(base, clear, strands, gaps, half_turn)
        frame = Frame.new(base_mm: base, wire_mm: 1.0, clear_mm: clear, strands:)
        Outline.new(PassTable.new(frame, half_turn:).closed(gaps), 1.0)
      end

      # The station a pass ends at is the first of the next.
      def self.by_pass(passes, heights, advance, wire_mm)
        heights, from = [*heights, heights[0] + advance].map { |y| y * wire_mm }, 0
        passes.map { |pass| heights[from, pass.stations.size].freeze.tap { from += pass.stations.size - 1 } }
      end

      private_class_method :told, :period, :outline, :by_pass
    end
  end
end
