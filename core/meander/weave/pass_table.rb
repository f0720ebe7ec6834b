# frozen_string_literal: true

module Meander
  module Weave
    # The passes of walks on one frame. Passes alike are one object, so that each is measured and drawn once.
    class PassTable
      # Of a walk's repeat no more stations than these are told, or placing it would take too long: a long one is told
      # at fewer.
      MOST_STATIONS = 2400

      # half_turn: how closely passes are told, see Stations.
      def initialize(frame, half_turn: Stations::HALF_TURN)
        @frame = frame
        @half_turn = half_turn
        @made = {}
      end

      # The table that tells the longest of some walks as closely as it may be.
      def self.for(frame, walks)
        table = nil
        [1, 2, 3, 4, 6].each do |coarser|
          table = new(frame, half_turn: Stations::HALF_TURN / coarser)
          if walks.all? { |walk| table.closed(walk.closed_gaps).sum { |pass| pass.stations.size } <= MOST_STATIONS }
            break
          end
        end
        table
      end

      attr_reader :half_turn

      # The passes through a list of gaps and on to the gaps `onward` (the first of them ends the last pass), front
      # first. before: the gap the wire comes from, nil at its very beginning.
      def passes(gaps, before:, onward:)
        way = [before, *gaps, onward[0], onward[1]]
        gaps.each_index.map { |i| between(way[i, 4], i.even? ? 1 : -1) }
      end

      # The passes of a repeat that goes on and on.
      def closed(gaps) = passes(gaps, before: gaps.last, onward: gaps.first(2))

      # The pass from gap to gap, given the gap before them and the one after (nil at the wire's ends). Between equal
      # wires only how the wire turns at either end matters, not how far it comes or goes on.
      def between((before, from, to, after), face)
        side = (to > from) ? 1 : -1
        starts = (@frame.level? ? from - side : before) if crosses?(before, from, to)
        ends = (@frame.level? ? to + side : after) if crosses?(from, to, after)
        key = (((((from * 32) + to) * 32) + (starts || 31)) * 32) + (ends || 31)
        @made[key * face] ||= Pass.new(@frame, [starts, from, to, ends], face, @half_turn)
      end

      private

      def crosses?(before, here, after) = before && after && (here > before) == (after > here)
    end
  end
end
