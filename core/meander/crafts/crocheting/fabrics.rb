# frozen_string_literal: true

module Meander
  module Crafts
    module Crocheting
      # What may be crocheted, as it is said: kind of fabric => Sentence.
      module Fabrics
        STITCH = Sentence.choice("stitch", "Stitch",
          Crochet::Stitches::TALL.to_h { |key| [key, Crochet::Stitches.fetch(key).plural] }, "of")
        ROUNDS = Sentence.choice("rounds", "How rounds go on",
          {"spiral" => "round and round", "closed" => "each round closed"}, ",")
        LYING = Sentence.choice("lying", "How its rows lie", {"across" => "across it", "along" => "along it"},
          "its rows")
        COUNT = {kind: "count", count: 6}.freeze

        ALL = {
          "cord" => Sentence.new("cord of chains", [Sentence.count("cords", "Cords side by side", ",", "side by side")],
            {cords: 1}),
          "band" => Sentence.new("band", [STITCH, LYING], {stitch: "single", lying: "across", across: COUNT}),
          "tube" => Sentence.new("tube", [STITCH, ROUNDS], {stitch: "single", across: COUNT, rounds: "spiral"}),
          "disc" => Sentence.new("disc", [STITCH, ROUNDS], {stitch: "single", first: nil, more: nil, rounds: "closed"}),
          "oval" => Sentence.new("oval", [STITCH, Sentence.count("chains", "Chains it begins with", "on", "chains"),
            ROUNDS], {stitch: "single", chains: 6, more: nil, rounds: "closed"}),
          "cup" => Sentence.new("cup", [STITCH, Sentence.size("over", "What the cup is for", "over", "across"), ROUNDS],
            {stitch: "single", over: Sentence.mm(18), rounds: "spiral"}),
          "triangle" => Sentence.new("triangle", [STITCH, Sentence.count("more", "More in each row",
            ", each row", "more than the last")], {stitch: "single", more: 2}),
          "rows" => Sentence.new("fabric row by row", [], {begin: {kind: "chain", count: 10}, rounds: "rows",
            rows: [{stitches: [{kind: "single", times: 10, into: 1, over: 1}], times: 1}]})
        }.freeze
      end
    end
  end
end
