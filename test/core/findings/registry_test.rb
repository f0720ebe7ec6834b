# frozen_string_literal: true

require_relative "../../test_helper"
require_relative "../../support/sections"

# Endings one wire is bent to, and what is hung on them.
class FindingsTest < PieceTest
  include Sections

  def ending(fields, wires = 1)
    made = Array.new(wires) do |i|
      Meander::Document::Wire.new(id: "w#{i}", use: "base", size: Meander::Units::Size.of(0.8), metal: "copper",
        temper: "soft")
    end
    fields = fields.transform_values { |value| value.is_a?(Float) ? Meander::Units::Size.of(value) : value }
    Meander::Endings::Registry.build(fields, numbers: [*0...wires], wires: made,
      centres: Array.new(wires) { |i| i * 1.2 }, weaving_mm: 0.3)
  end

  def rings(count, side: "end", inside: "4 mm")
    {"id" => "f1", "kind" => "jump_rings", "side" => side, "inside" => size(inside), "wire" => size("0.8 mm"),
      "metal" => "sterling", "count" => count}
  end

  def faults(json)
    assert_raises(Meander::InvalidInput) { plan(json) }.faults.to_h { |fault| [fault.path, fault.message] }
  end

  # Each costs the length of its path, and that by hand.
  def test_what_endings_take
    by_hand = {
      ending({kind: "coil", inside: 2.0, turns: 5}) => 5 * Math.hypot(Math::PI * 2.8, 0.8),
      ending({kind: "tuck", length: 5.0}) => (Math::PI * (0.4 + 0.3 + 0.4) / 2) + 5,
      ending({kind: "doubled_hook", inside: 4.0, shank: 9.0, wraps: 3}) =>
        11.4 + (Math::PI * 3.2) + 5.4 + (Math::PI * 0.4) + 5.4 + (Math::PI * 2.4) + 9 +
          Math.hypot(3 * 2 * Math::PI * 0.8, 2.4)
    }
    by_hand.each do |made, mm|
      strand = made.strands[0]

      assert_in_delta mm, strand.length, 1e-9, made.words
      assert_in_epsilon strand.length, Meander::Curve::Strand.polyline_length(strand.points), 0.002, made.words
    end
  end

  # A loop wrapped twice round is a circle longer; a ring at the fold goes from the one wire to the other.
  def test_turns_of_a_loop_and_a_ring_at_the_fold
    once, twice = [1, 2].map { |turns| ending({kind: "loop", inside: 4.0, wraps: 3, turns:}).strands[0].length }
    ring = ending({kind: "fold", ring: 6.0}, 2)
    points = ring.strands[0].points

    assert_in_delta Math::PI * 4.8, twice - once, 1e-9
    assert_equal [[0.0, 0.0], [1.2, 0.0]], [points.first, points.last].map { |x, y, _| [x.round(9), y.round(9)] }
    assert_in_delta 6.8 / 2, points[1..-2].map { |x, y, _| Math.hypot(x - 0.6, y - 4.2) }.minmax.sum / 2, 1e-6
    assert_operator ring.strands[0].length, :>, Math::PI * 6.8 * 0.75
    assert_in_delta 6 + 1.2, ring.reach_mm, 1e-9
  end

  # A ring takes pi (m + D), which is pi (o - D); the coil they are sawn from a turn more (a coil spring, any
  # machine-design handbook); so much wire makes so many.
  def test_jump_rings
    made = Meander::Findings::Registry.build(kind: "jump_rings", id: "f1", side: "end",
      inside: Meander::Units::Size.of(5.0), wire: Meander::Units::Size.of(1.0), metal: "copper", count: 12)

    assert_in_delta Math::PI * (7.0 - 1.0), made.ring_mm, 1e-12
    assert_in_delta 13 * Math.sqrt(((Math::PI * 6)**2) + 1), made.wire_mm, 1e-9
    assert_equal 12, Meander::Findings::JumpRings.from_mm(made.wire_mm + 0.01, 5.0, 1.0)
    assert_equal [51, ", hammered flat"],
      [made.per_metre, Meander::Findings::Registry.build(made.fields.merge(flat: true)).words[/, hammered.*/]]
    assert_in_delta 12 * Math::PI * 6 * Math::PI / 4 * 8.96e-3, made.mass_g, 1e-9
    assert_in_delta 60, made.reach_mm, 1e-12
  end

  # The whole wearing length: rings and clasp are part of it, the weave answers with fewer repeats, all of it weighed
  # and cut.
  def test_the_wearing_length
    bare, hung = plan(document("bracelet")), plan(document("bracelet", findings: [rings(3)]))

    assert_in_delta 12, hung.ends.reach_mm - bare.ends.reach_mm, 1e-9
    assert_in_delta (bare.band.strip.woven_mm - hung.band.strip.woven_mm), 12, hung.band.layout.pattern.advance_mm
    assert_in_delta hung.mass[:findings_g], 3 * Math::PI * 4.8 * Math::PI * 0.16 * 10.36e-3, 1e-9
    assert_includes Meander.csv(hung), "3 jump rings 4 mm inside"
    low, high = [bare, hung].map { |one| one.strip_picture.y_range.last - one.band.strip.woven_mm }

    assert_in_delta 12, high - low, 1.0
    loops = document("bracelet").fetch("endings").map do |one|
      {"id" => one["id"], "kind" => "loop", "side" => one["side"], "wires" => one["wires"], "inside" => size("4 mm"),
        "wraps" => 3}
    end
    clasp = {"id" => "f1", "kind" => "clasp", "side" => "end", "length" => size("14 mm"), "mass" => 0.6}

    assert_in_delta 0.6, plan(document("bracelet", endings: loops, findings: [clasp])).mass[:findings_g], 1e-9
    assert_equal ["/endings/1/kind"], faults(document("bracelet", endings: loops)).keys
  end

  def hook(**changes)
    {"id" => "f1", "kind" => "two_eye_hook", "side" => "end", "inside" => size("4 mm"), "shank" => size("9 mm"),
      "eye" => size("2.5 mm"), "wire" => size("1 mm"), "metal" => "copper", **changes.transform_keys(&:to_s)}
  end

  def eye_hook(**changes) = hook("kind" => "eye_hook", **changes)

  def toggle(bar = "16 mm", **changes)
    {"id" => "f1", "kind" => "toggle", "side" => "end", "bar" => size(bar), "eye" => size("2.5 mm"),
      "wire" => size("1 mm"), "metal" => "copper", **changes.transform_keys(&:to_s)}
  end

  def finding(fields)
    read = ->(value) { value.is_a?(Hash) ? Meander::Units::Size.of(value["typed"].to_f) : value }
    Meander::Findings::Registry.build(fields.transform_keys(&:to_sym).transform_values(&read))
  end

  # Two circles for the eyes, the shank there and back twice over, two half circles and the fold at the tip; a toggle is
  # its bar and a circle (a ring of inside m takes pi (m + D), as any bend-allowance table has it for a full turn). Both
  # are drawn in one piece.
  def test_hooks_with_two_eyes_and_toggles
    made, bar = finding(hook), finding(toggle)

    assert_in_delta (2 * Math::PI * 3.5) + (2 * 9) + (2 * 0.6 * 9) + (Math::PI * (3.5 + 2.5)) + (Math::PI * 0.5),
      made.wire_mm, 1e-9
    assert_in_delta 1.25 + 9 + 2, made.reach_mm, 1e-12
    assert_in_delta 16 + (Math::PI * 3.5), bar.wire_mm, 1e-9
    assert_in_delta 2.5, bar.reach_mm, 1e-12
    [made, bar, finding(eye_hook)].each do |one|
      points = one.way.sample.map { |across, out, _| [across, out] }

      assert_in_epsilon one.wire_mm, Meander::Form::Trace.polyline_mm(points), 0.002
      assert_in_delta one.wire_mm * Math::PI / 4 * 8.96e-3, one.mass_g, 1e-9
      assert_in_delta(-0.5, points.map(&:last).min, 0.01)
      heads = points.each_cons(2).map { |(x, y), (u, v)| Math.atan2(v - y, u - x) }

      assert(heads.each_cons(2).all? { |a, b| (((b - a + Math::PI) % (2 * Math::PI)) - Math::PI).abs < 0.5 },
        "#{one.words} has no kink")
    end
  end

  # An eye is a full turn, the bend half of one, the way back 0.6 of the shank, the tip an eighth of a turn on twice the
  # wire; a bracelet between two loops is closed by it, as long as it reaches, and cut as long as its way.
  def test_a_hook_with_an_eye
    made = finding(eye_hook)

    assert_in_delta (2 * Math::PI * 1.75) + 9 + (Math::PI * 2.5) + (0.6 * 9) + (Math::PI / 4 * 2), made.wire_mm, 1e-9
    assert_in_delta 1.25 + 9 + 2, made.reach_mm, 1e-12
    loops = document("bracelet").fetch("endings").map do |one|
      {"id" => one["id"], "kind" => "loop", "side" => one["side"], "wires" => one["wires"], "inside" => size("4 mm"),
       "wraps" => 3}
    end
    short, long = %w[9 15].map { |mm|
      plan(document("bracelet", endings: loops, findings: [eye_hook("shank" => size("#{mm} mm"))]))
    }

    assert_in_delta 6.0, (short.fit.woven_mm - long.fit.woven_mm), short.band.layout.advance_mm
    assert_includes short.cut_list.map(&:cut_mm), made.wire_mm.ceil
    assert_nil advice(short, "hook-thin")
    thin = plan(document("bracelet", endings: loops, findings: [eye_hook("wire" => size("0.5 mm"))]))

    assert_equal "/findings/0/wire", advice(thin, "hook-thin").place
  end

  # A hook hangs by the inside of its eyes and holds at the inside of its bend: from the one to the other is what it
  # reaches, whatever its sizes; nothing of it lies further in than its eyes.
  def test_what_a_hook_reaches
    random = Random.new(seed = Random.new_seed % 100_000)
    20.times do
      sizes = {"inside" => random.rand(2.0..10.0), "shank" => random.rand(5.0..25.0), "eye" => random.rand(1.0..5.0),
               "wire" => random.rand(0.6..1.6)}.transform_values { |mm| size("#{mm.round(2)} mm") }
      [hook(**sizes), eye_hook(**sizes)].each do |fields|
        made = finding(fields)
        outs = made.way.sample.map { |_, out, _| out }
        doubled = (fields["kind"] == "two_eye_hook") ? made.d : 0.0
        said = "seed #{seed}: #{made.words}"

        assert_in_delta made.reach_mm, outs.max - (made.d / 2) - doubled, 0.02, said
        assert_in_delta(-made.d / 2, outs.min, 0.02, said)
        assert_operator made.wire_mm, :>, made.reach_mm + (Math::PI * sizes["eye"]["typed"].to_f), said
      end
    end
  end

  # An ear wire is bought, and drawn from its loop to the ear: as far as it reaches, without a kink, at both ends of
  # what may be said.
  def test_an_ear_wire_as_it_is_drawn
    [2, 20, 100].each do |length|
      one = finding({kind: "ear_wire", length: size("#{length} mm"), metal: "sterling"})
      places = one.way.sample.map { |across, out, _| [across, out] }
      heads = places.each_cons(2).map { |(x, y), (u, v)| Math.atan2(v - y, u - x) }

      assert_in_delta [length, 2.8 + 0.8 + (length / 4.0)].max, places.map(&:last).max, 0.01
      assert_operator places.map(&:last).min, :>=, -0.01
      assert(heads.each_cons(2).all? { |a, b| (((b - a + Math::PI) % (2 * Math::PI)) - Math::PI).abs < 0.5 })
      assert_nil one.wire_mm
    end
  end

  # A hook with two eyes hangs in two loops; a toggle has something to go through, and is longer than it is wide.
  def test_what_hooks_and_toggles_ask_for
    eyes = %w[w1 w2].each_with_index.map do |id, i|
      {"id" => "e#{i}", "kind" => "eye", "side" => "end", "wires" => [id], "inside" => size("2 mm")}
    end
    json = document("earring", endings: eyes, findings: [hook])

    assert_in_delta finding(hook).mass_g, plan(json).mass_g - plan(document("earring", endings: eyes)).mass_g, 1e-9
    legs = plan(json).finished.last[0].groups.find { |group| group.wire == "f1" }.points.first.values_at(0, -1)
      .map(&:first)

    assert_in_delta 0, legs.sum, 1e-9, "its shank stands between the two loops"
    assert_equal ["/findings/0/kind"], faults(document("earring", endings: eyes.first(1), findings: [hook])).keys
    assert_equal ["/findings/0/kind"], faults(document("bracelet", findings: [hook])).keys
    loops = document("bracelet").fetch("endings").map do |one|
      {"id" => one["id"], "kind" => "loop", "side" => one["side"], "wires" => one["wires"], "inside" => size("6 mm"),
        "wraps" => 3}
    end
    closed = ->(bar, *more) { plan(document("bracelet", endings: loops, findings: [toggle(bar), *more])) }

    assert_nil advice(closed.call("9 mm"), "toggle-slips")
    assert_in_delta 9, advice(closed.call("8.9 mm"), "toggle-slips").figures[:need_mm], 1e-9
    assert_in_delta 2.3,
      advice(closed.call("16 mm", rings(1, side: "start", inside: "2.2 mm").merge("id" => "f2")),
        "toggle-tight").figures[:need_mm], 1e-9
    assert advice(plan(document("earring", endings: eyes, findings: [toggle])), "toggle-alone")
    assert advice(closed.call("16 mm", rings(1, side: "start", inside: "8 mm").merge("id" => "f2", "flat" => true)),
      "jump-ring-flat")
  end

  # A ribbon end takes the strip as it is wide and thick, no less; its wires lie inside it, bent over; it is part of the
  # length worn.
  def test_ribbon_ends
    ribbon = ->(side, wide: "3.5 mm", thick: "2 mm", depth: "6 mm", **more) {
      {"id" => side, "kind" => "ribbon", "side" => side, "wires" => %w[w1 w2], "wide" => size(wide),
        "thick" => size(thick), "depth" => size(depth), "length" => size("10 mm"), "glued" => true, **more}
    }
    closed = ->(**changes) {
      plan(document("bracelet", endings: [ribbon.call("start", **changes), ribbon.call("end", **changes)],
        findings: [{"id" => "f1", "kind" => "clasp", "side" => "end", "length" => size("14 mm"), "mass" => nil}]))
    }
    made = closed.call
    wide, thick = made.bulk_mm(made.piece.endings.first)

    assert_in_delta 6 - 1.5 + (Math::PI / 2), made.ends.at("end").strands[0].length, 1e-9
    assert_in_delta 34, made.ends.reach_mm, 1e-9
    assert_equal([nil] * 3, %w[ribbon-small ribbon-loose ribbon-shallow].map { |id| advice(made, id) })
    assert_equal 1, said(made).count { |item| item.id == "glue-cures" }
    assert_in_delta wide - 3, advice(closed.call(wide: "3 mm"), "ribbon-small").title[/[\d.]+/].to_f, 0.05
    assert_includes advice(closed.call(thick: "1.5 mm"), "ribbon-small").title, "#{(thick - 1.5).round(1)} mm too thin"
    assert advice(closed.call(thick: "4 mm"), "ribbon-loose")
    assert_in_delta 3, advice(closed.call(depth: "2.5 mm"), "ribbon-shallow").figures[:need_mm], 1e-9
    drawn = made.strip_picture.to_h[:strands].select { |strand| strand[:wire] == "end body" }

    assert_equal 2, drawn.size
    assert_equal 2,
      plan(document("links",
        endings: [ribbon.call("end", wide: "20 mm").merge("wires" => document("links")["sections"][0]["base"])]))
          .finished.last[0].groups.count { |group|
        group.wire == "end body"
      }
  end

  # A pendant bent to an arc as the front of a necklace: chord 2 R sin(t/2), drop R (1 - cos(t/2)), the chain what is
  # left on each side.
  def test_the_front_of_a_necklace
    strip = woven("s1", %w[w1 w2], {kind: "arc", radius: 60.0, towards: "far"},
      extent: {"kind" => "length", "length" => size("80 mm")})
    made = plan(
      put_together([strip], wires: [base("w1"), base("w2"), weaving],
        body: {"kind" => "pendant", "chain" => size("3 mm"), "neck" => size("450 mm")})
    )
    long = made.sections.first.length_mm
    front = answer(made)[:front]

    assert_in_delta 120 * Math.sin(long / 120), front[:chord_mm], 1e-9
    assert_in_delta 60 * (1 - Math.cos(long / 120)), front[:drop_mm], 1e-3
    assert_in_delta (450 - long) / 2, front[:chain_mm], 1e-9
    assert_nil answer(plan(document("pendant")))[:front]
  end

  def test_what_is_noticed_and_refused
    small = advice(plan(document("bracelet", findings: [rings(1, inside: "1.2 mm")])), "jump-ring-small")

    assert_in_delta 1.0 + 0.8, small.figures[:need_mm], 1e-9
    assert_equal ["/findings/0/side"], faults(document("cuff", findings: [rings(1)])).keys
    assert_equal ["/findings/0/side"], faults(document("pendant", findings: [rings(1)])).keys
    post = [{"id" => "e1", "kind" => "post", "side" => "start", "wires" => ["w1"], "length" => size("14 mm")}]
    earring = ->(typed,
      metal) { plan(document("earring", endings: post, "wires.0.size": size(typed), "wires.0.metal": metal)) }

    assert_match(/copper goes through the ear/i, advice(earring.call("0.8 mm", "copper"), "ear-metal").title)
    assert_nil advice(earring.call("0.8 mm", "niobium"), "ear-metal")
    assert_match(/thick/, advice(earring.call("1.2 mm", "niobium"), "post-thickness").title)
    assert_nil advice(earring.call("0.8 mm", "niobium"), "post-thickness")
    wire = {"id" => "f1", "kind" => "ear_wire", "side" => "start", "length" => size("20 mm"),
      "metal" => "nickel_silver", "mass" => nil}

    thin = document("bracelet", "wires.0.size": size("0.5 mm"), "wires.0.temper": "hard")

    assert_equal "hook-thin", advice(plan(thin), "hook-thin").id
    assert_equal 3, advice(earring.call("0.8 mm", "niobium"), "ends-sharp").figures[:ends]
    assert_match(/nickel silver/i, advice(plan(document("earring", findings: [wire])), "ear-metal").title)
  end
end
