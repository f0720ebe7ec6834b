# frozen_string_literal: true

module Meander
  module Crafts
    # Cells of cloth, or knots, drawn in as many layers as they have depths: one kind of cell once, put wherever it
    # stands. What includes it answers way (Form::Way) and picture (Picture::Finished), and says how deep all of it is
    # (@deep) and how thick the wire that tells layers apart (@thick), in mm; and at the edge of a weave how far before
    # and behind the middle that lies (@weave_mm, nil elsewhere).
    module InLayers
      # Two wires that cross are at least a wire apart: a layer is thinner than that.
      LAYER = 0.9
      # Between the layers of what lies behind and before all else.
      BEHIND, BEFORE = 3.1, 5.9
      # What lies beyond a weave reaches so far beyond its layer.
      BEYOND = 0.9

      private

      # line: [[x, y, z], ...] of a wire; at: where it is put, as Picture::Finished#cells has it.
      def in_layers(line, at, wire)
        runs(line).group_by(&:first).each do |level, own|
          picture.cells(layer(level), wire.id, wire.mm, own.map(&:last), at)
        end
      end

      # A line in pieces that each lie in one layer: [[level, points], ...].
      def runs(line)
        found, level, i = [], nil, 0
        while (i += 1) < line.size
          from, to = line[i - 1], line[i]
          here = ((from[2] + to[2]) / 2 / (LAYER * @thick)).floor
          found << [level = here, [from]] unless here == level
          found.last[1] << to
        end
        found
      end

      def layer(level)
        deep = (level + 0.5) * LAYER * @thick
        share = (deep / @deep).clamp(-1.0, 1.0)
        if @weave_mm && deep.abs > @weave_mm
          return (Picture::Finished::NEAR.fetch(share.positive? ? 1 : -1) + (share * BEYOND)).round(3)
        end

        (((BEHIND + BEFORE) / 2) + (share * (BEFORE - BEHIND) / 2)).round(3)
      end

      # Where what was drawn at the beginning of a bent section stands so far along it.
      def along(mm)
        x, y, = way.at(mm, 0.0, 0.0)
        [x, y, -way.turn(mm)]
      end
    end
  end
end
