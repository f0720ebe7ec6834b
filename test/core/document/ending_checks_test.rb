# frozen_string_literal: true

require_relative "../../test_helper"
require_relative "../../support/sections"

# What is wrong with what joins sections, with endings and with wire kept for later is named at its field.
class JoinedReadingTest < PieceTest
  include Sections

  def faults(json)
    plan(json)
    {}
  rescue Meander::InvalidInput => e
    e.faults.to_h { |fault| [fault.path, fault] }
  end

  # A leaf, a waved ring on its centre, a lacing of the two, an arc that goes on from the leaf on one of its wires.
  def joined
    ring = bent("s2", "w3", {kind: "waved_ring", across: 6.0, height: 1.0, waves: 6},
      at: {"kind" => "centre", "section" => "s1", "turn" => 0})
    arc = woven("s3", %w[w1 w2], {kind: "arc", radius: 30.0, towards: "far", shaped: "before"},
      at: {**after("s1"), "cut_away" => ["w2"]}, reserve: {"side" => "end", "length" => size("200 mm")})
    lace = {"id" => "s4", "craft" => "lace", "base" => [], "weaving" => ["w9"], "rows" => %w[s1 s2], "places" => 2,
      "wraps" => 3}
    endings = [
      {"id" => "e1", "kind" => "fold", "side" => "start", "wires" => %w[w1 w2], "cover" => "w9",
        "ring" => size("3 mm")},
      {"id" => "e2", "kind" => "wrap", "side" => "end", "wires" => %w[w1 w2], "wraps" => 2}
    ]
    leaf = woven("s1", %w[w1 w2], {kind: "leaf", length: 24.0, width: 9.0, open: 0.0})
    put_together([leaf, ring, arc, lace], wires: [base("w1"), base("w2"), base("w3"), weaving], endings:,
      body: {"kind" => "pendant", "chain" => size("2 mm"), "neck" => size("450 mm")})
  end

  def changed(path, value)
    joined.tap { |json| put_in(json, path.split("."), value) }
  end

  BAD = {
    "sections.1.bend.across" => [{"typed" => "0 mm"}, {"typed" => "x"}, nil, 6],
    "sections.1.bend.height" => [{"typed" => "6 mm"}, {"typed" => "-1 mm"}],
    "sections.1.bend.waves" => [2, 61, 3.5, "many"],
    "sections.1.at.section" => ["s9", "s2", "s3", nil],
    "sections.1.at.turn" => [351, 0.5, "left"],
    "sections.2.form.shaped" => ["during", nil],
    "sections.2.at.cut_away" => [["w3"], %w[w1 w2], "w2", ["w9"]],
    "sections.2.reserve.side" => ["middle", nil],
    "sections.2.reserve.length" => [{"typed" => "-5 mm"}, {"typed" => "long"}, {"typed" => "9 m"}],
    "sections.3.rows" => [["s1"], %w[s1 s1], %w[s1 s9], %w[s1 s4], %w[s1 s2 s3]],
    "sections.3.places" => [0, 201, 1.5], "sections.3.wraps" => [0, 21, nil],
    "sections.3.weaving" => [["w1"], [], ["w8"], %w[w9 w9]],
    "sections.3.base" => [["w1"], nil],
    "endings.0.cover" => ["w1", "w7", 3], "endings.0.ring" => [{"typed" => "0 mm"}, {"typed" => "90 mm"}, "3 mm"],
    "endings.1.wraps" => [0, 13, "twice"], "endings.1.wires" => [%w[w1 w3], [], ["w1", "w1"]],
    "body.neck" => [{"typed" => "20 mm"}, {"typed" => "wide"}, 450]
  }.freeze

  def test_the_whole_of_it_is_planned
    made = plan(joined)

    assert_empty faults(joined)
    assert_equal %w[lacing cover], made.separate_lengths.map(&:kind)
    assert_equal ["w1"],
      made.runs.select { |run| run.parts.any? { |part| part.words == "cut away between sections" } }
        .map { |run| run.wire.id }
    assert_in_delta 200, made.sections[2].strip.account.reserve_mm, 1e-9
  end

  def test_bad_values_are_named_where_they_stand
    BAD.each do |path, values|
      values.each do |value|
        found = faults(changed(path, value))
        pointers = ["/#{path.tr(".", "/")}", ("/wires/0/route/" if value == %w[w1 w2])].compact

        assert(found.keys.any? { |key| key.start_with?(*pointers) }, "#{path} #{value.inspect}: #{found.keys}")
        found.each_value do |fault|
          refute_empty fault.message.to_s, path
          refute_empty fault.accepted.to_s, path
        end
      end
    end
  end

  # What was left out before it was there reads as it did: bent after, bare folds, loops of one turn, nothing kept, no
  # necklace.
  def test_older_documents_read_as_they_did
    json = joined
    json["sections"][2].delete("reserve")
    json["sections"][2]["form"].delete("shaped")
    json["sections"][2]["at"].delete("cut_away")
    json["endings"][0].delete("cover")
    json["endings"][0].delete("ring")
    json["body"].delete("neck")
    made = plan(json)

    assert_equal %w[lacing], made.separate_lengths.map(&:kind)
    assert_equal "after", made.sections[2].section[:form][:shaped]
    assert_in_delta 0.0, made.sections[2].strip.account.reserve_mm
    assert_includes made.ends.of_base.map(&:words), "folded"
    assert_nil answer(made)[:front]
    assert_equal [[], [], []], %i[beads tray findings].map { |key| made.piece.document[key] }
  end

  # Taken out of what it is read from and read again it is the same plan.
  def test_it_reads_back
    once = plan(joined)
    again = plan(JSON.parse(JSON.generate(once.piece.to_h)))

    assert_equal JSON.generate(answer(once)), JSON.generate(answer(again))
  end

  # Where rows stand decides what laces them: moved, everything but the lacing stays.
  def test_a_section_that_is_kept_is_laced_where_it_stands_now
    kept = {}
    def kept.fetch(key) = self[key] ||= yield

    line = {kind: "line", length: 30.0}
    made = [5, 7].map do |apart|
      beside = {"kind" => "beside", "section" => "s1", "across" => size("#{apart} mm"), "along" => size("0 mm"),
        "side" => "far"}
      lace = {"id" => "s3", "craft" => "lace", "base" => [], "weaving" => ["w9"], "rows" => %w[s1 s2], "places" => 1,
        "wraps" => 2}
      plan(put_together([bent("s1", "w1", line), bent("s2", "w2", line, at: beside), lace],
        wires: [base("w1"), base("w2"), weaving]), kept:)
    end

    assert_equal made[0].sections.first(2).map(&:object_id), made[1].sections.first(2).map(&:object_id)
    assert_in_delta 2.0,
      made[1].sections.find { |one| one.joins.any? }.path_mm - made[0].sections.find { |one| one.joins.any? }.path_mm,
      1e-9
  end

  # Every wire that is cut by itself: never less than what it does, its tails and margin over it, in as many lengths as
  # a hand manages.
  def test_wires_cut_by_themselves
    each_built do |plan, said|
      plan.separate_lengths.each do |own|
        ends = (2 * plan.piece.allowance_mm(:tail)) + plan.piece.allowance_mm(:waste)

        assert_operator own.cut_mm, :>=, own.path_mm, said
        assert_in_delta (own.path_mm * 1.04 * (1 + plan.piece.margin)) + (own.lengths * ends), own.total_mm, 1e-6, said
        assert_operator own.used_mm / own.lengths, :<=, plan.piece.allowance_mm(:working_length) - ends + 1e-6, said
        assert_includes %w[lacing binding cover beads], own.kind
        assert_includes Meander.csv(plan), plain(own.use).delete('"').split(",").first, said
      end
    end
  end

  # A bail is bound between its wires where there are two.
  def test_a_bail_of_one_wire_has_none_to_go_between
    bail = {"id" => "e2", "kind" => "bail", "side" => "end", "inside" => size("4 mm"), "wraps" => 3}
    bound = ->(wires, way) {
      faults(joined.tap { |json| json["endings"][1] = bail.merge("wires" => wires, "bound" => way) })
    }
    fault = bound.call(%w[w2], "between").fetch("/endings/0/bound")

    assert_equal ["between", "round, or another wire in it"], [fault.given, fault.accepted]
    assert_empty bound.call(%w[w2], "round")
    assert_empty bound.call(%w[w2 w1], "between")
  end
end
