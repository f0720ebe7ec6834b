# frozen_string_literal: true

module Meander
  module Braid
    # Braids to choose from.
    module Samples
      # strands: how many; wires: in each, side by side; crossings: in short, nil of a flat braid; lay: turns of a twist
      # reach so many wires along, nil where nothing is twisted; suits: what it is good for.
      Sample = Struct.new(:key, :name, :strands, :wires, :crossings, :lay, :suits, keyword_init: true)

      ALL = [
        ["plait-3", "three, over and under", 3, 1, nil, nil, "bracelets, straps and chains; quick, and even at once"],
        ["plait-3-doubled", "three of two wires each", 3, 2, nil, nil, "broad bracelets; two colours side by side"],
        ["plait-3-cords", "three twisted cords", 3, 2, nil, 7.0, "rope-like straps; remnants twisted together"],
        ["plait-4", "four, over and under", 4, 1, nil, nil, "necklines; beads on one edge curve it"],
        ["plait-5", "five, over and under", 5, 1, nil, nil, "flat bands and cuffs"],
        ["plait-5-twos", "five, outer ones over two", 5, 1, "1r 2r 4l 3l", nil, "bands with a ridge along the middle"],
        ["plait-6", "six, over and under", 6, 1, nil, nil, "wide bands; keep them flat while braiding"],
        ["plait-7", "seven, over and under", 7, 1, nil, nil, "wide bands of thin wire"],
        ["plait-8", "eight, over and under", 8, 1, nil, nil, "collars of thin wire; try a swatch first"],
        ["round-4", "a round cord of four", 4, 1, "3r 2r 2r 1l 2l 2l", nil, "cords that hang and turn"]
      ].map { |values| Sample.new(**Sample.members.zip(values).to_h).freeze }.freeze

      # Over how many mm it is tried.
      LENGTH_MM = 100

      # A sample in a wire, as a braid on its own is said (texts by option).
      def self.options(sample, wire_mm)
        mm = ->(size) { "#{size.round(6)} mm" }
        {"strands" => sample.strands.to_s, "wires" => sample.wires.to_s, "diameter" => mm[wire_mm],
          "length" => mm[LENGTH_MM], "scheme" => sample.crossings,
          "lay" => sample.lay && mm[sample.lay * wire_mm]}.compact
      end
    end
  end
end
