# frozen_string_literal: true

require_relative "../../test_helper"
require_relative "../../support/sections"
require_relative "../../support/trays"

# The order of work: what is cut, strung, woven, joined, bent and ended, in the maker's order and with the figures of
# the plan.
class WorkTest < PieceTest
  include Sections
  include Trays

  KINDS = %w[cut mark bead anchor weave join turn secure bend end].freeze

  def band(kind, **changes) = plan(document(kind, **changes))
  def words(plan, kind) = order(plan).select { |step| step.kind == kind }.map(&:words)

  # Every length of the plan is cut where it is first needed, every wrap timed, no step comes before one it needs.
  def test_bands_of_every_kind
    {"cuff" => [/opening is then 42.5 mm/, "wrist of 170 mm"], "bracelet" => [/gently/, "wrist of 170 mm"],
      "ring" => [/ISO 54/, "side by side"]}.each do |kind, (round, worn)|
      plan = band(kind)
      steps = order(plan)
      sorted = steps.reject { |step| step.kind == "join" }.map { |step| KINDS.index(step.kind) }
      woven = steps.map(&:kind).select { |step| %w[weave join].include?(step) }

      assert_equal sorted.sort, sorted, kind
      assert_equal %w[weave] + (%w[join weave] * plan.band.strip.joins.size), woven,
        "a length is joined on before what it weaves"
      assert_in_delta answer(plan)[:work][:minutes], steps.sum(&:minutes), 1e-9
      plan.runs.each { |bar| assert_match(/\AFrom #{plain(bar.wire.words)} cut .*\b#{bar.cut_mm} mm/, steps[0].words) }
      lengths = plan.band.strip.account.lengths.map { |length| "Cut #{length.cut_mm.ceil} mm of 0." }

      assert(lengths.zip(words(plan, "anchor") + words(plan, "join")).all? { |cut, words| words.include?(cut) })
      assert_includes [*words(plan, "bend"), ""].first, worn
      assert_match round, words(plan, "bend").first
    end
  end

  # From the middle the work is turned over; two wires lie side by side or take turns; wires that only hold are cut
  # away.
  def test_what_is_not_always_done
    middle = band("cuff", "sections.0.from": "middle")
    second = document["wires"].last.merge("id" => "w4", "metal" => "brass")
    two = {"wires.3": second, "sections.0.weaving": %w[w3 w4], "sections.0.strands": 2}

    assert_match(/at the middle mark/, words(middle, "anchor").first)
    assert_equal 1, words(middle, "turn").size
    assert_includes words(band("cuff", **two), "weave").first, "both wires side by side"
    assert_includes words(band("cuff", **two, "sections.0.turns": "in_turn"), "weave").first, "the two wires in turn"
    assert_equal 1, words(band("ring"), "secure").size
    assert_equal ["Bend the strip over a bottle or a mandrel, from both ends inwards."],
      words(plan(document("cuff", pins: pins("repeats" => 2))), "bend")
    assert_empty words(band("ring"), "join")
    assert_includes words(band("cuff"), "join")[0], "and join on with repeat 28, on the 3 single coils of the near wire"
    assert_equal ["Weave repeats 28 to 55 in the same way."], words(band("cuff"), "weave").drop(1)
  end

  # A weave is said as a maker counts it: which wires come in with which wrap, how it is anchored and closed, and how
  # far it reaches by then, all read off the plan.
  def test_a_weave_is_said_in_full
    plan = band("cuff", "sections.0.pattern.anchor": 4)
    reached = plain(Meander::Units::Text.length(plan.band.strip.woven_mm))
    mark = plain(Meander::Units::Text.length(plan.runs.first.start_mark_mm(plan.sections.first, 0)))

    assert_includes words(plan, "anchor").first,
      "begin at the start mark of the near wire, #{mark} from its end: anchor it with 4 wraps round the near wire"
    assert_includes words(plan, "weave").first,
      "3 wraps round the near wire, then 3 round both wires. Lay in the far wire with wrap 8, counted from the first."
    assert_match(/\AClose with 3 wraps round the near wire, .* Check: it is #{reached} long\./,
      words(plan, "secure")[0])
    open = band("cuff", "sections.0.rise": {"kind" => "open", "pitch" => size("3 mm")})

    assert_includes words(open, "weave").first, "Leave it open: each repeat takes up 3 mm"
    walk = {"kind" => "walk", "gaps" => [2, 3, 2, 3, 1, 4, 0, 5], "before" => [], "after" => []}
    five = plan(demo_documents.find { |json| json["name"] == "Heron cuff" }.then do |json|
      JSON.parse(JSON.generate(json)).tap { |copy| copy["sections"][0]["pattern"] = walk }
    end)

    assert_includes words(five, "weave").first,
      "Lay in wire 2 with wrap 2, wires 1 and 4 with wrap 3 and wire 5 with wrap 4"
    assert_includes words(five, "secure").first, "Secure it with 3 wraps round one wire alone"
  end

  # Frames, arcs and passes are told so that nobody needs a picture: towards which wire, which lies over, where the
  # first pass begins, what becomes of wires that a loop only binds.
  def test_nothing_needs_a_picture
    demo = ->(name) { plan(demo_documents.find { |json| json["name"] == name }) }
    links, connector = demo.call("Sluice links"), demo.call("Reed connector")
    mark = plain(Meander::Units::Text.length(links.runs[1].start_mark_mm(links.sections.first, 1)))

    assert_match(/at every crossing the wire that comes from the right lies over/, words(links, "shape").first)
    assert_match(/begin at the start mark of the far wire, #{mark} from its end: .* over the far wire, down on the far/,
      words(links, "anchor").first)
    assert_equal ["towards the far wire", "towards the near wire"],
      words(connector, "bend").map { |told| told[/towards the \w+ wire/] }
    assert_match(/the end of wire 3 lies under the wraps/, words(demo.call("Heron hanging"), "end").first)
    assert_match(/in front and behind in turn by way of the gaps 0, 1, 2, 3, 2 and 1/,
      words(demo.call("Heron hanging"), "weave").first)
    assert_match(/3.8 turns, rising 5 mm a turn/, words(demo.call("Heron spirals"), "bend").first)
    braid = demo.call("Tide-line neckline")

    assert_includes words(braid, "weave").first, "from stitch 3 to 23, every stitch"
    assert_match(/on a curve of radius 72 mm, 102 mm straight across/, words(braid, "secure").first)
  end

  # Another walk before or after the repeats is said repeat by repeat, as often as it is made; wraps over the same wires
  # are counted together.
  def test_other_walks_are_said_repeat_by_repeat
    eight = ->(coils) { ([1, 2] * coils) + ([1, 0] * coils) }
    json = document("cuff", "sections.0.pattern": {"kind" => "walk", "gaps" => eight.call(3),
      "before" => [{"gaps" => [1, 0], "times" => 4}], "after" => [{"gaps" => eight.call(2), "times" => 6},
        {"gaps" => [1, 2], "times" => 3}]})
    closing = words(plan(json), "secure").first

    assert_includes words(plan(json), "anchor").first, "anchor it with 4 wraps round the near wire;"
    assert_includes closing, "Close with 6 repeats of a figure-eight, two a side (2 wraps round the far wire, then 2 " \
                             "round the near wire), then 3 wraps round the far wire, and draw the end through"
  end

  # Steps together make every pass once, in the order of work, and everything that has an end of its own.
  def test_what_steps_make_is_all_there_is
    demo_documents.each do |json|
      plan = plan(json)
      made = Meander::Work::Order.call(plan).flat_map(&:makes)

      plan.sections.select(&:strip).each do |section|
        passes = made.select { |one| one.of == "weave" && one.id == section.id }

        assert_equal (0...section.layout.passes(section.repeats)).to_a, passes.flat_map { |one|
          (one.from...one.to).to_a
        }
        assert(passes.all? { |one| one.along.all? { |mm| mm.between?(-1e-6, section.strip.woven_mm + 1e-6) } })
        assert_in_delta section.strip.woven_mm, passes.flat_map(&:along).then { |all| all.max - all.min }, 1e-6
      end
      drawn = plan.finished.flat_map { |picture, _, _| picture.groups.filter_map(&:of) }
      own = plan.piece.endings.map(&:id) + plan.piece.findings.map(&:id) + plan.beads.map(&:id)

      assert_empty drawn.map { |id| id.delete_suffix(" cover") } - own, json["name"]
      assert_empty plan.piece.findings.map(&:id) - made.map(&:id), json["name"]
    end
  end

  # Beads woven in are strung on the length that weaves them; endings and findings come last, told by their wires.
  def test_beads_and_endings
    rule = placed("woven", of: "repeat", every: 4, first: 1, on: "front")
    plan = plan(with_beads(document("bracelet"), rule))
    steps = order(plan)
    strung = steps.filter_map { |step| step.words[/string on, from first to last, (\d+) Bead k1/, 1] }.map(&:to_i)

    assert_equal 2, strung.size
    assert_equal plan.beads.first.count, strung.sum, "on each length those it weaves"
    assert_equal ["At the start, lead the near wire once round a rod of 5 mm and bind the neck it shares with the " \
                  "far wire with 3 wraps of its end.",
      "At the end, bend the near wire to a hook 4 mm inside on a shank of 9 mm, its tip turned outwards, and bind " \
      "its neck with 3 wraps of the far wire."],
      steps.select { |step| step.kind == "end" }.first(2).map(&:words)
    assert_equal answer(plan)[:order].last[:words], steps.last.words
    assert(steps.first.caution.start_with?("Wear eye protection"))
  end

  # Wires that go on to another section are told apart there by what they are called in it; folds and what covers them
  # come before what is woven over them.
  def test_sections_on_the_same_wires
    heart, kelp = ["Limpet heart", "Kelp earrings"].map do |name|
      plan(demo_documents.find { |json| json["name"] == name })
    end
    kinds = order(kelp).map(&:kind)

    assert_includes words(heart, "lead"), "Go on to section 3: 9 mm of bare wire after section 1, turned 116° to the " \
                                          "far side; here wire 3 is the near wire and wire 4 is the far wire."
    assert_equal %w[cut mark fold fold shape anchor weave], kinds.first(7)
    assert_match(/\ACut \d+ mm of 0.25 mm fine silver, wind it .* slide it on to the fold mark/, words(kelp, "fold")[0])
    assert_includes words(kelp, "end")[0], "roll the near end of the folded wire to a loop 2.2 mm inside"
  end

  # Every mark of the cut list is told, to the same digit, wire by wire where there are many; what is bent from mark to
  # mark is told where on the wire these are, as often as that wire has been bent before.
  def test_marks_are_those_of_the_cut_list
    demo_documents.each do |json|
      plan = plan(json)
      said = order(plan).select { |step| step.kind == "mark" }
      marked = plan.runs.reject { |run| run.marks.empty? }

      assert_equal marked.map { |run| run.wire.id }.sort, said.flat_map(&:wires).sort, json["name"]
      marked.each do |run|
        words = said.find { |step| step.wires.include?(run.wire.id) }.words
        told = run.marks.group_by { |mark| plain(Meander::Units::Text.length(mark.at_mm)) }
          .map { |mm, marks| "#{mm} (#{marks.map { |mark| within_its_section(mark, run, plan) }.uniq.join(", ")})" }

        assert_includes words, told.last, json["name"]
        assert_includes words, told[0..-2].join(", "), json["name"]
      end
    end
    flower = plan(demo_documents.find { |json| json["name"] == "Marram flower" })
    bent = words(flower, "shape").map { |one| one[/begins” at ([\d.]+) mm/, 1].to_f }

    assert_equal flower.runs[0].marks.select { |mark|
      mark.words == "bend begins"
    }.map { |mark| mark.at_mm.round(1) }, bent
    assert_equal 4, words(plan(demo_documents.find { |json| json["name"] == "Marram collar" }), "mark").size
  end

  # A mark of a wire that lies in several sections says in which.
  def within_its_section(mark, run, plan)
    return mark.words if mark.section.nil? || run.stops.map { |stop| stop.section.id }.uniq.one?

    "#{mark.words} in section #{plan.sections.index { |one| one.id == mark.section } + 1}"
  end

  # Whatever is cut is cut in one step, of the collection and of pieces at random: base wires, working wire, wires of
  # their own, what findings are made from.
  def test_every_length_is_cut_in_a_step
    each_built do |plan, name|
      cut = order(plan).flat_map(&:cuts).map { |one| one.mm.ceil }

      assert_equal plan.cut_list.flat_map { |row| [row.cut_mm.ceil] * row.count }.sort, cut.sort, name
    end
  end

  # Where nothing supports what a section takes a swatch comes before any of its wires are cut.
  def test_a_swatch_comes_before_the_cutting
    found = demo_documents.sum do |json|
      plan = plan(json)
      steps = order(plan)
      plan.sections.count do |section|
        at = steps.index { |step| step.section == section.id && step.words.include?("is assumed: before you cut it") }
        cut = steps.index { |step| step.kind == "cut" && step.section == section.id }

        assert_operator at, :<, cut, json["name"] if at && cut
        at
      end
    end

    assert_operator found, :>, 2
  end
end
