# frozen_string_literal: true

module Meander
  module Planner
    # Grams of the finished piece, wire by wire: what stays of each base wire, the weaving wire as really used, and the beads.
    module Mass
      def self.call(layout, bars, account, beads, own_lengths)
        base_g = bars.sum { |bar| bar.wire.material.mass_g(bar.wire.mm, bar.kept_mm) }
        weaving_g = layout.piece.strands.zip(account.strand_paths_mm).sum { |wire, path| wire.material.mass_g(wire.mm, path * (1 + layout.calibration.slack)) }
        weaving_g += own_lengths.sum(&:mass_g)
        beads_g = beads.sum(&:mass_g)
        findings_g = layout.piece.findings.sum(&:mass_g)
        {base_g:, weaving_g:, beads_g:, findings_g:, finished_g: base_g + weaving_g + beads_g + findings_g}
      end
    end
  end
end
