# frozen_string_literal: true

module Meander
  module Weave
    # Where along a pass its heights are told: its beginning and end in the plane of the base wires, every tangent
    # point, every crown over a base wire, and places close together between these. In mm, flat.
    class Stations
      # So many to half a turn round a wire, and as close on straights, but no more than so many half turns' worth on
      # one straight.
      HALF_TURN = 12
      MOST_ON_A_STRAIGHT = 2.5

      # points: [[x, z, what the pass has run there], ...], first and last included.
      attr_reader :points

      # chain: the way of a pass (Curve::Chain, axes [x, z]); half_turn: how many to half a turn.
      def initialize(frame, chain, half_turn)
        @half_turn = half_turn
        @step = Math::PI * (frame.base_mm.min + frame.wire_mm) / 2 / half_turn
        @parts = chain.pieces.flat_map { |piece| parted(frame, piece) }.freeze
        @points = drawn(nil).map { |x, z, _, run| [x, z, run] }.freeze
        freeze
      end

      def size = points.size

      # The way as it is drawn: [[x, z, u, run], ...], u the station a point lies at or its share between two of them.
      # turn_rad: how far a drawn step may turn, nil for the stations themselves.
      def drawn(turn_rad)
        station, run = 0, 0.0
        found = [[*@parts.first.point(0.0), 0.0, 0.0]]
        @parts.each do |part|
          count = steps(part)
          shares(part, count, turn_rad).each do |share|
            found << [*part.point(share), station + (share * count), run + (part.length * share)]
          end
          station += count
          run += part.length
        end
        found
      end

      private

      # A straight is parted where it goes over a base wire, so that every pass over that wire has a station there.
      def parted(frame, piece)
        return [piece] unless piece.is_a?(Curve::Line)

        from, to = piece.from[0], piece.to[0]
        low, high = [from, to].minmax
        over = frame.centres.select { |x| x > low + 1e-6 && x < high - 1e-6 }
        over.reverse! if from > to
        [0.0, *over.map { |x| (x - from) / (to - from) }, 1.0].each_cons(2).map do |one, other|
          Curve::Line.new(piece.point(one), piece.point(other))
        end
      end

      def steps(part)
        return [((part.sweep.abs / (Math::PI / @half_turn)) - 1e-6).ceil, 1].max if part.is_a?(Curve::Arc)

        ((part.length / @step) - 1e-6).ceil.clamp(1, (MOST_ON_A_STRAIGHT * @half_turn).ceil)
      end

      # The shares of a part at which it is drawn: its stations, or more of them on a turn that asks for it, or fewer.
      def shares(part, count, turn_rad)
        return (1..count).map { |i| i / count.to_f } unless turn_rad && part.is_a?(Curve::Arc)

        drawn = count * [(part.sweep.abs / count / turn_rad).ceil, 1].max
        every = [(turn_rad * drawn / [part.sweep.abs, 1e-9].max).floor, 1].max
        (1..drawn).select { |i| (i % every).zero? || i == drawn }.map { |i| i / drawn.to_f }
      end
    end
  end
end
