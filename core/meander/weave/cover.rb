# frozen_string_literal: true

module Meander
  module Weave
    # What a settled weave covers of its base wires, and what stays bare.
    module Cover
      # wire: base wire from 0; face: 1 front, -1 back; share: how much of it is covered; longest_mm: the longest bare stretch.
      Face = Struct.new(:wire, :face, :share, :longest_mm)

      FACES = [1, -1].freeze

      # Every base wire on both faces; a wire the weave never goes over is bare for the whole rise.
      def self.call(repeat)
        places = lying(repeat)
        repeat.frame.count.times.to_a.product(FACES).map { |wire, face| face(repeat, wire, face, places[[wire, face]] || []) }
      end

      # Bare stretches of a wire along one settled period, [[from, to], ...] in mm, where neither face is covered.
      def self.bare(repeat, wire)
        places = lying(repeat)
        both = [1, -1].flat_map { |face| places[[wire, face]] || [] }
        gaps(both, repeat)
      end

      def self.lying(repeat)
        repeat.period_passes.each_with_index.with_object({}) do |(pass, i), found|
          pass.wires.each { |wire| (found[[wire, pass.face]] ||= []) << repeat.heights[i] }
        end
      end

      def self.face(repeat, wire, face, places)
        bare = gaps(places, repeat).map { |from, to| to - from }
        Face.new(wire, face, 1 - (bare.sum / repeat.period_mm), bare.max || 0.0).freeze
      end

      # What lies between the passes, round the period.
      def self.gaps(places, repeat)
        return [[0.0, repeat.period_mm]] if places.empty?

        half = repeat.frame.lay_mm / 2
        places = places.map { |y| y % repeat.period_mm }.sort
        (places + [places.first + repeat.period_mm]).each_cons(2).map { |a, b| [a + half, b - half] }
                                                    .select { |from, to| to - from > 0.01 }
      end
      private_class_method :lying, :face, :gaps
    end
  end
end
