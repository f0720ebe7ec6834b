# frozen_string_literal: true

module Meander
  module Planner
    # Grams of the finished piece, wire by wire: what stays of each base wire, and the weaving wire as really used.
    module Mass
      def self.call(layout, bars, account)
        base_g = bars.sum { |bar| bar.wire.material.mass_g(bar.wire.mm, bar.kept_mm) }
        weaving_g = layout.piece.strands.zip(account.strand_paths_mm).sum { |wire, path| wire.material.mass_g(wire.mm, path * (1 + layout.calibration.slack)) }
        {base_g:, weaving_g:, finished_g: base_g + weaving_g}
      end
    end
  end
end
