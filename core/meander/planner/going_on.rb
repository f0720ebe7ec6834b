# frozen_string_literal: true

module Meander
  module Planner
    # Working wire that goes on from section to section: which of them one length makes. From where it is begun it goes
    # on as long as a hand can manage it, and so with its other end where that makes others; a section whose beads are
    # strung beforehand begins a length of its own, and what joins others goes on from a woven one.
    class GoingOn
      # sections: { id => Crafts::OnWire }, of those that share a length; leads: LedWay::Led values.
      attr_reader :sections, :leads

      # piece: Document::Piece; placed: Placed, every section with wire of its own.
      def initialize(piece, placed, calibration)
        @piece = piece
        @placed = placed
        @stretch = (1 + calibration.slack) * (1 + piece.margin)
        travelling = piece.wires.reject(&:base?).select { |wire| piece.routes.of(wire.id).size > 1 }
        @leads = []
        lengths = travelling.flat_map { |wire| shared(wire, piece.routes.of(wire.id)) }
        @sections = on(lengths).freeze
        @leads.freeze
        freeze
      end

      private

      # The lengths of a wire that several sections share, as SharedLength values. Its other end comes first: a hand
      # manages more of a length that is begun between its ends.
      def shared(wire, visits)
        begun = @piece.routes.begun(wire.id)
        onward, back = [visits.drop(begun), visits.first(begun).reverse].map do |side|
          side.map { |visit| @placed.section(visit.section) }
        end
        here = length(last(onward.first))
        first = here.begun.whole? ? here : length(element(onward.first, first_mm(onward.first)))
        [*follow(wire, first, first.back, back), *follow(wire, here, here.onward, onward.drop(1))]
          .uniq(&:object_id).select(&:shared?)
      end

      def length(begun) = SharedLength.new(@piece, begun, @stretch)
      def element(section, path_mm, led_mm = 0.0) = SharedLength::Element.new(section, path_mm, led_mm)
      def last(section) = element(section, section.strip&.account&.lengths&.last&.path_mm || section.path_mm)
      def first_mm(section) = section.strip&.account&.lengths&.first&.path_mm || section.path_mm

      # A length as far as it goes on through sections to a side of it, and those that the rest of them begin. Of a
      # section that takes several lengths only the first comes on, and only the last goes on.
      def follow(wire, length, side, sections)
        sections.reduce([length]) do |found, section|
          now = found.last
          to = now.equal?(length) ? side : now.onward
          goes = (to.empty? || to.last.whole?) && come_on(wire, now, to, section)
          goes ? found : [*found, length(last(section))]
        end
      end

      # Makes a section with a length, too, on a side of it, where that can.
      def come_on(wire, length, side, section)
        led = LedWay.new(@placed, wire).call((side.last || length.begun).section, section,
          leaves: side.empty? ? "start" : "end")
        element = element(section, first_mm(section), led.mm)
        return false unless length.begun.woven? && !element.threaded? && length.take(element, side)

        @leads << led
        true
      end

      # { section id => OnWire }.
      def on(lengths)
        lengths.each_with_object(Hash.new { |all, id| all[id] = Crafts::OnWire.new }) do |length, found|
          [length.onward, length.back].each do |side|
            side.each_with_index { |one, i| part(found[one.section.id], length, side, i) }
          end
        end
      end

      # Where a section takes several lengths one that comes on is its first; one that is begun there is its last, or
      # its first where the other end goes back.
      def part(here, length, side, index)
        one, part = side[index], length.part(side, index)
        first = part.from || part.back.any?
        here.first = part if first || one.whole?
        here.last = part if !first || one.whole?
      end
    end
  end
end
