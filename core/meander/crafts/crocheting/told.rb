# frozen_string_literal: true

module Meander
  module Crafts
    module Crocheting
      # A crocheted section as it goes out: schema answer, crochet.
      module Told
        # crocheted: Crocheted.
        def self.call(crocheted)
          layout, fabric, gauge = crocheted.layout, crocheted.fabric, crocheted.gauge
          {kind: layout.kind, repeats: crocheted.repeats, woven_mm: crocheted.made_mm, bare_mm: crocheted.bare_mm,
            counted: Words.counted(layout, crocheted.repeats), stitches: crocheted.stitches, way: fabric.way,
            begun: {kind: fabric.begun.kind, count: fabric.begun.count, words: begun(layout, fabric),
              turn: fabric.turn},
            rows: rows(fabric), beads: beads(crocheted), notation: notation(fabric),
            width_mm: crocheted.width_mm, thickness_mm: crocheted.thickness_mm, breadth: breadth(layout),
            gauge: {hook_mm: gauge.hook_mm, stitch_mm: gauge.stitch_mm, row_mm: row_mm(layout),
              bundle_mm: gauge.bundle_mm},
            wires: crocheted.base.each_index.map { |number| wire(crocheted, number) }, assumed: crocheted.assumed?,
            left_mm: left_mm(layout, crocheted.repeats), ruffle: ruffle(crocheted), deep_mm: deep_mm(crocheted)}
        end

        def self.begun(layout, fabric)
          rim = layout.bar ? "the #{layout.bar.noun}" : layout.ring && "the ring"
          Steps.begun(fabric, wire: rim)
        end

        # Rows alike as one.
        def self.rows(fabric)
          number = 0
          fabric.rows.chunk_while { |one, other| one == other }.map do |run|
            first, number = number + 1, number + run.size
            {first:, times: run.size, heads: run.first.heads, takes: run.first.takes,
              chains_up: fabric.chains_up(number), words: Words.row(run.first),
              items: run.first.items.map { |item| {**item.to_h, words: Words.item(item), name: Words.name(item)} }}
          end
        end

        # [[row, place, placement], ...] of every bead, in the order of work.
        def self.beads(crocheted)
          crocheted.layout.beading.spots(crocheted.fabric).map { |spot| [spot.row, spot.place, spot.placement] }
        end

        def self.notation(fabric)
          runs = fabric.rows.chunk_while { |one, other| one == other }.first(Crochet::Notation::MOST_ROWS)
          Crochet::Notation.write(runs.map { |run| {stitches: run.first.items.map(&:to_h), times: run.size} })
        end

        def self.wire(crocheted, number)
          used = crocheted.used
          {wire: crocheted.base[number].id, run_mm: used.wire_mm(number), least_mm: used.least_mm(number)}
        end

        def self.breadth(layout) = %w[band tube].include?(layout.kind) ? layout.breadth : nil
        def self.row_mm(layout) = layout.shape[:stitch] && layout.gauge.height_mm(layout.shape[:stitch])

        # Of a size that was asked for across it, what is over, or missing; nil where none was.
        def self.left_mm(layout, count)
          asked = layout.shape[:across]
          return unless asked && asked[:kind] == "size"

          made = (layout.kind == "tube") ? 2 * layout.cloth(count).radius_mm : nil
          made ||= layout.breadth * (layout.along? ? row_mm(layout) : layout.gauge.stitch_mm)
          asked[:size].mm - made
        end

        def self.ruffle(crocheted) = crocheted.layout.motif? ? crocheted.cloth.ruffle : nil
        def self.deep_mm(crocheted) = crocheted.layout.motif? ? crocheted.cloth.deep_mm : nil
        private_class_method :begun, :rows, :beads, :notation, :wire, :breadth, :row_mm, :left_mm, :ruffle, :deep_mm
      end
    end
  end
end
