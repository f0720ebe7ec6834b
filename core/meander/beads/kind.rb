# frozen_string_literal: true

module Meander
  module Beads
    # One kind of bead: what it is, its sizes, its hole. Lengths in mm, mass in g.
    class Kind
      attr_reader :fields, :id, :name, :material, :shape, :length_mm, :width_mm, :hole_mm, :colour, :guessed

      # fields: a bead of a tray as read from a document, see Document::Fields::BEAD.
      def initialize(fields)
        @fields = fields
        @id = fields[:id]
        @name = fields[:name]
        @material = Material::ALL.fetch(fields[:material])
        @shape = fields[:shape]
        @length_mm = fields[:length].mm
        @width_mm = fields[:width].mm
        @hole_mm = fields[:hole].mm
        @across = fields[:drilled] == "across"
        @mass = fields[:mass]
        @colour = fields[:colour]
        @guessed = fields[:guessed]
        freeze
      end

      # What it takes of a wire that goes through it, and how wide it is to either side of that wire.
      def along_mm = @across ? width_mm : length_mm
      def across_mm = (@across || shape == "flat") ? length_mm : width_mm

      # How far it stands up from what it lies on.
      def depth_mm = width_mm

      # As weighed, or from its volume less the hole.
      def mass_g
        @mass || [
          (Body.volume_mm3(shape, length_mm, width_mm) - (Math::PI * (hole_mm**2) * along_mm / 4)) * material
            .density / 1000, 0.0
        ].max
      end

      def guessed? = guessed.any?

      # Does its hole let these wires through together?
      def passes?(wires) = Bundle.needs_mm(wires) <= hole_mm + 1e-9

      def words
        size = ((length_mm - width_mm).abs < 1e-6) ? Units::Text.length(length_mm) :
          "#{Units::Text.length(length_mm)} by #{Units::Text.length(width_mm)}"
        "#{name} (#{size})"
      end

      # As drawn, from its rim to its light: { points: outline [[along the hole, across it], ...], tone:, shift: mm
      # towards the light }. Seen end on where it is threaded upright.
      def layers(end_on: false)
        outline = end_on ? Body.outline("round", across_mm, across_mm) :
          turned(Body.outline(shape, length_mm, width_mm))
        reach = outline.map { |_, v| v.abs }.max
        dark, deep, plain, light = Picture::Colour.strokes(colour).map(&:first)
        told = [[1.0, 0.0, dark], [0.9, 0.02, deep], [0.68, 0.12, plain],
          [0.26, 0.32, light]].map do |share, shift, tone|
          {points: outline.map { |u, v| [u * share, v * share] }, tone:, shift: shift * reach}
        end
        end_on ? told << {points: Body.outline("round", hole_mm, hole_mm), tone: dark, shift: 0.0} : told
      end

      # As a solid: turned round an axis from its profile [[along the axis, from it], ...], closed where its hole leads
      # along that axis; axis: along its hole, beside it or up from what it lies on; sides: of the turned solid.
      def solid
        axis = @across ? "beside" : "hole"
        axis = "up" if shape == "flat"
        half = ((shape == "flat") ? Body.outline("tube", width_mm, length_mm) :
          Body.outline(shape, length_mm, width_mm)).select { |_, v| v >= -1e-9 }.sort
        profile = (axis == "hole") ? bored(half) : half
        {profile: profile.flatten.map { |mm| mm.round(4) }, axis:, sides: (shape == "cube") ? 4 : 20}
      end

      private

      # No nearer to the axis than the hole is wide, and back through it.
      def bored(half)
        half.map { |u, v| [u, [v, hole_mm / 2].max] }.then do |outside|
          outside + [[outside.last[0], hole_mm / 2], [outside.first[0], hole_mm / 2], outside.first]
        end
      end

      def turned(outline) = @across ? outline.map { |u, v| [v, u] } : outline
    end
  end
end
