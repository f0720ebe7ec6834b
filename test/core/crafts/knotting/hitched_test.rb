# frozen_string_literal: true

require_relative "../../../test_helper"
require_relative "../../../support/knots"

# Cords that are tied to a bar where their knots end.
class HitchedTest < Minitest::Test
  include Knots

  MOUNT = {"kind" => "head", "over" => {"typed" => "2 mm"}, "room" => nil}.freeze

  # Every cord takes a double half hitch round the bar, as a row of hitches takes it round a holder so thick, and its
  # way there from where its last knot leaves it; without a bar it hangs straight down from that.
  def test_takes_what_a_hitch_takes
    plain, tied = [nil, size("1 mm")].map { |hitched| made(knotted("b8>", cords: 8, count: 2, hitched:)) }
    each = Meander::Knot::Gauge.new.size("bar", [1.0] * 9, apart_mm: plain.layout.spacing_mm).cords.last

    plain.base.each_index do |number|
      left = plain.passes(number).last.leaves
      down, aside = tied.bar_begins_mm - left[1], tied.layout.across("end", 2)[number] - left[0]

      assert_in_delta left[0], plain.trace(number).last[0], 1e-9
      assert_in_delta plain.knotted_mm(number) - down + Math.hypot(down, aside) + each, tied.knotted_mm(number), 1e-9
    end
    assert_in_delta plain.length_mm + 3, tied.length_mm, 1e-9
  end

  # Where knots hang closer than hitches do, cords slant over to their places on the bar, and are as much longer.
  def test_cords_slant_over
    plain, tied = [nil, size("3 mm")].map { |hitched| made(knotted("s4 s4", cords: 8, mount: MOUNT, hitched:)) }
    bar, across = tied.layout.hitched, tied.layout.across("end", tied.repeats)

    assert_in_delta 2.5, bar.apart_mm
    assert_operator bar.lead_mm, :>, 0.5
    assert_in_delta 7 * 2.5, across.max - across.min, 1e-9
    assert_in_delta plain.length_mm + bar.lead_mm + 3 + 2, tied.length_mm, 1e-9
    outer = tied.passes(0).last.leaves
    way = Math.hypot(across[0] - outer[0], tied.bar_begins_mm - outer[1])

    assert_operator tied.knotted_mm(0) - plain.knotted_mm(0), :>, bar.mm(0)
    assert_in_delta tied.knotted_mm(0), tied.mounted_mm(0) + tied.passes(0).sum { |one| one.mm + one.gap_mm } + way +
      bar.mm(0), 1e-9
  end

  # As drawn each cord winds twice round the bar and comes no nearer to its middle than both are thick.
  def test_drawn_round_the_bar
    [1.0, 2.0, 3.0].each do |thick|
      bar = made(knotted("s4 s4", cords: 8, hitched: size("#{thick} mm"))).layout.hitched
      line = bar.line(0).map { |_, y, z| [y - (bar.row_mm / 2), z] }
      turned = line.each_cons(2).sum do |(y, z), (to_y, to_z)|
        Math.atan2((y * to_z) - (z * to_y), (y * to_y) + (z * to_z))
      end

      assert_operator turned.abs, :>, 3 * Math::PI, "round a bar of #{thick}"
      assert_operator line.map { |y, z| Math.hypot(y, z) }.min, :>, 0.85 * (thick + 1) / 2, "round a bar of #{thick}"
    end
  end

  def test_refused
    json = knotted("s4", hitched: size("2 mm"))
    json["endings"] = [{"id" => "e1", "kind" => "ribbon", "wide" => size("8 mm"), "thick" => size("3 mm"),
      "depth" => size("6 mm"), "length" => size("10 mm"), "glued" => true}]
    json["wires"].each_with_index do |wire, i|
      wire["ends"] = {"start" => nil, "end" => {"ending" => "e1", "place" => i + 1}}
    end

    assert_includes faults(json), ["/sections/0/hitched", "its cords end in something else there"]
  end

  def test_told
    json = knotted("s4 s4", cords: 8, mount: MOUNT, hitched: size("3 mm"))
    plan = Meander.plan(json)
    order = Meander::Output::Answer.call(plan)[:order]
    words = order.map { |step| step[:words] }

    # Its ties take the time the steps say.
    assert_equal made(knotted("s4 s4", cords: 8, mount: MOUNT)).ties + 16, plan.sections.first.ties
    assert_in_delta plan.minutes, order.sum { |step| step[:minutes] }, 1e-6
    tied = words.index { |one| one.match?(/lay a bar, 3\W+mm thick.*tie each cord round it with a double half hitch/i) }

    assert tied
    assert_operator tied, :<, words.index { |one| one.start_with?("Check:") }
  end
end
