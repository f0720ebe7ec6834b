# frozen_string_literal: true

module Meander
  module Weave
    # Passes with the heights of their stations (of the first copy), copied `count` times, `step_mm` further each time.
    # All in mm.
    Block = Struct.new(:passes, :heights, :count, :step_mm, keyword_init: true) do
      # Length of the wire on its own way through all copies.
      def wire_mm = count * lengths_mm.sum

      # The same of one copy, pass by pass.
      def lengths_mm = passes.each_index.map { |i| passes[i].climbed_mm(heights[i]) }
    end
  end
end
