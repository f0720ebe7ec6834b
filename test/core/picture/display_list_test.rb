# frozen_string_literal: true

require_relative "../../support/weaves"

# The display list: what is drawn, read back.
class PicturesTest < PieceTest
  def cuff(**changes) = plan(document(**changes))

  def woven(sample_key, **section)
    sample = Meander::Weave::Samples::ALL.find { |one| one.key == sample_key }
    json = document
    weaving = json["wires"].last
    ids = (1..sample.base).map { |i| "b#{i}" }
    json["wires"] = ids.map { |id| json["wires"].first.merge("id" => id) } << weaving
    json["sections"][0].merge!("base" => ids,
      "pattern" => JSON.parse(JSON.generate({kind: "walk", gaps: sample.gaps, before: [], after: sample.after})),
      **section.transform_keys(&:to_s))
    json["endings"].each { |ending| ending["wires"] = ids }
    plan(json)
  end

  def test_the_picture_names_itself_by_its_content
    assert_equal cuff.strip_picture.content_hash, cuff(name: "Another name").strip_picture.content_hash
    refute_equal cuff.strip_picture.content_hash, cuff("wires.2.metal": "brass").strip_picture.content_hash
    refute_equal cuff.strip_picture.content_hash, cuff("sections.0.pattern.both": 4).strip_picture.content_hash
    assert_match(/\A\h{32}\z/, cuff.strip_picture.content_hash)
  end

  # Whole numbers of finest_mm, read back, are the drawing to that fineness.
  def test_what_is_written_is_what_is_drawn
    picture = woven("diamond-5").strip_picture
    written = JSON.parse(picture.json)
    fine = written["finest_mm"]
    strokes = picture.strokes
    read = written["placements"].flat_map do |place|
      rows = written["cells"][place["cell"]]["passes"]
      place["count"].times.flat_map do |copy|
        rows.map do |row|
          read_row(written, row, fine).map { |x, y, z| [x, y + place["at"] + (copy * place["step"]), z] }
        end
      end
    end

    assert_equal strokes.size, read.size
    off = strokes.zip(read)
      .flat_map { |stroke, points| stroke.points.zip(points).map { |p, q| p.zip(q).map { |a, b| (a - b).abs }.max } }
        .max

    assert_operator off, :<, 0.002
  end

  def test_heights_of_a_row_go_on_from_pass_to_pass
    woven("ray-5").strip_picture.cells.each do |cell|
      cell.passes.each_cons(2) { |(*, end_mm), (_, begin_mm, *)| assert_in_delta end_mm, begin_mm, 1e-9 }
    end
  end

  def test_shapes_lie_on_their_face_and_go_from_station_to_station
    woven("panel-4").strip_picture.shapes.each do |shape|
      zs, us = shape[:points].map { |point| point[1] * shape[:face] }, shape[:points].map(&:last)

      assert_operator zs.min, :>=, -1e-9
      assert_equal us.sort, us
      assert_in_delta 0.0, us.first, 1e-12
      assert_in_delta us.last.round, us.last, 1e-9
      assert_equal (0..us.last.round).to_a, us.map { |u| u.round(9) }.select { |u| (u % 1).zero? }.map(&:to_i),
        "every station is drawn"
    end
  end

  def test_the_ranges_hold_everything_that_is_drawn
    [cuff, plan(document("bracelet")), woven("diamond-7"), woven("figure-eight-2")].each do |plan|
      low, high = plan.strip_picture.x_range
      xs = plan.strip_picture.strokes.flat_map { |stroke| stroke.points.map(&:first) }
      half = plan.band.layout.frame.wire_mm / 2

      assert_in_delta plan.strip_picture.width_mm, high - low, 1e-12
      assert_operator low, :<=, xs.min - half + 1e-9
      assert_operator high, :>=, xs.max + half - 1e-9
      assert_in_delta plan.band.layout.frame.x_range(plan.band.layout.strip(plan.fit.repeats).visited)
        .then { |from, to| to - from }, high - low, 1e-6
    end
  end

  def test_marks_lie_at_start_middle_end_and_joins
    plan = cuff("allowances.working_length": size("900 mm"))
    marks = plan.strip_picture.marks.group_by { |mark| mark[:kind] }.transform_values do |list|
      list.map { |mark| mark[:at] }
    end

    assert_equal [[0.0], [plan.band.strip.woven_mm / 2], [plan.band.strip.woven_mm]],
      marks.values_at("start", "middle", "end")
    assert_equal plan.band.strip.account.joins.map(&:last), marks["join"]
  end

  # What is left of a wire that is cut away lies under the passes that go over it, and nowhere else.
  def test_what_is_kept_of_a_cut_wire_lies_under_the_weave
    %w[end middle].each { |from| assert_kept_under_the_weave(woven("ray-5", cut_away: %w[b3], from:)) }
  end

  def assert_kept_under_the_weave(plan)
    x = plan.band.layout.frame.centres[2]
    kept = plan.strip_picture.rods.select { |rod| rod[:wire] == "b3" }
    over = plan.strip_picture.strokes.select do |stroke|
      stroke.points.map(&:first).minmax.then { |low, high| x.between?(low, high) }
    end

    over.each do |stroke|
      y = stroke.points.min_by { |point| (point[0] - x).abs }[1]

      assert(kept.any? { |rod| y.between?(rod[:from] - 0.5, rod[:to] + 0.5) })
    end
    assert_operator kept.sum { |rod| rod[:to] - rod[:from] }, :<, plan.band.strip.woven_mm * 0.8
    lengths = kept.map { |rod| rod[:to] - rod[:from] }

    assert_operator lengths.max - lengths.min, :<, 0.1, "every repeat keeps as much"
    assert(kept.sort_by { |rod| rod[:from] }.each_cons(2).all? { |one, other| other[:from] > one[:to] })
  end

  # Wires that are cut flush are drawn to half their thickness beyond what is bare; all that is drawn across is as wide
  # as what reaches furthest to either side, and a mm.
  def test_flush_ends_and_how_wide_it_is_drawn
    strip = cuff.band.strip
    ends = Meander::Picture::FlushEnds.new.strands(strip)

    assert_equal [strip.bare_mm, strip.bare_mm + 0.5], ends.first[:points].map { |point| -point[1] }
    assert_in_delta strip.bare_mm + strip.woven_mm + 0.5, ends.last[:points].last[1], 1e-9
    picture = plan(document("bracelet")).strip_picture
    xs = picture.x_range + picture.strands.flat_map { |strand| strand[:points].map(&:first) }

    refute_in_delta 0, xs.min, 0.1
    assert_in_delta xs.max - xs.min + 1, picture.drawn_across_mm, 1e-9
  end

  def test_tails_lead_out_at_both_ends_of_every_strand
    one, two = woven("stagger-3"), woven("stagger-3", strands: 2)
    tails = ->(plan) { plan.strip_picture.strands.select { |strand| strand[:wire].start_with?("w3") } }

    assert_equal [2, 4], [tails.call(one).size, tails.call(two).size]
    assert_empty tails.call(cuff("allowances.tail": size("0")))
  end

  # Every pass has one number, in the order of work; strands laid side by side share it.
  def test_passes_are_numbered_in_the_order_of_work
    json = document(pins: pins("repeats" => 9))
    turn = json.merge("wires" => json["wires"] + [json["wires"].last.merge("id" => "w9")])
    turn["sections"] = [json["sections"][0].merge("weaving" => %w[w3 w9], "strands" => 2, "turns" => "in_turn")]
    [plan(json), plan(turn), woven("ray-5"), woven("diamond-5", from: "middle"),
      woven("stagger-3", strands: 2)].each do |plan|
      picture = plan.strip_picture
      made = picture.placements
        .reject { |place| picture.shapes[picture.cells[place[:cell]].passes[0][0]][:words].empty? }.flat_map do |place|
        place[:count].times.flat_map do |copy|
          picture.cells[place[:cell]].passes.each_index.map { |row| place[:pass] + (copy * place[:every]) + row }
        end
      end
      total = (picture.counting[:half] * plan.band.layout.sides) - picture.counting[:skipped]

      assert_equal (0...total).to_a, made.uniq.sort
      assert_equal total, made.size / ((plan.band.section.strands.size == 2 && !plan.band.section.in_turn?) ? 2 : 1)
      assert_equal picture.counting[:half],
        picture.counting[:before] + (picture.counting[:repeat] * picture.counting[:repeats]) + closing_passes(plan)
    end
  end

  def test_the_gaps_are_where_the_wire_goes_through
    plan = woven("coiled-panel-4")
    ends = plan.strip_picture.strokes.flat_map { |stroke| [stroke.points.first[0], stroke.points.last[0]] }
      .map { |x| x.round(6) }.uniq.sort

    assert_equal plan.strip_picture.gaps.map { |x| x.round(6) }, ends
  end

  private

  def closing_passes(plan)
    pattern = plan.band.section.pattern
    (pattern[:kind] == "coils") ? 2 * pattern[:closing] : pattern[:after].sum do |stretch|
      stretch[:gaps].size * stretch[:times]
    end
  end

  def read_row(written, (shape, *heights), fine)
    written["shapes"][shape]["points"].each_slice(3).map do |x, z, u|
      part = (u * fine).floor.clamp(0, heights.size - 2)
      [x * fine, (heights[part] + (((u * fine) - part) * (heights[part + 1] - heights[part]))) * fine, z * fine]
    end
  end
end
