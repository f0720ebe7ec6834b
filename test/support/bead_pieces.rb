# frozen_string_literal: true

require_relative "sections"
require_relative "trays"

# Pieces with one placement of beads.
module BeadPieces
  include Sections
  include Trays

  def faults(json)
    assert_raises(Meander::InvalidInput) { plan(json) }.faults.to_h { |fault| [fault.path, fault.message] }
  end

  def cuff(placement, kind = bead, **changes) = plan(with_beads(document("cuff", **changes), placement, kind))
  def woven_bead(**changes) = placed("woven", of: "repeat", every: 2, first: 1, on: "front", **changes)
  def pendant(placement, kind = bead, **changes) = plan(with_beads(document("pendant", **changes), placement, kind))
  def wired(rule, **changes) = placed(rule, weaving: "w3", **changes)

  # A rosette, and a wire to carry beads on it.
  def spun = document("component").tap { |json| json["wires"] << weaving }
end
