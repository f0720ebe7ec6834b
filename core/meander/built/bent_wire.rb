# frozen_string_literal: true

module Meander
  module Built
    # A section that is a single wire bent without being woven. Answers as WovenSection does.
    class BentWire
      attr_reader :section, :bent, :wire

      def initialize(piece, section)
        @section = section
        @wire = piece.wire(section[:base].first)
        @bent = Form::Bends.call(section[:bend], wire.mm)
        @kept = {}
      end

      def id = section[:id]
      def base = section[:base]
      def woven? = false
      def laced? = false
      def copies = 1
      def rounded?(_side) = false
      def plan = nil
      def plan_h = nil
      def length_mm = bent.length_mm
      def run_mm(_wire) = bent.length_mm
      def trace(_wire) = bent.points
      def seats = [{wire.id => 0.0}, {wire.id => 0.0}]
      def out = [bent.points.last, bent.turn]

      # Where a place beyond its end (1), or before its beginning (-1), lies.
      def beyond(side, (across, out, height))
        (x, y, z), turn = (side == 1) ? self.out : [[0.0, 0.0, 0.0], 0.0]
        cos, sin = Math.cos(turn), Math.sin(turn)
        [x + (across * cos) + (out * sin), y - (across * sin) + (out * cos), z + height]
      end

      def marks(_wire) = [[0.0, "bend begins"], [bent.length_mm, "bend ends"]]
      def mark_places(_wire) = bent.points.values_at(0, -1)
      def outline = @kept[:outline] ||= Form::Hull.call(bent.points.flat_map { |x, y| [[x - wire.mm, y], [x + wire.mm, y]] })
      def centre = bent.centre || [0, 1].map { |axis| outline.map { |point| point[axis] }.minmax.sum / 2 }
      def ground = @kept[:ground] ||= Beads::BentGround.new(bent.points, bent.length_mm, wire, centre)
      def lying(x, y) = [[x, y, 0.0]]
      def wraps = 0
      def steps = {}
      def words = bent.words
      def finished = @kept[:picture] ||= Picture::Finished.new({wire.id => wire.material.colour}) { |picture| picture.line(4, wire.id, wire.mm, bent.points) }
    end
  end
end
