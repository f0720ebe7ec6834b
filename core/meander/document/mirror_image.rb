# frozen_string_literal: true

module Meander
  module Document
    # The mirror image of a piece, near for far: what the second one of a pair is. Its wires are the same ones, each on
    # the other side; its front stays the front.
    class MirrorImage
      # @param piece [Piece]
      # @return [Piece, nil] nil where something in it has no mirror image that a document can say
      def self.call(piece) = new(piece.document).call

      def initialize(document)
        @document = document
        @beside = beside
      end

      def call
        sections = @document[:sections].map { |fields| section(fields) }
        beads = @document[:beads].map { |placed| placed(placed) }
        return unless [*sections, *beads].all?

        weaves = @document[:weaves].map { |weave| {**weave, **Weave::Mirrors.across(weave, weave[:base])} }
        Piece.new({**@document, wires: @document[:wires].map { |wire| wire(wire) }, sections:, beads:, weaves:})
      end

      private

      # Nil where its craft knows of none.
      def section(fields)
        craft(fields).then { |craft| craft.mirrored(fields, @beside) if craft.respond_to?(:mirrored) }
      end

      def craft(fields) = Crafts::Registry.fetch(fields[:craft])

      # How many wires lie side by side in each section: { id => count }.
      def beside
        stops = @document[:wires].flat_map { |wire| wire[:route] }.select { |stop| stop[:kind] == "visit" }
        stops.group_by { |stop| stop[:section] }.transform_values do |visits|
          visits.map { |visit| Shape::Seat.parts(visit[:seat]) }.filter_map { |role, at| at if role == "base" }.max || 0
        end
      end

      # What lies nearest lies farthest, where wires lie side by side.
      def wire(wire) = {**wire, route: wire[:route].map { |stop| (stop[:kind] == "visit") ? visit(stop) : stop }}

      def visit(stop)
        role, number = Shape::Seat.parts(stop[:seat])
        section = @document[:sections].find { |fields| fields[:id] == stop[:section] }
        return stop unless role == "base" && craft(section).respond_to?(:beside?)

        {**stop, seat: "base #{@beside[section[:id]] + 1 - number}"}
      end

      # Beads of a side lie on the other. Those knotted in are told by the order of their knots, each row from the left.
      def placed(placed)
        return if placed[:rule] == "knotted" && several_knots?(placed[:section]) && placed[:every] != [1]

        other = Crafts::Mirrored::OTHER[placed[:on]]
        other ? {**placed, on: other} : placed
      end

      def several_knots?(id)
        section = @document[:sections].find { |fields| fields[:id] == id }
        section[:rows].any? { |row| row[:knots].size > 1 }
      end
    end
  end
end
