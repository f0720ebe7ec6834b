# frozen_string_literal: true

module Meander
  module Crafts
    module Bending
      # What a section of bent wire holds.
      module Fields
        include Document::Shape

        inside = Common.size("inside", 0.5..150.0, 1.5..30.0)
        TIP = Common.size("inside of the bends at the tip", 0.2..40.0, 0.5..8.0)
        FOLD = ->(what) { Common.size("inside of the #{what}", 0.2..40.0, 0.5..8.0) }
        over = {length: Common.size("length over all", 4.0..200.0, 10.0..80.0),
          width: Common.size("width over all", 2.0..200.0, 6.0..60.0), tip: TIP}
        # A straight, or an arc, of a run.
        PART = Variant.new(:kind, {
          "straight" => {length: Common.size("length of the straight", 0.1..500.0, 1.0..200.0)},
          "arc" => {angle: Common::DEGREES, towards: Common::TOWARDS, radius: Common::RADIUS}
        })
        # What a wire that is not woven is bent to.
        BEND = Variant.new(:kind, {
          "line" => {length: Common.size("length", 0.5..500.0, 2.0..200.0)},
          "arc" => {radius: Common::RADIUS, angle: Common::DEGREES, towards: Common::TOWARDS},
          "wave" => {length: Common.size("length of the wave", 2.0..400.0, 8.0..200.0),
            height: Common.size("height of the wave", 0.5..100.0, 1.5..20.0), waves: Count.new(1..60)},
          "waved_ring" => {across: Common.size("middle of the waved ring, across", 1.0..200.0, 3.0..40.0),
            height: Common.size("height of the wave", 0.1..60.0, 0.5..8.0), waves: Count.new(3..60)},
          "swirl" => {inside:, turns: Count.new(1..20), pitch: Common.size("pitch of the swirl", 0.1..40.0, 0.5..12.0)},
          "loops" => {inside:, count: Count.new(1..60), pitch: Common.size("pitch of the loops", 0.2..60.0, 1.0..40.0),
            sides: Choice.new(%w[one in_turn])},
          "zigzag" => {leg: Common.size("leg of the zigzag", 1.0..100.0, 3.0..30.0),
            fold: Common.size("inside of a fold", 0.0..20.0, 0.5..5.0), angle: Count.new(5..170),
            legs: Count.new(2..80)},
          "rosette" => {long: Common.size("longer petal", 2.0..100.0, 6.0..40.0),
            short: Common.size("shorter petal", 2.0..100.0, 6.0..40.0),
                        fold: Common.size("inside of a fold", 0.2..20.0, 0.8..6.0),
                        centre: Common.size("centre of the rosette", 0.0..60.0, 0.0..15.0), petals: Count.new(3..24)},
          "run" => {parts: Common.list(PART, 1..40)},
          "drop" => over, "leaf" => {**over, fold: FOLD["fold at the far tip"]},
          "heart" => {**over, fold: FOLD["fold between the lobes"]},
          "lobes" => {**over, fold: FOLD["fold between the lobes"],
            cleft: Common.size("straight of the cleft", 0.0..150.0, 1.0..30.0)},
          "crescent" => {radius: Common::RADIUS, angle: Count.new(20..340),
            middle: Common.size("depth in the middle", 1.0..200.0, 3.0..30.0), tip: TIP, fold: FOLD["fold of a horn"]}
        }, left_out: {sides: "one"})
        SECTION = {bend: BEND, at: Common::AT}.freeze
      end
    end
  end
end
