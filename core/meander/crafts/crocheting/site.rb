# frozen_string_literal: true

module Meander
  module Crafts
    module Crocheting
      # What beads that are crocheted in lie on.
      Site = Struct.new(:crocheted) do
        def woven? = false
        def copies = 1
        def base = crocheted.base
        def wire = crocheted.base.first
        def length_mm = crocheted.length_mm

        # Wires that go through one bead.
        def held = base.first(crocheted.layout.held).map(&:mm)
      end
    end
  end
end
