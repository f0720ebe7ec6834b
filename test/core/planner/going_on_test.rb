# frozen_string_literal: true

require_relative "../../test_helper"
require_relative "../../support/travelling"

# One wire that weaves section after section: what is cut for it, told in every place alike.
class GoingOnTest < PieceTest
  include Travelling

  NEAR_MM = 1e-6
  # Sums in one place and another.
  SAME_MM = 1e-6

  # So many strips of two wires in a row, 6 mm apart, woven by so many working wires.
  def row(woven_by, repeats: 6, **allowances)
    ids = woven_by.flatten
    places = ids.each_with_index.to_h { |id, i| [id, i.zero? ? FIRST : on(ids[i - 1], bare: 6.0)] }
    json = travelling(places, (1..2).map { |seat| ids.map { |id| [id, seat] } }, woven_by:)
    json["sections"].each { |one| one["extent"]["count"] = repeats }
    json["allowances"].merge!(allowances.transform_keys(&:to_s).transform_values { |mm| size(mm) })
    json
  end

  def weaving(plan) = plan.cut_list.select { |cut| cut.kind == "weaving" }

  # Woven on it is what both take by themselves and the way between, with one pair of tails less.
  def test_a_wire_that_goes_on_saves_its_tails
    apart, together = [[%w[s1], %w[s2]], [%w[s1 s2]]].map { |woven_by| plan(row(woven_by)) }
    own, shared = weaving(apart), weaving(together)
    led = together.going_on.leads.sum(&:mm)
    stretch = (1 + together.calibration.slack) * (1 + together.piece.margin)

    assert_equal [2, 1], [own.sum(&:count), shared.sum(&:count)]
    assert_in_delta 6.0, led, NEAR_MM
    assert_in_delta own.sum { |cut| cut.count * cut.total_mm } - 130 + (led * stretch), shared.sum(&:total_mm), SAME_MM
    assert_equal "weaves section 1, repeats 1 to 6, and on in section 2", shared.first.use
    assert_operator together.mass_g, :>, apart.mass_g
  end

  # However many sections a hand can manage on one length, what is cut is told the same by sections, cut list, supply
  # and JSON; and no length is longer than is comfortable.
  def test_every_place_tells_the_same_cuts
    [2000, 900, 500, 300].each do |working|
      plan = plan(row([%w[s1 s2 s3], %w[s4 s5]], working_length: "#{working} mm"))
      cut = weaving(plan).sum { |row| row.count * row.total_mm }
      json = Meander.figures(plan)[:working]

      assert_in_delta cut, plan.sections.sum { |section| section.strip.account.total_mm }, SAME_MM, working
      assert_in_delta cut, Meander::Work::Supply.call(plan).first.total_mm, SAME_MM, working
      assert_in_delta cut, json.sum { |wire| wire[:total_mm] }, SAME_MM, working
      parts = json.sum { |wire| wire.slice(:path_mm, :led_mm, :slack_mm, :tails_mm, :waste_mm, :margin_mm).values.sum }

      assert_in_delta cut, parts, SAME_MM, working
      weaving(plan).each { |row| assert_operator row.cut_mm, :<=, working, row.use }
      begun = order(plan).count { |step| step.words.match?(/\ACut .* to weave with/) }

      assert_equal weaving(plan).sum(&:count), begun + plan.sections.sum { |one| one.strip.account.joins.size }, working
    end
  end

  # Steps say that the wire stays on and where it is led; the marks on it lie where its weaves begin.
  def test_the_order_of_work_keeps_the_wire_on
    words = order(plan(row([%w[s1 s2]]))).map { |step| plain(step.words) }

    assert_includes words.join(" "), "Leave the wire on: section 2 is made with it."
    assert(words.any? { |said|
      said.start_with?("Weave on with the wire from section 1: lead it 6 mm at the back to where section 2 begins")
    })
    assert_equal 1, words.count { |said| said.include?("trimmed early it works loose") }
  end

  # Led along a base wire behind it; where none runs from the one to the other it is said that it hangs loose.
  def test_where_it_is_led
    along = plan(row([%w[s1 s2]])).going_on.leads.first

    refute along.across
    along.points.each { |_, _, z| assert_in_delta(-0.55, z, NEAR_MM) }
    beside = {"kind" => "beside", "section" => "s1", "across" => size("12 mm"), "along" => size("0 mm"),
"side" => "far"}
    plan = plan(travelling({"s1" => FIRST, "s2" => beside}, %w[s1 s2].flat_map { |id| [[[id, 1]], [[id, 2]]] },
      woven_by: [%w[s1 s2]]))

    assert plan.going_on.leads.first.across
    assert_includes answer(plan)[:advice].map { |item| item[:id] }, "wire-led-across"
  end

  # What is left of the weaving wire binds: nothing is cut for that, and the length is longer by it and the way there.
  def test_a_weaving_wire_that_binds
    own, shared = [true, false].map { |alone| plan(bound_row(alone)) }
    led = shared.going_on.leads.first
    stretch = (1 + shared.calibration.slack) * (1 + shared.piece.margin)

    assert_equal [1, 0], [own, shared].map { |plan| plan.separate_lengths.size }
    assert_predicate shared.sections.last, :comes_on?
    assert_in_delta worked_mm(own) - 130 + (led.mm * stretch), worked_mm(shared), SAME_MM
    more = shared.piece.wires.last.material.mass_g(0.3, led.mm * (1 + shared.calibration.slack))

    assert_in_delta own.mass_g + more, shared.mass_g, 1e-9
    assert_in_delta Meander::Work::Supply.call(shared).first.total_mm, worked_mm(shared), SAME_MM
    words = plain(order(shared).find { |step| step.kind == "join" }.words)

    assert_match(/\AWith the wire from section 2.* bind the near wire and the far wire after section 2/, words)
    assert_includes words, "tuck its end in at the back"
    assert_includes weaving(shared).map(&:use).join(" "), "and on in section 3"
  end

  # Two strips and a binding after the second, with a wire of its own or with that of the second.
  def bound_row(alone)
    json = row([%w[s1], %w[s2]])
    around = [1, 2].map { |seat| {"section" => "s2", "side" => "end", "seat" => seat, "out" => size("0 mm")} }
    json["sections"] << {"id" => "b1", "craft" => "bind", "around" => around, "wraps" => 5}
    stop = {"kind" => "visit", "section" => "b1", "seat" => "binding 1"}
    alone ? json["wires"] << {"id" => "x1", "kind" => "k2", "route" => [stop]} : json["wires"].last["route"] << stop
    json
  end

  def worked_mm(plan) = plan.cut_list.reject { |row| row.kind == "base" }.sum { |row| row.count * row.total_mm }

  # What is kept for later is kept once.
  def test_what_is_kept_for_later_is_kept_once
    %w[start end].each do |side|
      json = row([%w[s1 s2]])
      json["wires"].last["reserve"] = {"side" => side, "length" => size("200 mm")}
      kept = plan(json)

      assert_in_delta weaving(plan(row([%w[s1 s2]]))).sum(&:total_mm) + 200, weaving(kept).sum(&:total_mm), SAME_MM,
        side
      assert_in_delta 200.0, kept.sections.sum { |section| section.strip.account.reserve_mm }, NEAR_MM, side
    end
  end

  # What a wire cannot go on to is named at its place, with what would do.
  def test_where_a_wire_cannot_go_on
    back = row([%w[s1 s2]]).tap { |json| json["wires"].last["route"].reverse! }

    assert_refused "/wires/2/route/1/section", back, /woven no later/
    middle = row([%w[s1 s2]]).tap { |json| json["sections"][1]["from"] = "middle" }

    assert_refused "/wires/2/route/1/section", middle, /middle outwards/
    twice = row([%w[s1 s2]]).tap { |json| json["wires"].last["route"][1]["back"] = true }

    assert_refused "/wires/2/route/1/back", twice
  end
end
