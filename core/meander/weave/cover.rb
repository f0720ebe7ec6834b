# frozen_string_literal: true

module Meander
  module Weave
    # What a settled weave covers of its base wires, and what stays bare. Wires are counted from 0.
    class Cover
      # face: 1 front, -1 back; share: how much of the wire is covered; longest_mm: the longest bare stretch.
      Face = Struct.new(:wire, :face, :share, :longest_mm)

      # The places of all passes by base wire: [front, back], each a list a wire, in mm from the repeat's first pass.
      def self.places(repeat)
        front, back = [1, -1].map { Array.new(repeat.frame.count) { [] } }
        repeat.period_passes.each_with_index do |pass, i|
          here = pass.face.positive? ? front : back
          pass.wires.each { |wire| here[wire] << repeat.heights[i] }
        end
        [front, back]
      end

      def initialize(repeat)
        @repeat = repeat
        @front, @back = Cover.places(repeat)
        freeze
      end

      # Every base wire on both faces; a wire the weave never goes over is bare for the whole rise.
      def faces = @front.each_index.flat_map { |wire| [face(wire, 1, @front[wire]), face(wire, -1, @back[wire])] }

      # Share of a wire that is under coils, on the face that is covered more.
      def share(wire) = [@front, @back].map { |places| face(wire, 0, places[wire]).share }.max

      private

      def face(wire, face, places)
        bare = gaps(places)
        Face.new(wire, face, 1 - (bare.sum / @repeat.period_mm), bare.max || 0.0).freeze
      end

      # How much lies bare between the passes, round the period.
      def gaps(places)
        period, lay = @repeat.period_mm, @repeat.frame.lay_mm
        return [period] if places.empty?

        round = places.map { |y| y % period }.sort
        (round << (round.first + period)).each_cons(2).filter_map { |a, b| (b - a - lay).then { |bare| bare if bare > 0.01 } }
      end
    end
  end
end
