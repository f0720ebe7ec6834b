# frozen_string_literal: true

require "csv"
require_relative "../../test_helper"
require_relative "../../support/sections"

# Every cut is told alike wherever it is told: in the plan that goes out, the table to take away, the text, the order of
# work.
class ToldAlikeTest < PieceTest
  include Sections

  def cuts(rows) = rows.flat_map { |count, mm| [mm] * count }.sort

  def each_told(&block)
    demo_documents.each { |json| yield plan(json), json["name"] }
    kept = document("bracelet", "sections.0.reserve": {"side" => "start", "length" => size("400 mm")})
    [document("ring"), kept, document("earring"), document("pendant")].each { |json| yield plan(json), json["name"] }
    each_built(&block)
  end

  def test_the_same_cuts_everywhere
    each_told do |plan, said|
      listed = cuts(plan.cut_list.map { |row| [row.count, row.cut_mm] })
      told = JSON.parse(JSON.generate(answer(plan)))["cut_list"]
      rows = CSV.parse(Meander.csv(plan), headers: true)
      words = Meander.words(plan).lines.grep(/\Acut /)

      assert_equal listed, cuts(told.map { |row| [row["count"], row["cut_mm"]] }), said
      assert_equal listed, cuts(rows.map { |row| [row["count"].to_i, row["cut_mm"].to_i] }), said
      assert_equal listed,
        cuts(words.map { |line| [(line[/\Acut (\d+) times/, 1] || 1).to_i, line[/(\d+) mm of/, 1].to_i] }), said
    end
  end

  # What the command line tells of wire is what is cut, part by part; its steps name what the piece has.
  def test_a_plan_as_the_command_line_tells_it
    each_told do |plan, said|
      json = JSON.parse(JSON.generate(Meander::Output::PlanJson.call(plan)))

      assert_equal cuts(plan.cut_list.map { |row| [row.count, row.cut_mm] }),
        cuts(json["cuts"].map { |cut| cut.values_at("count", "cut_mm") }), said
      json["cuts"].each do |cut|
        assert_in_delta cut["total_mm"], cut["parts"].sum { |part| part["mm"] }, 1e-9, said
        assert_equal cut["cut_mm"], (cut["total_mm"] - Meander::Tolerance::PACKING_MM).ceil, "#{said}: #{cut}"
      end
      assert_in_delta worked_mm(plan), json["working"].sum { |wire| wire["total_mm"] }, 1e-6, said
      json["working"].each do |wire|
        assert_in_delta wire["total_mm"],
          wire.values_at(*%w[path_mm led_mm slack_mm tails_mm reserve_mm waste_mm margin_mm]).sum, 1e-9, said
      end
      known = [plan.piece.wires.map(&:id), plan.piece.document[:sections].map { |section| section[:id] }]
      json["steps"].each do |step|
        [step["wires"], step["sections"]].zip(known) { |told, all| assert_empty told - all, "#{said}: #{step}" }
      end

      assert_in_delta plan.mass_g, json["mass_g"], 1e-12
    end
  end

  # Of all weaving wire, each length with all it is cut for; what is kept for later is kept once.
  def worked_mm(plan)
    joined = plan.sections.grep(Meander::Crafts::Joining).select(&:comes_on?)
    joined.sum { |one| one.wire_uses.sum(&:total_mm) } + plan.separate_lengths.sum(&:total_mm) +
      plan.sections.select(&:strip).sum { |section|
        (section.copies * (section.strip.account.total_mm - section.strip.account.reserve_mm)) +
          section.strip.account.reserve_mm
      }
  end

  # Every length to cut stands in one step, the first that needs it.
  def test_the_order_of_work_cuts_it_all
    each_told do |plan, said|
      told = order(plan).flat_map { |step| cut_in(step.words) }

      assert_equal cuts(plan.cut_list.map { |row| [row.count, row.cut_mm] }), told.sort, said
    end
  end

  # The lengths a step says to cut: base wires after "cut", each for so many, others before "of", so many of them.
  def cut_in(words)
    base = words[/\bcut (.+?)\. (?:Straighten|Or leave|Tape)/, 1].to_s
      .split(/(?: and |, )(?=\d+ mm)|\. (?:For .*? )?[Ff]rom .*? cut /)
    own = words.scan(/(?:Cut|and|from) (?:(\d+) lengths of )?(\d+) mm of (?=\d|wire)/).flat_map do |count, mm|
      [mm.to_i] * (count || 1).to_i
    end
    own + base.flat_map { |part| [part.to_i] * wires(part) }
  end

  # Of how many wires a length is told: "172 mm each for both wires", "119 mm for wire 1".
  def wires(part)
    return 1 unless part.include?(" each ")

    named = part.scan("of legs").size
    return named if named.positive?

    part.end_with?("both wires") ? 2 : part[/for (?:wires|cords) (.*)/, 1].scan(/\d+/).size
  end

  # Every working length is one the plan cuts, of all wires of a weave; what is kept for later and all strands are in
  # it.
  def test_working_lengths_are_all_cut
    two = put_together(
      [woven("s1", %w[w1 w2], {kind: "arc", radius: 30.0, towards: "far"}, weaving: %w[w8 w9], strands: 2,
        extent: {"kind" => "repeats", "count" => 90})],
      wires: [base("w1"), base("w2"), weaving("w8"), weaving("w9")]
    )
    plan = plan(two)
    cut = plan.cut_list.select { |row| row.kind == "weaving" }

    assert_equal %w[w8 w9], cut.flat_map(&:ids).uniq.sort
    assert_in_delta plan.sections.find(&:strip).strip.account.total_mm, cut.sum { |row| row.count * row.cut_mm },
      cut.sum(&:count)
    assert_equal "joins", advice(plan, "joins").id
    long = put_together([woven("s1", %w[w1 w2], extent: {"kind" => "repeats", "count" => 200})],
      wires: [base("w1"), base("w2"), weaving])
    long["allowances"]["working_length"] = size("9 m")

    assert_equal "/allowances/working_length", advice(plan(long), "working-length-long").place
    twice = put_together([long["sections"][0], woven("s2", %w[w3 w4])],
      wires: [*%w[w1 w2 w3 w4].map { |id| base(id) }, weaving]).merge("allowances" => long["allowances"])

    assert_equal "/sections/0", advice(plan(twice), "working-length-long").place
  end

  # A toggle's bar is wire, too.
  def test_made_findings_are_cut
    plan = plan(demo_bands.find { |json| json["name"] == "Marram bracelet" })

    assert_equal [22, 68], plan.cut_list.select { |row| row.kind == "finding" }.map(&:cut_mm).sort
  end

  # Where a length is used up another is joined on before it weaves; each half is secured, and all of it before it is
  # bent.
  def test_joins_come_before_what_they_weave
    each_told do |plan, said|
      kinds = answer(plan)[:order].map { |step| [step[:section], step[:kind]] }
      woven = plan.sections.select(&:strip).map(&:id)
      kinds.each_cons(2) do |(_, before), (section, kind)|
        if kind == "weave" && woven.include?(section) && !%w[anchor lead bead turn].include?(before)
          assert_equal "join", before, said
        end
      end
      kinds.map(&:first).uniq.each do |section|
        own = kinds.select { |id, _| id == section }.map(&:last)

        if own.include?("weave") && plan.piece.routes.visits.none? { |visit| plan.piece.routes.away?(visit) }
          assert_operator own.rindex("secure") || 0, :<, own.index("bend") || own.size, said
        end
      end
    end
  end
end
