# frozen_string_literal: true

module Meander
  module Crafts
    # A section that joins others with working wire: its own, cut for it alone, or that of a section before it which
    # goes on to here. It answers path_mm, wraps, kind and use of what is cut for it, and wire_ends: where its wire
    # begins and ends, in the places of the finished piece.
    class Joining < Worked
      attr_reader :wire

      # on: OnWire, how its wire is that of other sections.
      def initialize(section, calibration, on)
        super(section)
        @wire = section.working_wire
        @calibration = calibration
        @on = on.first
      end

      # Is it made with the wire of another section?
      def comes_on? = !@on.nil?
      def length_mm = path_mm

      # The wire that is cut for it, where it has its own.
      def separate_lengths
        return [] if comes_on?

        [SeparateLength.new(kind, section.piece, wire, path_mm, use:, wraps:, slack: @calibration.slack)]
      end

      def wire_uses
        return super unless comes_on?

        [WireUse.new(used_mm:, total_mm: used_mm * (1 + section.piece.margin), kept_mm: 0.0, lengths: 0, begun: 0)]
      end

      def mass_g = comes_on? ? wire.material.mass_g(wire.mm, used_mm) : super

      private

      def used_mm = (path_mm + @on.led_mm) * (1 + @calibration.slack)

      # "Cut 153 mm of 0.3 mm copper and", "With the wire from section 1": what its step begins with.
      def with_wire(context)
        return "#{separate_lengths.first.cutting} and" unless comes_on?

        led = (@on.led_mm < 0.5) ? "" : ", led on #{Units::Text.length(@on.led_mm)} at the back,"
        "With #{@on.wire_from(context.called_by(@on.from))}#{led}"
      end

      # What is cut with its step: nothing where its wire comes on from another section.
      def cuts = comes_on? ? [] : separate_lengths.map(&:cut)

      # What becomes of its ends.
      def ends_words(context)
        return "tuck both ends in at the back" unless comes_on?
        return "leave the wire on: #{context.called_by(@on.to)} is made with it" if @on.to

        "tuck its end in at the back"
      end
    end
  end
end
