# frozen_string_literal: true

module Meander
  module Crochet
    # Fabrics to choose from.
    module Samples
      # fabric: as a section has it; hook: how thick, in wires; count: how many rows, rounds or chains it is tried with;
      # suits: what it is good for.
      Sample = Struct.new(:key, :name, :hook, :count, :fabric, :suits, keyword_init: true)

      def self.count(number) = {kind: "count", count: number}.freeze
      def self.item(kind, times = 1) = {kind:, times:, into: 1, over: 1}.freeze
      private_class_method :count, :item

      ALL = [
        ["chain-cord", "one cord of chains", 10.0, 40, {kind: "cord", cords: 1},
          "cords and loops; a bead in every third"],
        ["chain-three", "three cords side by side", 12.0, 40, {kind: "cord", cords: 3},
          "airy necklaces, gathered at both ends"],
        ["band-single", "a band of singles", 8.0, 40,
          {kind: "band", stitch: "single", lying: "along", across: count(4)}, "bracelets that keep their form"],
        ["band-double", "an open band of doubles", 10.0, 40,
          {kind: "band", stitch: "double", lying: "along", across: count(2)}, "light cuffs, and bands for ribbons"],
        ["tube-six", "a tube of six", 8.0, 20, {kind: "tube", stitch: "single", rounds: "spiral", across: count(6)},
          "ropes; with a bead in every stitch they are closed"],
        ["disc-single", "a disc of singles", 8.0, 4, {kind: "disc", stitch: "single", first: nil, more: nil,
          rounds: "closed"}, "earrings and pendants"],
        ["cup-single", "a cup over a stone", 8.0, 5, {kind: "cup", stitch: "single", rounds: "spiral",
          over: Units::Size.new(18.0, "18 mm")}, "cages round beads and stones"],
        ["net-open", "an open net", 12.0, 6, {kind: "rows", begin: {kind: "chain", count: 10}, rounds: "rows",
          rows: [{stitches: [*([item("double"), item("chain", 2), item("skip", 2)] * 3), item("double")], times: 1}]},
          "scarves of wire, and grounds for beads"]
      ].map { |values| Sample.new(**Sample.members.zip(values).to_h).freeze }.freeze
    end
  end
end
