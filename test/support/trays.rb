# frozen_string_literal: true

# Beads to test with.
module Trays
  def bead(id = "k1", length = "3 mm", width = "3 mm", hole: "0.8 mm", **changes)
    {"id" => id, "name" => "Bead #{id}", "material" => "glass", "shape" => "round", "length" => size(length),
      "width" => size(width), "hole" => size(hole),
      "drilled" => "along", "mass" => nil, "colour" => "#4b7f7a", "guessed" => [], **changes.transform_keys(&:to_s)}
  end

  def placed(rule, id: "d1", bead: "k1", section: "s1", **changes)
    {"id" => id, "rule" => rule, "bead" => bead, "section" => section, **changes.transform_keys(&:to_s)}
  end

  # A document with one placement of one kind.
  def with_beads(json, placement, kind = bead) = json.merge("tray" => [kind], "beads" => [placement])
  def rule_of(plan) = plan.beads.first

  def kind(**changes)
    Meander::Document::TrayReader.call({"bead" => bead("k1", **changes), "stock" => 1}).then do |entry|
      Meander::Beads::Kind.new(entry[:bead])
    end
  end
end
