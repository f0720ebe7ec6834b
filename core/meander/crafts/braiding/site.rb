# frozen_string_literal: true

module Meander
  module Crafts
    module Braiding
      # What beads that are braided in lie on.
      Site = Struct.new(:braided) do
        def woven? = false
        def copies = 1
        def base = braided.base
        def wire = braided.base.first
        def length_mm = braided.length_mm
      end
    end
  end
end
