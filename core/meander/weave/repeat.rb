# frozen_string_literal: true

module Meander
  module Weave
    # One settled repeat of a walk on a frame: its passes, the heights of their stations, its rise along the strip and
    # its wire.
    class Repeat
      # heights: of every pass's stations in mm, from the first one; places: by base wire [front, back], each a list a
      # wire of where passes cross it, in mm; packed_mm, advance_mm: its rise pushed tight, and as it is woven; wire_mm:
      # the length of its path.
      attr_reader :frame, :walk, :passes, :heights, :places, :packed_mm, :advance_mm, :wire_mm, :lean

      # table: the PassTable of the frame; lean: see Placing; pitch_mm: the rise of an open weave, nil for a tight one.
      # @raise [Error] when the pitch is below the packed rise
      # @example
      #   frame = Frame.tight(base_mm: [0.8, 0.8], wire_mm: 0.315, visited: [0, 1, 2])
      #   Repeat.new(frame, Walk.coils(3, 3), lean: 0.3).advance_mm.round(3) #=> 1.89
      def initialize(frame, walk, lean:, table: PassTable.for(frame, [walk]), pitch_mm: nil)
        @frame = frame
        @walk = walk
        @lean = lean
        @passes = table.closed(walk.closed_gaps).freeze
        settled = Settled.call(frame, walk.closed_gaps, passes, table.half_turn, lean:)
        @packed_mm = settled.advance_mm
        open_up(settled.by_pass, pitch_mm || packed_mm)
        @places = by_wire.freeze
        @wire_mm = passes.each_index.sum { |i| passes[i].climbed_mm(heights[i]) }
        freeze
      end

      # How far the repeat can be pulled out, in mm: until every pass leans as far as it may. It cannot be pushed below
      # packed_mm.
      def loosest_mm = [packed_mm, @lean * passes.sum(&:run_mm)].max

      # The same as Tapering answers it, all repeats being alike.
      def unlike = 0
      def copy(_number) = self
      def from_mm(copies) = copies * advance_mm
      def some_wire_mm(_first, count) = count * wire_mm
      def runs(first, count) = [[self, first, count]]

      private

      # The places of all passes by base wire.
      def by_wire
        front, back = [1, -1].map { Array.new(frame.count) { [] } }
        passes.each_with_index do |pass, i|
          here = pass.face.positive? ? front : back
          pass.crowns.each { |wire, station| here[wire] << heights[i][station] }
        end
        [front, back]
      end

      # An open weave spreads what it has over the packed rise evenly over its wire, so that nothing comes nearer than
      # it lay.
      def open_up(heights, pitch_mm)
        if pitch_mm < packed_mm - 1e-6
          raise Error,
            "a pitch of #{Units::Text.wire(pitch_mm, 3)} is below the packed #{Units::Text.wire(packed_mm, 3)}"
        end

        @advance_mm = [pitch_mm, packed_mm].max
        slope, before = (advance_mm - packed_mm) / passes.sum(&:run_mm), 0.0
        @heights = passes.each_with_index.map { |pass, i|
          from, before = before, before + pass.run_mm
          slope.zero? ? heights[i] :
            pass.stations.points.each_with_index.map { |point, k| heights[i][k] + (slope * (from + point[2])) }.freeze
        }.freeze
      end
    end
  end
end
