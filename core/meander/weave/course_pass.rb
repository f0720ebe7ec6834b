# frozen_string_literal: true

module Meander
  module Weave
    # One pass over base wires whose gap changes along the strip: the places of its stations are its own. Answers as
    # Pass does.
    class CoursePass
      include Climb

      # What Stations answers, told by the places themselves.
      Placed = Struct.new(:points) do
        def size = points.size
        def drawn(_turn_rad) = points.each_with_index.map { |(x, z, run), u| [x, z, u.to_f, run] }
      end

      attr_reader :stations, :frame, :straight_mm

      # kind: Widths::Kind; frame: of the base wires where it lies; points: [[x, z, run], ...].
      def initialize(kind, frame, points, straight_mm)
        @kind = kind
        @like = kind.pass
        @frame = frame
        @stations = Placed.new(points.freeze).freeze
        @straight_mm = straight_mm
        freeze
      end

      def from = @like.from
      def to = @like.to
      def face = @like.face
      def wires = @like.wires
      def words(turned: false) = @like.words(turned:)

      # { base wire => station over it }, in the order of travel.
      def crowns
        order, first = ((to > from) ? wires : wires.reverse), @kind.crown
        order.each_with_index.to_h { |wire, i| [wire, first + (i * Widths::STRAIGHT)] }
      end
    end
  end
end
