# frozen_string_literal: true

require_relative "../../test_helper"
require_relative "../../support/sections"

# What a document of a piece put together from sections may say, and what is refused, where and why.
class BuiltReadingTest < PieceTest
  include Sections

  def two(second)
    put_together([woven("s1", %w[w1 w2]), second], wires: [*%w[w1 w2 w3 w4].map { |id| base(id) }, weaving])
  end

  # What the interface begins with can be read, planned and written out again as it was.
  def test_beginnings_read_and_round_trip
    %w[links earring pendant component].each do |kind|
      json = document(kind)
      result = Meander::Document::PieceReader.call(json)
      again = JSON.parse(JSON.generate(result.piece.to_h))

      assert_equal again, JSON.parse(JSON.generate(Meander::Document::PieceReader.call(again).piece.to_h)), kind
      assert_equal json["endings"].map { |ending| ending["id"] }.sort,
        (again["endings"].map { |ending| ending["id"] } + result.piece.routes.folds.map(&:id)).sort
    end
  end

  # A band's document of before opens as it did: its section is straight and stands by itself.
  def test_older_documents_still_open
    json = document
    json["sections"][0] = json["sections"][0].except("form", "at", "extent")
    section = Meander::Document::PieceReader.call(json).piece.sections.first.fields

    assert_equal [{kind: "straight"}, {kind: "first", turn: 0}, {kind: "free"}], section.values_at(:form, :at, :extent)
  end

  # A band is one straight woven strip, and nothing else.
  def test_a_band_stays_a_band
    json = document
    json["wires"] += %w[w4 w5].map { |id| json["wires"][0].merge("id" => id) }
    json["sections"] << json["sections"][0].merge("id" => "s2", "base" => %w[w4 w5])

    assert_refused "/sections/1/bare/gives", json, /one section/
    assert_refused "/sections/0/form/kind", document("cuff", "sections.0.form": {"kind" => "ring"}), /bent round/
    assert_refused "/sections/0/extent/kind", document("cuff", pins: [])
    assert_refused "/endings", document("cuff", endings: [])
  end

  def test_sections_stand_on_earlier_ones
    assert_refused "/sections/0/at/section",
      put_together([woven("s1", %w[w1 w2], at: after("s1"))], wires: [base("w1"), base("w2"), weaving]), /before it/
    assert_refused "/sections/1/at/section", two(woven("s2", %w[w3 w4], at: {"kind" => "mirror", "section" => "s9"}))
    assert_refused "/sections/1/id", two(woven("s1", %w[w3 w4], at: {"kind" => "mirror", "section" => "s1"}))
  end

  # A wire lies in one place at a time: it goes on to another section, wherever that stands, or is folded.
  def test_a_wire_is_not_used_twice_in_one_place
    [{"kind" => "first", "turn" => 0}, {"kind" => "mirror", "section" => "s1"},
      {"kind" => "beside", "section" => "s1", "across" => size("5 mm"), "along" => size("0 mm"), "side" => "far"}]
        .each do |at|
      json = two(woven("s2", %w[w1 w3], at:)).tap { |piece| piece["wires"].reject! { |wire| wire["id"] == "w4" } }

      assert_equal %w[s1 s2], plan(json).runs.first.stops.map { |stop| stop.section.id }
    end
    twice = two(woven("s2", %w[w3 w4])).then { |json| Meander.read(json).piece.to_h }
    twice = JSON.parse(JSON.generate(twice))
    twice["wires"].first["route"] << {"kind" => "visit", "section" => "s1", "seat" => "base 3"}

    assert_refused "/wires/0/route/1", twice, /w1 lies in s1 already/
    assert_refused "/sections/0/base/1", put_together([woven("s1", %w[w1 w1])], wires: [base("w1"), weaving]), /twice/
  end

  def test_wires_that_are_nowhere_or_nothing
    spare = Meander::Document::PieceReader
      .call(put_together([woven("s1", %w[w1 w2])], wires: [base("w1"), base("w2"), base("w3"), weaving])).piece

    assert_equal %w[w1 w2 w9], spare.wires.map(&:id), "a wire that lies nowhere is not needed"
    assert_refused "/sections/0/base/1", put_together([woven("s1", %w[w1 w8])], wires: [base("w1"), weaving]),
      /not a base wire/
    assert_refused "/sections/0/base/0",
      put_together([bent("s1", "w9", {kind: "line", length: 10.0})], wires: [weaving])
  end

  # Frames have two wires and say themselves how far they are woven; strips say how far.
  def test_frames_and_strips
    drop = {kind: "drop", length: 20.0, width: 8.0, open: 1.0}

    assert_refused "/sections/0",
      put_together(
        [woven("s1", %w[w1 w2 w3], drop,
          pattern: {"kind" => "walk", "gaps" => [0, 1, 2, 3, 2, 1], "before" => [], "after" => []})],
        wires: [base("w1"), base("w2"), base("w3"), weaving]
      ), /two base wires/
    assert_refused "/sections/0/extent/kind",
      put_together([woven("s1", %w[w1 w2], extent: {"kind" => "fill"})], wires: [base("w1"), base("w2"), weaving]),
      /only a frame/
    assert_refused "/sections/0/rise/kind",
      put_together([woven("s1", %w[w1 w2], drop, rise: {"kind" => "open", "pitch" => size("9 mm")})],
        wires: [base("w1"), base("w2"), weaving])
    assert_refused "/sections/0",
      put_together([woven("s1", %w[w1 w2], drop, cut_away: ["w1"])], wires: [base("w1"), base("w2"), weaving])
    assert_refused "/sections/0/spacing/kind",
      put_together([woven("s1", %w[w1 w2], {kind: "arc", radius: 20.0, towards: "far"},
        spacing: {"kind" => "changing", "ends" => "free",
          "stations" => [{"at" => size("0 mm"), "clear" => size("1 mm")},
            {"at" => size("9 mm"), "clear" => size("3 mm")}]})],
        wires: [base("w1"), base("w2"), weaving])
  end

  # Dimensions that contradict each other, zero radii and the like: named, with what would do.
  def test_forms_that_cannot_be_made
    frame = ->(form,
      wire = "0.3 mm") {
      put_together([woven("s1", %w[w1 w2], form)],
        wires: [base("w1"), base("w2"), weaving("w9", wire)])
    }

    assert_refused "/sections/0/form/width", frame.call({kind: "leaf", length: 30.0, width: 0.4, open: 0.0}, "0.5 mm"),
      /never lets its weaving wire through/
    assert_refused "/sections/0/form/open", frame.call({kind: "drop", length: 20.0, width: 8.0, open: 20.0}),
      /nothing to weave/
    assert_refused "/sections/0/form/radius",
      frame.call({kind: "crescent", length: 40.0, width: 30.0, open: 0.0, radius: 14.0, towards: "far"}), /bent so far/
    assert_refused "/sections/0/form/radius", frame.call({kind: "arc", radius: 0.0, towards: "far"})
    assert_refused "/sections/0/form/kind", frame.call({kind: "blob"})
    assert_refused "/sections/0/form/frames",
      frame.call({kind: "waists", length: 18.0, width: 6.0, frames: 0, crossing: "left"})
    assert_refused "/sections/0/form/length", frame.call({kind: "drop", length: -4.0, width: 8.0, open: 0.0})
  end

  def test_bends_that_cannot_be_made
    wire = ->(bend) { put_together([bent("s1", "w1", bend)], wires: [base("w1", "1.0 mm")]) }

    assert_refused "/sections/0/bend/pitch", wire.call({kind: "swirl", inside: 2.0, pitch: 0.6, turns: 3}),
      /closer than the wire is thick/
    assert_refused "/sections/0/bend/short",
      wire.call({kind: "rosette", long: 14.0, short: 4.0, fold: 2.0, centre: 0.0, petals: 12}), /12 petals need/
    assert_refused "/sections/0/bend/radius", wire.call({kind: "arc", radius: 0.5, angle: 90, towards: "far"}),
      /half its own thickness/
    assert_refused "/sections/0/bend/petals",
      wire.call({kind: "rosette", long: 14.0, short: 10.0, fold: 2.0, centre: 0.0, petals: 2})
    assert_refused "/sections/0/bend/angle", wire.call({kind: "zigzag", leg: 10.0, fold: 1.0, angle: 179, legs: 4})
  end

  # Endings stand on wires that end there, once each; a fold joins two alike.
  def test_endings_on_wires_that_end_there
    json = ->(*endings,
      **changes) {
      put_together([woven("s1", %w[w1 w2]), woven("s2", %w[w1 w2], at: after("s1"))],
        wires: [base("w1"), base("w2", **changes), weaving], endings:)
    }
    eye = {"id" => "e1", "kind" => "eye", "side" => "end", "wires" => ["w1"], "inside" => size("3 mm")}

    assert_empty faults(json.call(eye))
    assert_refused "/endings/0", json.call(eye.merge("wires" => %w[w1 w2])), /one wire is bent/
    assert_refused "/endings/1/wires/0", json.call(eye, eye.merge("id" => "e2")), /ends twice/
    assert_refused "/endings/0/wires/0", json.call(eye.merge("wires" => ["w9"])), /does not end here/
    fold = {"id" => "e1", "kind" => "fold", "side" => "end", "wires" => %w[w1 w2]}

    assert_empty faults(json.call(fold))
    assert_refused "/endings/0/wires", json.call(fold.merge("wires" => ["w1"])), /joins two wires/
    assert_refused "/endings/0/wires", json.call(fold, metal: "brass"), /joins two wires/
  end

  # Only a row of links is measured, and only by the wrist.
  def test_pins_of_built_pieces
    assert_refused "/pins/0/quantity", document("earring", pins: pins("wrist" => "170 mm")), /not measured/
    assert_refused "/pins/0/quantity", document("links", pins: pins("repeats" => 4))
    assert_empty faults(document("links", pins: []))
  end

  # All faults come together, not the first alone.
  def test_all_faults_at_once
    json = two(
      woven("s2", %w[w3 w4], {kind: "drop", length: 20.0, width: 8.0, open: 1.0}, at: after("s1"), cut_away: ["w3"],
        rise: {"kind" => "open", "pitch" => size("9 mm")})
    )
    json["endings"] = [{"id" => "e1", "kind" => "eye", "side" => "end", "wires" => %w[w3 w4], "inside" => size("3 mm")}]

    assert_equal %w[/endings/0 /sections/1 /sections/1/rise/kind], faults(json).map(&:path).uniq.sort
  end

  # A size off by ten or 25.4 is questioned with the likely one, and planned as it was given.
  def test_slipped_sizes_are_questioned
    doubt = advice(plan(document("earring", "sections.0.form.length": size("250 mm"))), "value-doubtful")

    assert_equal "/sections/0/form/length", doubt.place
    assert_includes doubt.offers, "25 mm"
  end

  # Random nonsense in any field is refused or planned, never an accident.
  def test_nonsense_is_never_an_accident
    junk = [nil, "", "x", -1, 0, 1e9, [], {}, "40 mm", {"typed" => "0"}, {"typed" => "1e9 mm"}, true]
    200.times do
      seed = rand(1_000_000)
      random = Random.new(seed)
      json = document(%w[links earring pendant component].sample(random:))
      paths = []
      walk = lambda do |value, keys|
        paths << keys if keys.any?
        value.each { |key, inner| walk.call(inner, [*keys, key]) } if value.is_a?(Hash)
        value.each_with_index { |inner, i| walk.call(inner, [*keys, i.to_s]) } if value.is_a?(Array)
      end
      walk.call(json.slice("sections", "endings", "body", "wires", "pins"), [])
      put_in(json, paths.sample(random:), junk.sample(random:))

      faults(json).each { |fault| refute_empty fault.message, "seed #{seed}" }
    end
  end
end
