# frozen_string_literal: true

module Meander
  module Output
    # The figures of a crocheted fabric on its own, as plain values and as lines of text. Lengths in mm; wire_mm: of
    # each wire, its path as the hook forms the loops, no tails; least_mm: the same drawn tight.
    module FabricFigures
      # fabric: Crafts::Crocheting::FabricOptions.
      def self.call(fabric)
        gauge = fabric.gauge
        wire, least = fabric.wire_mm { |kind| gauge.mm(kind) }, fabric.wire_mm { |kind| gauge.taut_mm(kind) }
        {wire_mm: [wire] * gauge.wires, least_mm: [least] * gauge.wires,
          used_mm: wire * gauge.wires * (1 + fabric.slack), slack: fabric.slack,
          stitches: fabric.chain? ? fabric.across : fabric.fabric.stitches, rows: fabric.rows,
          length_mm: fabric.length_mm, width_mm: fabric.width_mm, stitch_mm: gauge.stitch_mm,
          row_mm: fabric.chain? ? nil : gauge.height_mm(fabric.stitch), beads: fabric.beads,
          spare: Crafts::Crocheting::Beading.spare(fabric.beads), assumed: gauge.assumed?}
      end

      def self.words(figures)
        mm = ->(value) { Units::Text.number(value, 2) }
        ["#{Units::Text.count(figures[:stitches], "stitch", "stitches")}: each wire " \
         "#{mm[figures[:wire_mm].first]} mm (path, no tails), #{mm[figures[:least_mm].first]} mm if drawn tight",
          "length #{mm[figures[:length_mm]]} mm, width #{mm[figures[:width_mm]]} mm",
          *("beads to string: #{figures[:beads]}, and #{figures[:spare]} spare" if figures[:beads].positive?),
          *("its wire is assumed: make a swatch" if figures[:assumed])]
      end

      # A wire that the fabrics to choose from are tried in.
      TRIED = Document::Shape::Record.new(
        {wire: Document::Shape::Size.new("wire", accept: 0.1..2.0, plausible: 0.15..0.8)}
      )

      # Every fabric to choose from, with its figures in a wire.
      # @param json [Hash] { "wire" => a size as a document has it }
      # @raise [InvalidInput]
      def self.collection(json)
        mm = Document::Reading.whole(TRIED, json)[:wire].mm
        Crochet::Samples::ALL.map { |sample| tried(sample, mm) }
      end

      def self.tried(sample, wire_mm)
        fabric, hook = sample.fabric, (sample.hook * wire_mm).round(2)
        gauge = Crochet::Gauge.new(hook, wire_mm, stitch: fabric[:stitch] || "single")
        made = Crochet::Shapes.fabric(fabric, gauge, sample.count)
        size = size(fabric, gauge, made, sample.count)
        wire = made.wire_mm { |kind| gauge.mm(kind) } * (fabric[:cords] || 1)
        {**sample.to_h.slice(:key, :name, :suits), count: sample.count, fabric: Document::Plain.call(fabric),
          hook_mm: hook, cells: chart(made),
          figures: {wire_mm: wire, wire_per_cm_mm: wire * 10 / size[:length_mm], **size, drape: drape(gauge),
            thickness_mm: gauge.thickness_mm, moves_per_cm: moves(made, fabric) * 10 / size[:length_mm]}}
      end

      # Of the hand: its chains at the beginning with it.
      def self.moves(made, fabric)
        Crafts::Worked::MOVES_A_STITCH * (fabric[:cords] || 1) * (made.begun.chains + made.stitches)
      end

      # The first rows of its chart, see Crafts::Crocheting::Told.
      def self.chart(made)
        {way: made.way, begun: made.begun.to_h,
          rows: made.rows.first(4).map { |row| {heads: row.heads, items: row.items.map(&:to_h)} }}
      end

      def self.size(fabric, gauge, made, count)
        if fabric[:kind] == "cord"
          return {length_mm: count * gauge.stitch_mm, width_mm: fabric[:cords] * 1.1 * gauge.thickness_mm}
        end

        cloth = Crochet::Cloth.of(made, gauge, tube: fabric[:kind] == "tube")
        wide, long = cloth.reach.map { |low, high| high - low }
        (fabric[:lying] == "along") ? {length_mm: wide, width_mm: long} : {length_mm: long, width_mm: wide}
      end

      # How it falls, by how wide its loops are for its wire (our words).
      def self.drape(gauge)
        share = gauge.hook_mm / gauge.bundle_mm
        if share < 7 then "firm"
        else
          (share < 11) ? "supple" : "soft"
        end
      end
      private_class_method :tried, :moves, :chart, :size, :drape
    end
  end
end
