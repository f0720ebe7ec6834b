# frozen_string_literal: true

module Meander
  module Crafts
    module Bending
      # What a wire that is not woven may be bent to, as it is said: kind of bend => Sentence.
      module Forms
        TOWARDS = Weaving::Forms::TOWARDS
        mm = ->(number) { Sentence.mm(number) }
        size, count = Sentence.method(:size), Sentence.method(:count)
        over = [size["length", "Length over all", "of", "long"], size["width", "Width over all", "and", "wide,", 0.5]]
        TIP = size["tip", "Inside of the bends at the tip", "bends at the tip", "inside", 0.2]
        FAR_FOLD = size["fold", "Inside of the fold at the far tip", ", the fold at the far tip", "inside", 0.2]
        LOBE_FOLD =
          size["fold", "Inside of the fold between the lobes", ", the fold between the lobes", "inside", 0.2]
        sides = Sentence.choice("sides", "Sides the loops stand on",
          {"one" => "all on one side", "in_turn" => "on either side in turn"})

        straight = ->(number) { {kind: "straight", length: mm[number]} }
        quarter = ->(towards) { {kind: "arc", angle: 90, towards:, radius: mm[6]} }

        ALL = {
          "line" => Sentence.new("straight run", [size["length", "Length of the run", "of"]], {length: mm[30]}),
          "arc" => Sentence.new("arc", [count["angle", "Angle of the arc", "of", "°"], Weaving::Forms::RADIUS, TOWARDS],
            {radius: mm[12], angle: 180, towards: "far"}),
          "wave" => Sentence.new("wave",
            [count["waves", "Waves", "of", "waves"], size["length", "Length of the wave", "over"],
              size["height", "Height of the wave", ",", "high", 0.5]],
            {length: mm[40], height: mm[6], waves: 4}),
          "waved_ring" => Sentence.new("waved ring",
            [count["waves", "Waves of the ring", "of", "waves,"],
              size["across", "Middle of the ring, across", "", "across,", 0.5],
              size["height", "Height of the wave", "", "high", 0.2]], {across: mm[8], height: mm[1.6], waves: 8}),
          "swirl" => Sentence.new("swirl",
            [count["turns", "Turns of the swirl", "of", "turns,"],
              size["inside", "Inside of the swirl", "", "inside,", 0.5],
              size["pitch", "Pitch of the swirl", "", "from turn to turn", 0.1]],
            {inside: mm[2], turns: 3, pitch: mm[1.2]}),
          "loops" => Sentence.new("row of loops",
            [count["count", "Loops", "of", "loops,"], size["inside", "Inside of a loop", "", "inside,", 0.5],
              size["pitch", "From loop to loop", "", "from one to the next,", 0.5], sides],
            {inside: mm[5], count: 8, pitch: mm[4], sides: "one"}),
          "zigzag" => Sentence.new("zigzag",
            [count["legs", "Legs of the zigzag", "of", "legs"], size["leg", "Leg of the zigzag", "of"],
              count["angle", "Angle between legs", ",", "° apart,"],
              size["fold", "Inside of a fold", "folds", "inside", 0.5]],
            {leg: mm[12], fold: mm[2], angle: 40, legs: 8}),
          "rosette" => Sentence.new("rosette",
            [count["petals", "Petals", "of", "petals,"], size["long", "Longer petal", "", "and", 0.5],
              size["short", "Shorter petal", "", "in turn,", 0.5],
              size["fold", "Inside of a petal's fold", "folds", "inside,", 0.2],
              size["centre", "Centre of the rosette", "centre", "", 0.5]],
            {long: mm[14], short: mm[10], fold: mm[2], centre: mm[0], petals: 8}),
          "run" => Sentence.new("run of straights and arcs", [],
            {parts: [straight[12], quarter["far"], straight[8], quarter["near"], straight[12]]}),
          "drop" => Sentence.new("drop, its ends a pair", [*over, TIP], {length: mm[28], width: mm[16], tip: mm[2]}),
          "leaf" => Sentence.new("leaf, its ends a pair", [*over, TIP, FAR_FOLD],
            {length: mm[32], width: mm[14], tip: mm[2], fold: mm[1]}),
          "heart" => Sentence.new("heart, its ends a pair", [*over, TIP, LOBE_FOLD],
            {length: mm[26], width: mm[26], tip: mm[2], fold: mm[2]}),
          "lobes" => Sentence.new("pair of lobes, its ends a pair",
            [*over, TIP, LOBE_FOLD, size["cleft", "Straight of the cleft", ", a cleft of", "down to it"]],
            {length: mm[28], width: mm[26], tip: mm[2], fold: mm[2], cleft: mm[10]}),
          "crescent" => Sentence.new("crescent, its ends a pair",
            [size["radius", "Radius of its outside", "on a radius of", ","],
              count["angle", "How far round its outside goes", "", "° round,"],
              size["middle", "Depth in the middle", "", "deep in its middle,", 0.5], TIP,
              size["fold", "Inside of the fold of a horn", ", the horns", "inside", 0.2]],
            {radius: mm[16], angle: 200, middle: mm[9], tip: mm[2], fold: mm[1.5]})
        }.freeze
      end
    end
  end
end
