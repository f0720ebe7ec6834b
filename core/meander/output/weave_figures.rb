# frozen_string_literal: true

module Meander
  module Output
    # The figures of a weave on its own, as plain values and as lines of text. Lengths in mm; wire_mm is the wire used
    # with its slack, path_mm without it, both of all strands and with no tails.
    module WeaveFigures
      def self.call(weave)
        repeat, frame = weave.repeat, weave.frame
        path_mm = repeat.wire_mm * weave.repeats * frame.strands
        {wire_mm: path_mm * (1 + weave.slack), path_mm:, slack: weave.slack, repeats: weave.repeats,
          woven_mm: repeat.advance_mm * weave.repeats,
          width_mm: frame.x_range(repeat.walk.visited).then { |low, high| high - low },
          thickness_mm: frame.thickness_mm, wire_per_repeat_mm: repeat.wire_mm * frame.strands,
          advance_per_repeat_mm: repeat.advance_mm,
          packed_per_repeat_mm: repeat.packed_mm, loosest_per_repeat_mm: repeat.loosest_mm,
          passes_per_repeat: repeat.passes.size,
          runs_twice: repeat.walk.runs_twice?, cover: weave.cover.faces.map { |face| cover(face) },
          advice: advice(weave).map { |item| item.to_h.slice(:id, :severity, :title, :why, :remedy) }}
      end

      def self.words(figures)
        mm = ->(key) { Units::Text.number(figures[key], 3) }
        ["#{Units::Text.count(figures[:repeats], "repeat")}: #{mm[:woven_mm]} mm woven, #{mm[:wire_mm]} mm of wire " \
         "(path #{mm[:path_mm]} mm, no tails)",
          "a repeat: #{mm[:advance_per_repeat_mm]} mm long, #{mm[:wire_per_repeat_mm]} mm of wire, " \
          "#{Units::Text.count(figures[:passes_per_repeat], "pass", "passes")}",
          "width #{mm[:width_mm]} mm, thickness #{mm[:thickness_mm]} mm",
          *figures[:advice].map { |item| "#{item[:severity]}: #{item[:title]} [#{item[:id]}]" }]
      end

      def self.cover(face)
        {wire: face.wire + 1, face: face.face.positive? ? "front" : "back", covered_share: face.share,
          longest_bare_mm: face.longest_mm}
      end

      def self.advice(weave)
        Crafts::Weaving::Advice::Council.of_strip(
          Crafts::Weaving::Advice::Woven.new(frame: weave.frame, repeat: weave.repeat, strip: weave.strip,
            pitch_mm: weave.pitch_mm, sides: 1,
            cover: weave.cover)
        )
      end
      private_class_method :cover, :advice
    end
  end
end
