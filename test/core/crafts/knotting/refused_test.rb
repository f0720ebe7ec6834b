# frozen_string_literal: true

require_relative "../../../test_helper"
require_relative "../../../support/knots"

# What cannot be knotted is named where it stands, with what would be.
class KnottedRefusedTest < Minitest::Test
  include Knots

  def refused(json, pointer, message)
    found = faults(json)

    assert found.any? { |path, said| path == pointer && said.match?(message) }, "#{pointer}, #{message}: #{found}"
  end

  def test_knots_on_cords_that_are_not_there
    refused knotted("s4 s4", cords: 6), "/sections/0/rows/0/knots/1", /more cords than there are/
    refused knotted("s4; -3 s4", cords: 6), "/sections/0/rows/1/knots/1", /more cords than there are/
    json = knotted("s4", cords: 4)
    json["sections"][0]["rows"][0]["knots"][0]["cords"] = 2

    refused json, "/sections/0/rows/0/knots/0/cords", /not tied with so many/
    refused knotted("-4", cords: 4), "/sections/0/rows", /nothing is knotted/
  end

  def test_mounts
    head = {"kind" => "head", "over" => size("2 mm")}
    loose = knotted("s4", cords: 4).tap { |json| json["sections"][0]["mount"] = head }

    refused loose, "/sections/0/mount", /are one cord, folded/
    refused knotted("s4 s4", cords: 8, mount: {**head, "room" => size("12 mm")}), "/sections/0/mount/room",
      /beside each other/

    assert_empty faults(knotted("s4 s4", cords: 8, mount: {**head, "room" => size("16 mm")}))
  end

  def test_what_else_cannot_be
    refused knotted("s4", spacing: size("1.2 mm")), "/sections/0/spacing", /wider than that/
    refused knotted("s4", metal: "silk_cord", finish: "melt"), "/sections/0/finish", /only nylon and polyester/
    swatch = {"knots" => 10, "length" => size("42 mm"), "used" => size("30 mm")}

    refused knotted("s4", swatch:), "/sections/0/swatch/used", /takes more than the knots reach/
    refused knotted("b4>", swatch: {**swatch, "used" => size("180 mm")}), "/sections/0/swatch", /square or half/
    beads = [{"every" => [2]}, {"every" => [3], "on" => "left"}]

    refused knotted("s4", count: 9, beads:), "/beads/1/first", /carries Glass already/
  end

  # More than is planned at once, without laying it first.
  def test_too_many_knots
    seconds = Process.clock_gettime(Process::CLOCK_PROCESS_CPUTIME_ID)

    refused knotted("1000s4 x100", count: 5), "/sections/0/extent", /more than can be planned/
    refused knotted("s4", count: 4).tap { |json|
      json["sections"][0]["extent"] = {"kind" => "length", "length" => size("1999 mm")}
      json["sections"][0]["rows"][0]["gap"] = size("500 mm")
      json["sections"][0]["rows"][0]["times"] = 1000
    }, "/sections/0/extent", /more than can be planned/

    assert_operator Process.clock_gettime(Process::CLOCK_PROCESS_CPUTIME_ID) - seconds, :<, 10
  end

  # Cord keeps no form: what is woven or bent of it is refused at its kind.
  def test_cord_is_knotted_or_braided
    cuff = JSON.parse(JSON.generate(Meander.start("cuff")))
    cuff["kinds"].each { |kind| kind["metal"] = "cotton_cord" if kind["use"] == "base" }

    refused cuff, "/kinds/0/metal", /cord keeps no form/
    plait = JSON.parse(JSON.generate(Meander.start("plait")))
    plait["kinds"].each { |kind| kind["metal"] = "cotton_cord" }

    assert_empty faults(plait)
  end
end
