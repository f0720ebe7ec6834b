# frozen_string_literal: true

module Meander
  module Weave
    # What a settled weave covers of its base wires, and what stays bare. Wires are counted from 0.
    class Cover
      # face: 1 front, -1 back; share: how much of the wire is covered; longest_mm: the longest bare stretch.
      Face = Struct.new(:wire, :face, :share, :longest_mm)

      # Every base wire on both faces; a wire the weave never goes over is bare for the whole rise.
      attr_reader :faces

      def initialize(repeat)
        @repeat = repeat
        front, back = repeat.places
        @faces = front.each_index.flat_map { |wire| [face(wire, 1, front[wire]), face(wire, -1, back[wire])] }.freeze
        freeze
      end

      # Share of a wire that is under coils, on the face that is covered more.
      def share(wire) = faces.select { |face| face.wire == wire }.map(&:share).max

      private

      def face(wire, face, places)
        bare = gaps(places)
        Face.new(wire, face, 1 - (bare.sum / @repeat.advance_mm), bare.max || 0.0).freeze
      end

      # How much lies bare between the passes, round the period.
      def gaps(places)
        period, lay = @repeat.advance_mm, @repeat.frame.lay_mm
        return [period] if places.empty?

        round = places.map { |y| y % period }.sort
        (round << (round.first + period)).each_cons(2).filter_map do |a, b|
          (b - a - lay).then { |bare| bare if bare > 0.01 }
        end
      end
    end
  end
end
