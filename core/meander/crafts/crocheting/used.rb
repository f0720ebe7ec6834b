# frozen_string_literal: true

module Meander
  module Crafts
    module Crocheting
      # What the wires of a crocheted section take, in mm.
      class Used
        # crocheted: Crocheted.
        def initialize(crocheted)
          @crocheted = crocheted
          @layout = crocheted.layout
          @gauge = crocheted.gauge
          @fabric = crocheted.fabric
        end

        # As it is planned: loops as the hook forms them, or as a swatch used it.
        def wire_mm(number) = of(number) { |kind| @gauge.mm(kind) }

        # At the least: loops drawn tight; nil where a swatch says what is used.
        def least_mm(number)
          of(number) { |kind| @gauge.taut_mm(kind) } if @gauge.assumed?
        end

        # What the beads add to it.
        def beads_mm = @layout.beading.wire_mm(@fabric)

        # Joined to what stands on it, every place of its last row with a slip stitch.
        def joined_mm(&mm) = (@layout.section[:ended] == "joined") ? @fabric.heads(@fabric.rows.size) * mm["slip"] : 0.0

        private

        def of(number, &mm)
          return @fabric.wire_mm(&mm) + beads_mm + joined_mm(&mm) + round_mm unless @layout.section[:turns]

          in_turn(number, &mm) + (number.zero? ? round_mm : 0.0)
        end

        # What its first row takes more round a thicker wire.
        def round_mm
          return 0.0 unless @layout.round_wire

          @fabric.rows.first.each_stitch.count { |stitch| stitch.feet.any? } * @layout.round_wire.first_row.more_mm
        end

        # Its own rows, and up along the edge past those of the others.
        def in_turn(number, &mm)
          turns, wires = @layout.section[:turns], @layout.section.base.size
          rows = @fabric.rows.each_index.select { |row| (row / turns) % wires == number }
          worked = rows.sum { |i| row_mm(i, &mm) } + (number.zero? ? begun_mm(&mm) : 0.0)
          worked += joined_mm(&mm) if rows.last == @fabric.rows.size - 1
          worked + past_mm(rows) + beads_in_mm(rows)
        end

        # Up along the edge past the rows of the others.
        def past_mm(rows)
          past = rows.empty? ? [] : (rows.first..rows.last).to_a - rows
          past.sum { |i| @gauge.height_mm(@fabric.rows[i].tallest || "chain") }
        end

        def beads_in_mm(rows)
          beads = @layout.beading.spots(@fabric).select { |spot| rows.include?(spot.row - 1) }
          beads.sum { |spot| @gauge.bead_mm(@layout.beading.kinds[spot.placement].along_mm) }
        end

        def begun_mm(&mm) = Crochet::Fabric.new(@fabric.begun, @fabric.way, []).wire_mm(&mm)

        def row_mm(index, &mm)
          whole = Crochet::Fabric.new(@fabric.begun, @fabric.way, @fabric.rows.first(index + 1))
          whole.wire_mm(&mm) - Crochet::Fabric.new(@fabric.begun, @fabric.way, @fabric.rows.first(index)).wire_mm(&mm)
        end
      end
    end
  end
end
