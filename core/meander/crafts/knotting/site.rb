# frozen_string_literal: true

module Meander
  module Crafts
    module Knotting
      # What beads that are knotted in lie on.
      Site = Struct.new(:knotted) do
        def woven? = false
        def copies = 1
        def base = knotted.base
        def wire = knotted.base.first
        def length_mm = knotted.length_mm
      end
    end
  end
end
