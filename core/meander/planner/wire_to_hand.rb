# frozen_string_literal: true

module Meander
  module Planner
    # How far the working wire to hand goes, see Pins. Lengths in mm.
    class WireToHand
      # laid: the sections as their crafts lay them; extents: { section id => [repeats, bare_mm] } of those that are
      # settled, as they are then.
      def initialize(laid, pins, extents)
        @laid = laid
        @pins = pins
        @extents = extents
      end

      # What it is of: a key of Pins. What is worked without working wire has no kind of it.
      def key(one) = ["wire", kind(one)]

      # What settled sections leave of it for another one; nil where none of its kind is pinned.
      def room_mm(one)
        kind = kind(one) or return
        @pins.wire_mm(kind)&.then { |mm| mm - (@laid - [one]).sum { |other| taken_mm(other, kind) } }
      end

      # The most repeats that so much of it makes, joins and all, as far as the section can be woven.
      def most_repeats(one, mm)
        most = one.most_repeats / one.sides
        too_many = (1..most).bsearch { |count| one.working_mm(count * one.sides) > mm }
        ((too_many || (most + 1)) - 1) * one.sides
      end

      # Why so many repeats cannot be made of it.
      def short(one, repeats)
        room, needs = room_mm(one), (repeats == 1) ? "needs" : "need"
        "#{Units::Text.count(repeats, "repeat")} #{needs} #{Units::Text.length(one.working_mm(repeats))} of weaving " \
        "wire, #{Units::Text.length(room)} " \
          "#{(room < @pins.all[key(one)]) ? "left of what is to hand" : "to hand"}"
      end

      private

      def kind(one) = one.section.working_wire&.kind

      def taken_mm(other, kind)
        extent = @extents[other.id]
        return 0.0 if extent.nil? || other.section.working.none? { |wire| wire.kind == kind }

        other.worked(*extent).wire_uses.sum(&:total_mm)
      end
    end
  end
end
