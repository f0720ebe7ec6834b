# frozen_string_literal: true

module Meander
  module Planner
    # One length of working wire that several sections are made with: onward from the section where it is begun, and
    # back from there with its other end, where that makes others. All in mm.
    class SharedLength
      # What a section takes of it, and what is led to it.
      Element = Struct.new(:section, :path_mm, :led_mm) do
        def woven? = !section.strip.nil?
        def threaded? = section.section.threaded.any?

        # Is all of the section made with this length?
        def whole? = !woven? || section.strip.account.lengths.size == 1
        def mm = path_mm + led_mm
        def left_mm(side) = (woven? && whole?) ? section.layout.left_over_mm(side) : 0.0

        # What of its length it keeps for later, on the tail that begins it (first), or on the other.
        def kept_mm(first:)
          (whole? && section.section.reserved_first? == first) ? section.section.reserve_mm : 0.0
        end
      end

      # The elements on either side: the one where it is begun is the first onward.
      attr_reader :onward, :back

      # begun: Element; stretch: what is planned to a millimetre of path, slack and margin with it.
      def initialize(piece, begun, stretch)
        @piece = piece
        @onward, @back = [begun], []
        @stretch = stretch
      end

      def begun = onward.first
      def all = onward + back
      def shared? = all.size > 1

      # Adds an element to a side of it (its elements there), where a hand can still manage it.
      # @return whether it is added
      def take(element, side)
        side << element
        comfortable?.tap { |can| side.pop unless can }
      end

      # A section's part of it (Crafts::OnWire::Element), by its place on a side.
      def part(side, index)
        side.equal?(back) ? back_part(index) : onward_part(index)
      end

      private

      def middle? = begun.woven? && begun.section.layout.sides == 2

      # Of a length that is begun between its ends each is in hand by itself.
      def comfortable?
        hands = between? ? sides_mm : [sides_mm.sum]
        hands.max <= @piece.allowance_mm(:working_length) + Tolerance::PACKING_MM
      end

      def between? = middle? || back.any?

      # What lies to either side of where it is begun, back and onward, with its tail and half of the waste.
      def sides_mm
        ends = @piece.allowance_mm(:tail) + (@piece.allowance_mm(:waste) / 2)
        ways_mm.zip(*ends_mm).map { |way, *kept| (way * @stretch) + kept.sum + ends }
      end

      def ways_mm
        own = middle? ? begun.section.strip.account.half_paths_mm.reverse : [0.0, begun.path_mm]
        [back, onward.drop(1)].zip(own).map { |side, mm| side.sum(&:mm) + mm }
      end

      # What it keeps for later at its first and its last end, and what these are bent to.
      def ends_mm
        first, last = back.last || begun, onward.last
        [[first.kept_mm(first: true), last.kept_mm(first: false)],
          [back.any? ? first.left_mm("end") : first.left_mm("start"), last.left_mm("end")]]
      end

      def onward_part(index)
        one, before = onward[index], onward.first(index)
        part_of(one, before.last, onward.drop(index + 1), back_mm + before.sum(&:mm) + one.led_mm, other: false)
      end

      # With its other end it is worked towards its first one.
      def back_part(index)
        further = back.drop(index + 1)
        part_of(back[index], index.zero? ? begun : back[index - 1], further, further.sum(&:mm) + back[index].path_mm,
          other: true)
      end

      def back_mm = back.sum(&:mm)

      def part_of(one, from, further, before_mm, other:)
        kept, ended = ends_mm
        Crafts::OnWire::Element.new(from: from&.section&.id, onward: ids(further), back: from ? [] : ids(back), other:,
          led_mm: one.led_mm, before_mm:, begun_mm: back_mm, others_mm: all.sum(&:path_mm) - one.path_mm,
          leads_mm: all.sum(&:led_mm), kept_mm: kept, ended_mm: ended, hands_mm: (sides_mm if between?)).freeze
      end

      def ids(elements) = elements.map { |one| one.section.id }
    end
  end
end
