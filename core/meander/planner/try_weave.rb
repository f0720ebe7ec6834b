# frozen_string_literal: true

module Meander
  module Planner
    # A weave tried in a piece's own wires: a short straight strip with plain ends, for looking at and comparing.
    module TryWeave
      # How long a strip is tried, in mm; at least two repeats are shown.
      TRIED_MM = 30.0
      LEAST_REPEATS = 2
      BARE_MM = 3.0

      # sample: see Weave::Samples. Every base wire is like the piece's first, the weaving wire its first.
      def self.call(piece, sample)
        once = Document::Piece.new(document(piece, sample, 1))
        advance = Layout.new(once, Calibration.usual).pattern.advance_mm
        repeats = [(TRIED_MM / advance).round, LEAST_REPEATS].max
        PlanPiece.call(Document::Piece.new(document(piece, sample, repeats)))
      end

      # What a weave comes to in these wires. Lengths in mm; wire_per_cm_mm: weaving wire for a centimetre of strip.
      def self.figures(plan)
        weave = plan.to_h[:weave]
        bend = plan.advice.find { |item| item.id == "tightest-bend" }
        {advance_mm: weave[:advance_mm], wire_per_cm_mm: 10 * weave[:wire_per_repeat_mm] / weave[:advance_mm], width_mm: weave[:width_mm],
          bend_mm: bend&.figures&.fetch(:inside_radius_mm), bare_mm: weave[:cover].map { |face| face[:longest_mm] }.max}
      end

      def self.document(piece, sample, repeats)
        first, weaving = piece.section[:base].first, piece.section[:weaving].first
        like = piece.document[:wires].find { |wire| wire[:id] == first }
        ids = (1..sample.base).map { |number| "b#{number}" }
        wires = ids.map { |id| {**like, id:} } << {**piece.document[:wires].find { |wire| wire[:id] == weaving }, id: "weaving"}
        {**piece.document, body: {kind: "cuff", ease: Units::Size.of(0), opening: {kind: "length", length: Units::Size.of(0)}}, wires:,
          sections: [section(piece, sample, ids)], endings: %w[start end].map { |side| {id: side, kind: "plain", side:, wires: ids} },
          pins: [{id: "p1", quantity: "repeats", count: repeats}], beads: [], findings: []}
      end

      def self.section(piece, sample, ids)
        clear = sample.clear && Units::Size.of(sample.clear * piece.weaving_wire.mm)
        {**piece.section, base: ids, cut_away: [], weaving: ["weaving"], strands: 1, turns: "together", from: "end", rise: {kind: "packed"},
          pattern: {kind: "walk", gaps: sample.gaps, before: sample.before, after: sample.after}, bare: Units::Size.of(BARE_MM),
          spacing: clear ? {kind: "apart", clear: Array.new(sample.base - 1, clear)} : {kind: "tight"}}
      end
      private_class_method :document, :section
    end
  end
end
