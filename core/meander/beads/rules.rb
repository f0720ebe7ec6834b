# frozen_string_literal: true

module Meander
  module Beads
    # Every way beads are placed: rule in the document => class.
    module Rules
      ALL = {"woven" => Woven, "rows" => Rows, "curve" => Curve, "strung" => Strung, "framed" => Framed,
        "centre" => Centre, "scattered" => Scattered, "met" => StitchedWhereMet, "surface" => Surface,
        "braided" => Braided, "crocheted" => Crocheted, "knotted" => Knotted}.freeze
      # Those whose beads are strung before and come to their places while a section is worked.
      THREADED = %w[woven braided crocheted knotted].freeze
      SENTENCES = ALL.transform_values { |rule| rule::SENTENCE }.freeze

      # ground: what the placement's section is; the beads are threaded on the section's weaving wire, on a wire of
      # their own, or on the bent wire itself.
      def self.build(fields, piece, site)
        thread = piece.carrier(fields[:id]) || (site.woven? ? site.strip.section.working_wire : site.wire)
        ALL.fetch(fields[:rule]).new(fields, piece.bead(fields[:bead]), site, thread)
      end
    end
  end
end
