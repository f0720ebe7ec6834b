# frozen_string_literal: true

module Meander
  module Crafts
    module Weaving
      # What woven sections may be bent to, as it is said: kind of form => Sentence. frame: whether it says by itself
      # how far it is woven; round: whether it closes, or winds, by itself.
      module Forms
        TOWARDS = Sentence.choice("towards", "Side it bends to", {"near" => "near", "far" => "far"}, "towards its",
          "side")
        FRAME = [Sentence.size("length", "Length of the frame", "", "long,"),
          Sentence.size("width", "Width of the frame", "", "wide", 0.5)].freeze
        OPEN = Sentence.size("open", "Left open at the end", ", left open", "at its end", 0.5)
        RADIUS = Sentence.size("radius", "Radius of the bend", "on a radius of")
        SHAPED = Sentence.choice("shaped", "When it is bent", {"after" => "after", "before" => "before"}, ", bent",
          "it is woven")
        CROSSING =
          Sentence.choice("crossing", "Wire that lies over at a waist",
            {"left" => "from the left", "right" => "from the right", "in_turn" => "from either side in turn"},
            ", the wire", "over at each waist")
        HELIX = [Sentence.size("dowel", "Dowel", "on a dowel of", "", 0.5),
          Sentence.size("rise", "Rise of a turn", ", rising", "a turn (0: side by side)", 0.5),
          Sentence.choice("hand", "Way it is wound",
            {"right" => "as a screw's thread", "left" => "against a screw's thread"}, ", wound")].freeze
        mm = ->(number) { Sentence.mm(number) }

        ALL = {
          "straight" => Sentence.new("straight strip", frame: false),
          "arc" => Sentence.new("arc", [RADIUS, TOWARDS, SHAPED], {radius: mm[25], towards: "far", shaped: "after"},
            frame: false),
          "ring" => Sentence.new("closed ring", frame: false, round: true),
          "helix" => Sentence.new("helix", HELIX, {dowel: mm[8], rise: mm[0], hand: "right"}, frame: false,
            round: true),
          "drop" => Sentence.new("drop", [*FRAME, OPEN], {length: mm[32], width: mm[16], open: mm[5]}, frame: true),
          "leaf" => Sentence.new("leaf", [*FRAME, OPEN], {length: mm[36], width: mm[12], open: mm[0]}, frame: true),
          "crescent" => Sentence.new("crescent", [*FRAME, RADIUS, TOWARDS, OPEN],
            {length: mm[45], width: mm[9], open: mm[0], radius: mm[24], towards: "far"}, frame: true),
          "waists" => Sentence.new("chain of frames",
            [Sentence.count("frames", "Frames in the chain", "of", "frames, each", open: true), *FRAME, CROSSING],
            {length: mm[18], width: mm[6], frames: 9, crossing: "left"}, frame: true)
        }.freeze
      end
    end
  end
end
