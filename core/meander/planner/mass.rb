# frozen_string_literal: true

module Meander
  module Planner
    # Grams of the finished piece, wire by wire: what stays of each base wire, and the weaving wire as really used.
    module Mass
      def self.call(layout, bars, account)
        base_g = bars.sum { |bar| bar.wire.material.mass_g(bar.wire.mm, bar.kept_mm) }
        weaving_g = layout.piece.strands.sum { |wire| wire.material.mass_g(wire.mm, (account.path_mm + account.slack_mm) / account.strands) }
        {base_g:, weaving_g:, finished_g: base_g + weaving_g}
      end
    end
  end
end
