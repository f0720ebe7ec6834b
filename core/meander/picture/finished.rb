# frozen_string_literal: true

require "digest"
require "json"

module Meander
  module Picture
    # A section as it lies finished, or the wires between sections: lines [[x, y, z], ...] in mm, in layers from the
    # back to the front. On a dowel what lies on its far half comes first, from the outside in.
    class Finished
      LAYERS = %i[far_outer far_base far_inner behind base over before top].freeze
      PARTS = 100.0
      # The face of a pass (1 or -1), 0 for a base wire, on the near half and on the far half.
      NEAR = {-1 => 3, 0 => 4, 1 => 6}.freeze
      FAR = {1 => 0, 0 => 1, -1 => 2}.freeze

      # of: the id of what they belong to where that is no wire's own way: an ending, a finding, beads; lines: [[x, y,
      # z, x, y, z, ...], ...], as they are few objects so; at: nil where they lie as they are, else where all of them
      # are put again and again, [[x, y, turn, number], ...]: turned about the origin by so many radians from +x towards
      # +y, then moved; number: of the stitch it is.
      Group = Struct.new(:layer, :wire, :mm, :of, :lines, :at) do
        # The lines as points, wherever they are put: [[[x, y, z], ...], ...].
        def points
          all = lines.map { |line| line.each_slice(3).to_a }
          return all unless at

          at.flat_map do |x, y, turn|
            cos, sin = Math.cos(turn), Math.sin(turn)
            all.map { |line| line.map { |a, b, c| [x + (a * cos) - (b * sin), y + (a * sin) + (b * cos), c] } }
          end
        end

        # The same as they go out, seen from the front, in parts of a mm: [[x, y, x, y, ...], ...].
        def flat = lines.map { |line| seen(line) }

        private

        def seen(line)
          out, i = [], -3
          while (i += 3) < line.size
            out << (line[i] * PARTS).round << (line[i + 1] * PARTS).round
          end
          out
        end
      end

      # groups: from the back to the front. content_hash names the picture: the same drawing has the same one.
      attr_reader :json, :groups, :content_hash

      # colours: { wire id => "#rrggbb" }.
      def initialize(colours)
        @colours = colours
        @drawn = Hash.new { |groups, key| groups[key] = [] }
        @cells = []
        yield self
        groups = @drawn.map { |key, lines| Group.new(*key, lines).freeze } + @cells
        @groups = groups.sort_by { |group| [group.layer, group.wire, group.mm, group.of.to_s] }.freeze
        @drawn = @cells = nil
        @json = JSON.generate(to_h).freeze
        @content_hash = Digest::SHA256.hexdigest(json)[0, 32].freeze
        freeze
      end

      # A line of a wire of a diameter in a layer; of: see Group.
      def line(layer, wire, wire_mm, points, of: nil)
        @drawn[[layer, wire, wire_mm, of]] << flat(points)
      end

      # Lines of a wire that are put in many places, see Group; layer: may lie between two of LAYERS.
      def cells(layer, wire, wire_mm, lines, at)
        @cells << Group.new(layer, wire, wire_mm, nil, lines.map { |line| flat(line) }, at).freeze
      end

      # A line that may go round a dowel: cut where it passes from its near half to its far one. face: as NEAR has it.
      def round(face, wire, wire_mm, points)
        runs = points.each_cons(2).slice_when { |(_, a), (b, c)| far?(a, b) != far?(b, c) }
        runs.each do |run|
          line((far?(*run.first) ? FAR : NEAR).fetch(face), wire, wire_mm, [run.first.first, *run.map(&:last)])
        end
      end

      # The upright box round its lines in mm, as thick as they are, [[x, x], [y, y]]; nil where there are none.
      def box
        points = groups.flat_map { |group| group.points.flat_map { |line| Form::Hull.beside(line, group.mm / 2) } }
        return if points.empty?

        [0, 1].map { |axis| points.map { |point| point[axis] }.minmax }
      end

      # As it goes out: places: where lines are put, each list once; at: which of them.
      def to_h
        number = groups.filter_map(&:at).each_with_object({}.compare_by_identity) { |at, all| all[at] ||= all.size }
        {finest_mm: 1 / PARTS,
          tones: @colours.slice(*groups.map(&:wire).uniq).transform_values { |hex| Colour.strokes(hex) },
          places: number.keys.map { |at| put(at) },
          groups: groups.map { |group|
            {layer: group.layer, wire: group.wire, of: group.of, d: group.mm.round(4), lines: group.flat,
              at: number[group.at]}
          }}
      end

      private

      def flat(points) = points.each_with_object([]) { |(x, y, z), line| line << x << y << (z || 0.0) }

      # [x, y, turn, number, x, ...] in parts of a mm and ten thousandths.
      def put(places)
        places.flat_map { |x, y, turn, number| [(x * PARTS).round, (y * PARTS).round, (turn * 10_000).round, number] }
      end

      def far?(one, other) = (one[2] + other[2]).negative?
    end
  end
end
