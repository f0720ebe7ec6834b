# frozen_string_literal: true

module Meander
  module Endings
    # An ending that lies on the front of its section, so that it clears what is there: led up to that height first.
    class Raised
      # A part of it, so many mm higher.
      Part = Struct.new(:part, :mm) do
        def length = part.length
        def points = part.points.map { |x, y, z| [x, y, (z || 0.0) + mm] }
      end

      attr_reader :strands

      # ending: as Registry makes it, of one wire; height_mm: how high it is led.
      def initialize(ending, height_mm)
        @ending = ending
        @height_mm = height_mm
        @strands = ending.strands.transform_values do |strand|
          x, y, z = strand.points.first
          Curve::Strand.new([Lead.new([x, y, 0.0], [x, y, (z || 0.0) + height_mm]),
            *strand.parts.map { |part| Part.new(part, height_mm).freeze }])
        end.freeze
        freeze
      end

      def reach_mm = @ending.reach_mm
      def turns_beside = @ending.turns_beside
      def middle_of_hole = @ending.middle_of_hole&.then { |across, out| [across, out, @height_mm] }
      def words = @ending.words
      def making(names, all) = "#{@ending.making(names, all)}; it lies on the front"
    end
  end
end
