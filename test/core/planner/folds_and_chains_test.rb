# frozen_string_literal: true

require_relative "../../test_helper"
require_relative "../../support/sections"

# Folds, endings of freed wires, chains, wires kept for later, the order of work of pieces put together from sections.
class FoldsAndChainsTest < PieceTest
  include Sections

  # Two wires folded from one: one length to cut, with both runs and the fold, the marks of the second counted back.
  def test_a_fold
    json = document("earring")
    apart = plan(document("earring", endings: []))
    folded = plan(json)
    cut = folded.runs.first

    assert_equal [1, "w1", 2, true], [folded.runs.size, cut.wire.id, cut.stops.size, cut.folded?]
    runs = apart.runs.sum { |run| run.parts.find(&:section).mm }

    assert_in_delta runs + 0.8 + (Math::PI * 3.3) + (2 * 20), cut.total_mm, 1e-6
    starts = cut.marks.select { |mark| mark.words == "start of weave" }.map(&:at_mm)

    assert_equal 2, starts.size
    assert_in_delta cut.total_mm - 20 - folded.sections.first.marks(1).first[0], starts[1], 1e-9
  end

  # Where the arcs of a leaf meet, each leans by 2 atan(width / length) to its axis (angle of chord and tangent, any
  # book of geometry): what is left of half a turn is folded, on the circle that touches both wires. A drop's wires meet
  # head on.
  def test_folds_of_two_kinds
    pendant = plan(document("pendant"))
    leaf = pendant.runs.first.parts.find { |part| part.words == "folded" }
    drop = plan(document("earring")).runs.first.parts.find { |part| part.words == "folded" }
    form = pendant.sections.first.form
    lean = 2 * Math.atan(form[:width].mm / form[:length].mm)

    assert_in_epsilon (Math::PI - (2 * lean)) * 0.4 / Math.cos(lean), leaf.mm, 0.01
    assert_in_delta 0.8, drop.mm, 1e-9
  end

  # Endings take the wire of their real bends: a ring of pi (m + D), a post as long as it is, a bail up to its
  # cylinder, half a ring and down again, and round the neck.
  def test_endings_of_freed_wires
    ends = {"eye" => {"inside" => size("3 mm")}, "post" => {"length" => size("14 mm")},
      "curl" => {"inside" => size("2 mm"), "turns" => 3},
"bail" => {"inside" => size("4 mm"), "wraps" => 3}}.to_h do |kind, fields|
      wires = (kind == "bail") ? %w[w1 w2] : %w[w1]
      plan = plan(
        put_together([woven("s1", %w[w1 w2])], wires: [base("w1"), base("w2"), weaving],
          endings: [{"id" => "e1", "kind" => kind, "side" => "start", "wires" => wires, **fields}])
      )
      [kind, plan.runs.map { |run| run.parts.find { |part| part.kind == "ending" }.mm }]
    end

    assert_in_delta Math::PI * 3.8, ends["eye"][0], 1e-9
    assert_in_delta 14.0, ends["post"][0], 1e-9
    assert_in_epsilon Meander::Form::Bends.spiral_mm(1.4, 1.4 + (3 * 0.8), 0.8 / (2 * Math::PI)), ends["curl"][0], 1e-3
    assert_in_delta (3 * 0.8) + (Math.sqrt(2) * 2.4) + (Math::PI * 2.4) + 2.4, ends["bail"][1], 1e-9
    assert_in_epsilon ends["bail"][1] + Math.hypot(0.8, 2.4) + (3 * Math.hypot((2 * Math::PI * 0.8) + (2 * 1.1), 0.8)),
      ends["bail"][0], 0.02
  end

  # Frames in a chain: the wires change sides at every waist, each frame is woven alike, and the chain is as long as it
  # says.
  def test_a_chain_of_frames
    plan = plan(document("links"))
    chain = plan.sections.first
    one = plan(document("links", "sections.0.form.frames": 1)).sections.first

    assert_equal [9, 9 * one.wraps], [chain.copies, chain.wraps]
    assert_in_delta (9 * 18) + (8 * 2), chain.finish_mm, 1e-9
    assert_in_delta chain.strip.account.path_mm, one.strip.account.path_mm, 1e-9
    near = chain.trace(0)
    middles = (0...9).map { |k| near.min_by { |_, y, _| (y - (k * chain.pitch_mm) - 9).abs }[0] }

    assert_equal [-1, 1] * 4 + [-1], middles.map { |x| x <=> 0 }
    assert_equal 8, chain.marks(0).count { |_, words| words.start_with?("crossing") }
    assert_in_delta plan.fit.strip_mm, chain.finish_mm + plan.ends.of_base.sum(&:reach_mm), 1e-9
  end

  # As many frames as the wrist needs: no other number comes nearer.
  def test_as_many_frames_as_the_wrist_needs
    [130, 152, 170, 188, 210].each do |wrist|
      json = document("links", "pins.0.length": size("#{wrist} mm"))
      frames = plan(json).fit.frames
      off = [frames - 1, frames, frames + 1].map do |count|
        plan(document("links", "pins.0.length": size("#{wrist} mm"), "sections.0.form.frames": count)).fit.off_mm.abs
      end

      assert_equal off.min, off[1], "#{wrist} mm"
      assert_nil advice(plan(document("links", "pins.0.length": size("#{wrist} mm"), "sections.0.form.frames": frames)),
        "row-off")
    end
  end

  # The wires of a frame may differ; each runs along its own edge.
  def test_wires_that_differ
    plan = plan(document("earring", "wires.0.size": size("1.2 mm"), endings: []))
    section = plan.sections.first

    assert_operator section.run_mm(0), :>, 0
    assert_in_delta (16 + 0.8) / 2, section.trace(1).map(&:first).max, 0.01
    assert_in_delta (16 + 1.2) / 2, -section.trace(0).map(&:first).min, 0.01
  end

  # What joins sections with the wire of others.
  def joined_mm(plan)
    plan.sections.grep(Meander::Crafts::Joining).select(&:comes_on?).sum { |one| one.wire_uses.sum(&:used_mm) }
  end

  # From the spool nothing is lost but a tail at both ends of every length that is begun; a bobbin has a margin on what
  # is used, and waste, once.
  def test_what_is_not_woven_of_each
    %w[cuff earring links].each do |kind|
      plan = plan(document(kind))
      begun = plan.sections.first.copies
      _, bobbin, spool = Meander::Work::Supply.call(plan)
      tail, waste = %i[tail waste].map { |of| plan.piece.allowance_mm(of) }
      used = spool.total_mm - spool.over_mm

      assert_in_delta 2 * tail * begun, spool.over_mm, 1e-6, kind
      assert_in_delta (2 * tail * begun) + (used * plan.piece.margin) + waste, bobbin.over_mm, 1e-6, kind
    end
  end

  # The weaving wire kept three ways: a length each is never less than one bobbin, and the spool wastes only its tails.
  def test_weaving_wire_kept_three_ways
    each_built do |plan, said|
      lengths, bobbin, spool = Meander::Work::Supply.call(plan)
      next unless lengths

      used = plan.sections.select(&:strip)
        .sum { |section|
        section.copies * section.strip.account.then { |one|
          one.path_mm + one.led_mm + one.slack_mm
        }
      } +
        plan.separate_lengths.sum { |own| own.path_mm * 1.04 } + joined_mm(plan)

      assert_operator lengths.total_mm, :>=, bobbin.total_mm - 1e-6, said
      assert_operator bobbin.total_mm, :>=, spool.total_mm - 1e-6, said
      [lengths, bobbin, spool].each { |way| assert_in_delta used, way.total_mm - way.over_mm, 1e-6, said }
      refute spool.possible, said if plan.sections.select(&:strip).any?(&:opening)
    end
  end

  # The order of work: cut first, a frame shaped before it is woven, a strip bent after, the second of a pair at last.
  def test_the_order_of_work
    kinds = ->(json) { answer(plan(json))[:order].map { |step| step[:kind] } }
    earring = kinds.call(document("earring"))
    strip = kinds.call(
      put_together(
        [woven("s1", %w[w1 w2], {kind: "arc", radius: 30.0, towards: "far"}, from: "middle",
          extent: {"kind" => "repeats", "count" => 10})],
        wires: [base("w1"), base("w2"), weaving]
      )
    )

    assert_equal %w[cut mark shape anchor weave secure end end end pair end], earring
    assert_equal %w[cut mark anchor weave secure turn weave secure bend end end end], strip
    each_built do |plan, said|
      order = order(plan)

      tried = order.take_while { |step| step.words.include?("is assumed: before you cut it") }

      assert_equal "cut", order[tried.size].kind, said
      assert_in_delta plan.minutes, order.sum(&:minutes), 1e-6, said
      plan.sections.select(&:strip).each { |section|
        begun, woven = [%w[anchor lead], %w[weave]].map do |kinds|
          order.index { |step| kinds.include?(step.kind) && step.section == section.id }
        end

        assert_operator begun, :<, woven, said
      }
    end
  end

  # Weaving wire in a frame is what the same walk takes over gaps told station by station.
  def test_a_frame_weaves_as_its_gaps_do
    section = plan(document("pendant")).sections.first
    stations = section.opening.between(*section.layout.stretch)
    course = Meander::Weave::Course.new({base_mm: [0.8, 0.8], wire_mm: 0.3, strands: 1},
      Meander::Weave::Profile.new(stations, joined: true), before: [], walk: Meander::Weave::Walk.new(EIGHT),
      after: [], lean: 0.3)

    assert_in_delta course.strip(section.strip.repeats).wire_mm, section.strip.account.path_mm, 1e-6
    assert_in_delta section.layout.stretch[1] - section.layout.stretch[0], section.strip.woven_mm,
      section.layout.pattern.advance_mm
    assert_in_delta 0.3, section.opening.clear_mm(section.layout.stretch[0]), 0.01
  end

  # A pair takes everything twice; its plan is that of one, and says to mirror it.
  def test_a_pair
    pair, one = [true, false].map { |value| plan(document("earring", "body.pair": value)) }

    assert_equal [2, 1], [answer(pair)[:pieces], answer(one)[:pieces]]
    assert_in_delta pair.mass_g, one.mass_g, 1e-12
    assert_equal [1, 0], [pair, one].map { |plan| answer(plan)[:order].count { |step| step[:kind] == "pair" } }
  end
end
