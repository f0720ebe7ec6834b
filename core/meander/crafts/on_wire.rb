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
    # led_mm: what is led to here from the one before; before_mm: all of the path before it, ways and all; others_mm:
    # the path in the other sections; leads_mm: all that is led between them; kept_mm: what the length keeps for later;
    # ended_mm: what it is bent to where its last section ends.
    OnWire::Element = Struct.new(:from, :onward, :led_mm, :before_mm, :others_mm, :leads_mm, :kept_mm, :ended_mm,
      keyword_init: true) do
      def to = onward.first
    end
    OnWire::ALONE = OnWire.new.freeze
  end
end
