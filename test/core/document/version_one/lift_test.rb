# frozen_string_literal: true

require_relative "../../../test_helper"
require_relative "../../../support/sections"
require_relative "../../../support/trays"

# Documents of the first version as the present one has them.
class LiftTest < PieceTest
  include Sections
  include Trays

  def lifted(json) = JSON.parse(JSON.generate(Meander::Document::PieceReader.call(json).piece.to_h))

  def routes(json)
    json["wires"].to_h do |wire|
      [wire["id"],
        wire["route"].map { |stop| stop.values_at("kind", "section", "seat", "fold", "beads", "id").compact.join(" ") }]
    end
  end

  # A fold makes one wire of two; a cover, beads, a lacing and each strand have a wire of their own, of the kind they
  # had.
  def test_wires_get_their_routes
    sections =
      [woven("s1", %w[w1 w2], {kind: "leaf", length: 24.0, width: 9.0, open: 0.0}, strands: 2),
        bent("s2", "w3", {kind: "line", length: 20.0}),
        {"id" => "s3", "craft" => "lace", "base" => [], "weaving" => ["w9"], "rows" => %w[s1 s2], "places" => 1,
          "wraps" => 2}]
    endings = [
      {"id" => "e1", "kind" => "fold", "side" => "end", "wires" => %w[w1 w2], "cover" => "w9", "ring" => size("3 mm")},
      {"id" => "e2", "kind" => "bail", "side" => "start", "wires" => %w[w2 w1], "inside" => size("4 mm"), "wraps" => 2}
    ]
    chain = {"id" => "f1", "kind" => "chain", "side" => "end", "length" => size("30 mm"), "mass" => nil}
    json = put_together(sections, wires: [base("w1"), base("w2"), base("w3"), base("w4"), weaving],
      endings:).merge("findings" => [chain])
    made = lifted(
      with_beads(json, placed("framed", section: "s2", weaving: "w9", from: size("2 mm"), circuits: 2, coils: 1))
    )

    assert_equal({"w1" => ["visit s1 base 1", "fold e1", "visit s1 base 2"], "w3" => ["visit s2 base 1"],
      "w9" => ["visit s1 weaving 1"], "w9-2" => ["visit s1 weaving 1"], "w9-3" => ["visit s3 lacing 1"],
      "w9-4" => ["cover e1"], "w9-5" => ["carry d1"]}, routes(made))
    assert_equal 1, made["wires"].select { |wire| wire["id"].start_with?("w9") }.map { |wire| wire["kind"] }.uniq.size
    assert_equal [{"ending" => "e2", "place" => 2}, {"ending" => "e2", "place" => 1}], made["wires"][0]["ends"].values
    assert_equal [["e2"], ["e1"]], [made["endings"].map { |one| one["id"] }, made["findings"][0]["on"]]
    assert_equal 3, made["kinds"].size, "a wire that lay nowhere is gone"
  end

  # What bound a band to be one says itself now: what it is worn on, an extent, bare ends that give, pins on a section
  # and on a kind.
  def test_bands
    free = lifted(document("ring", pins: pins("finger" => "US 7")))
    pinned = pins("wrist" => "170 mm", "repeats" => 30, "woven" => "120 mm", "weaving_wire" => "4 m")
    held = lifted(
      document("cuff", pins: pinned, "sections.0.cut_away": ["w2"],
        "sections.0.reserve": {"side" => "start", "length" => size("90 mm")})
    )

    assert_equal [{"on" => "finger"}, {"kind" => "free"}, true],
      [free["worn"].slice("on"), free["sections"][0]["extent"], free["sections"][0]["bare"]["gives"]]
    assert_equal({"kind" => "repeats", "count" => 30}, held["sections"][0]["extent"])
    assert_equal [%w[wrist], ["woven", "s1"], ["wire", "k3"]], held["pins"].map { |pin|
      pin.values_at("quantity", "section", "kind").compact
    }
    assert_equal [false, true], held["wires"].first(2).map { |wire| wire["route"][0]["cut_away"] }
    assert_equal "90 mm", held["wires"][2]["reserve"]["length"]["typed"]
  end

  # Every piece of a maker's, whatever it is, is the same plan once it was lifted and read again.
  def test_read_again_it_is_the_same
    random = Array.new(8) { rand(1_000_000) }.map do |seed|
      random_piece(Random.new(seed)).merge("name" => "seed #{seed}")
    end
    [*%w[cuff bracelet ring links earring pendant component].map { |kind| document(kind) }, *random].each do |json|
      once = plan(json)
      again = plan(JSON.parse(JSON.generate(once.piece.to_h)))

      assert_equal once.piece.to_h, again.piece.to_h, json["name"]
      assert_equal JSON.generate(answer(once)), JSON.generate(answer(again)), json["name"]
    end
  end
end
