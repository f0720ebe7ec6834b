# frozen_string_literal: true

module Meander
  module Weave
    # Settled repeats by what they depend on: how thick base wires and gaps are in weaving wires, the walk, and how far it leans. They are
    # placed once and kept, the latest used of them; what is kept changes no answer.
    module Settled
      KEPT = 400

      # One repeat: heights of every pass's stations in mm, from the first one, and its rise.
      Heights = Struct.new(:by_pass, :advance_mm)

      @kept = {}
      @lock = Mutex.new

      # passes: of the repeat of a walk (closed), as the table of its frame tells them.
      def self.call(frame, gaps, passes, half_turn, lean:)
        base, clear = [frame.base_mm, frame.clear_mm].map { |sizes| sizes.map { |mm| (mm / frame.wire_mm).round(12) } }
        placed = fetch([base, clear, frame.strands, gaps, half_turn, lean]) { place(base, clear, frame.strands, gaps, half_turn, lean) }
        Heights.new(by_pass(passes, placed, frame.wire_mm).freeze, placed.advance * frame.wire_mm).freeze
      end

      # In weaving wires, so that it is the same whoever asks first.
      def self.place(base, clear, strands, gaps, half_turn, lean)
        frame = Frame.new(base_mm: base, wire_mm: 1.0, clear_mm: clear, strands:)
        Placing.call(Outline.new(PassTable.new(frame, half_turn:).closed(gaps), 1.0), lean:, lay: strands)
      end

      # The station a pass ends at is the first of the next.
      def self.by_pass(passes, placed, wire_mm)
        heights = [*placed.heights, placed.heights[0] + placed.advance].map { |y| y * wire_mm }
        from = 0
        passes.map do |pass|
          to = from + pass.stations.size - 1
          heights[from..to].freeze.tap { from = to }
        end
      end

      def self.fetch(key)
        found = @lock.synchronize { @kept.delete(key)&.tap { |one| @kept[key] = one } }
        return found if found

        yield.tap do |placed|
          @lock.synchronize do
            @kept[key] = placed
            @kept.shift if @kept.size > KEPT
          end
        end
      end
      private_class_method :place, :by_pass, :fetch
    end
  end
end
