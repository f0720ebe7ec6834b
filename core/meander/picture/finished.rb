# frozen_string_literal: true

require "digest"
require "json"

module Meander
  module Picture
    # A section as it lies finished, or the wires between sections: lines [[x, y, z], ...] in mm, in layers from the back to the
    # front. On a dowel what lies on its far half comes first, from the outside in.
    class Finished
      LAYERS = %i[far_outer far_base far_inner behind base over before top].freeze
      PARTS = 100.0
      # The face of a pass (1 or -1), 0 for a base wire, on the near half and on the far half.
      NEAR = {-1 => 3, 0 => 4, 1 => 6}.freeze
      FAR = {1 => 0, 0 => 1, -1 => 2}.freeze

      # content_hash names the picture: the same drawing has the same one.
      attr_reader :json, :groups, :content_hash

      # colours: { wire id => "#rrggbb" }.
      def initialize(colours)
        @colours = colours
        @groups = Hash.new { |all, key| all[key] = [] }
        yield self
        @groups.default = nil
        @json = JSON.generate(to_h).freeze
        @content_hash = Digest::SHA256.hexdigest(json)[0, 32].freeze
        freeze
      end

      # A line of a wire of a diameter in a layer.
      def line(layer, wire, wire_mm, points) = @groups[[layer, wire, wire_mm]] << points

      # A line that may go round a dowel: cut where it passes from its near half to its far one. face: as NEAR has it.
      def round(face, wire, wire_mm, points)
        runs = points.each_cons(2).slice_when { |(_, a), (b, c)| far?(a, b) != far?(b, c) }
        runs.each { |run| line((far?(*run.first) ? FAR : NEAR).fetch(face), wire, wire_mm, [run.first.first, *run.map(&:last)]) }
      end

      def to_h
        wires = groups.keys.map { |_, wire, _| wire }.uniq
        {finest_mm: 1 / PARTS, tones: @colours.slice(*wires).transform_values { |hex| Colour.strokes(hex) },
          groups: groups.sort_by { |(layer, wire, mm), _| [layer, wire, mm] }.map { |(layer, wire, mm), lines|
            {layer:, wire:, d: mm.round(4), lines: lines.map { |points|
              points.flat_map { |x, y|
                [(x * PARTS).round, (y * PARTS).round]
              }
            }}
          }}
      end

      private

      def far?(one, other) = (one[2] + other[2]).negative?
    end
  end
end
