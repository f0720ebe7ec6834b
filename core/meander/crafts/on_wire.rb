# frozen_string_literal: true

module Meander
  module Crafts
    # How the working wire of a section is that of others, too: what its first length comes on from and what its last
    # one goes on to, each an Element; nil where such a length belongs to this section alone.
    OnWire = Struct.new(:first, :last) do
      # Of the length with this number of so many.
      def at(index, count) = (index.zero? && first) || (index == count - 1 && last) || nil
    end

    # A section's part of a length that several share. from, onward: ids of the section before it and of all after it;
    # back: of those that the other end makes, of the section where it is begun alone; other: whether this one is made
    # with that end; led_mm: what is led to here from the one before; before_mm: all of the path from the first end of
    # the length to where this section begins, ways and all; begun_mm: the same of where it is begun; others_mm: the
    # path in the other sections; leads_mm: all that is led between them; kept_mm: what the length keeps for later, and
    # ended_mm: what it is bent to, each at its first end and at its last one; hands_mm: where it is begun between its
    # ends, how much of it lies to either side, nil elsewhere.
    OnWire::Element = Struct.new(:from, :onward, :back, :other, :led_mm, :before_mm, :begun_mm, :others_mm, :leads_mm,
      :kept_mm, :ended_mm, :hands_mm, keyword_init: true) do
      def to = onward.first

      # Those that come next on it, to either side.
      def next = [to, back.first].compact

      # All that are made with it after this one.
      def others = onward + back

      # What its section is made with; called: the section it comes on from.
      def wire_from(called) = "the #{"other end of the " if other}wire from #{called}"
    end
    OnWire::ALONE = OnWire.new.freeze
  end
end
