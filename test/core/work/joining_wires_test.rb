# frozen_string_literal: true

require_relative "../../test_helper"
require_relative "../../support/travelling"
require_relative "../../support/braids"
require_relative "../../support/knots"

# Wires that join a strip part-way and leave it again: two woven, two more beside them, the first two alone once more,
# all with one weaving wire.
class JoiningWiresTest < PieceTest
  include Travelling
  include Knots
  include Braids

  FOUR = {"kind" => "walk", "gaps" => [0, 2, 1, 3, 2, 4, 2, 3, 1, 2], "before" => [], "after" => []}.freeze

  def joined
    json = travelling({"s1" => FIRST, "s2" => on("s1", bare: 0.0), "s3" => on("s2", bare: 0.0)},
      [[["s1", 1], ["s2", 2], ["s3", 1]], [["s1", 2], ["s2", 3], ["s3", 2]], [["s2", 1]], [["s2", 4]]],
      woven_by: [%w[s1 s2 s3]])
    json["sections"].each { |one| one["extent"] = {"kind" => "length", "length" => size("20 mm")} }
    json["sections"][1]["pattern"] = FOUR
    plan(json)
  end

  def test_only_what_is_new_is_laid_in
    told = order(joined).map { |step| plain(step.words) }
    laid_in = told.grep(/\AWeave \d/).map { |words| words[/Lay in [^.]*/] }

    assert_equal ["Lay in the far wire with wrap 4", "Lay in wire 4 with wrap 3", nil],
      laid_in.map { |words| words&.delete_suffix(", counted from the first") }
    assert_equal ["both wires", "wires 1 and 4"], told.grep(/\AFor section/).map { |words| words[/ for ([^.]*)\./, 1] }
    assert_match(/, 40.7 mm \(end of weave in section 1, start of weave in section 2\), 51 mm \(middle in section 2\),/,
      told.grep(/\AMeasured/).first)
  end

  # Cords that join a knotted panel and leave it again: only they are hung in, and finished where they end.
  def test_cords_that_join
    panel = ->(id, rows, cords, at) {
      knotted(rows, cords:, count: 3)["sections"][0].merge("id" => id, "at" => at)
    }
    json = knotted("s4")
    json["sections"] = [panel.call("s1", "s4", 4, FIRST), panel.call("s2", "s6", 6, on("s1", bare: 0.0)),
      panel.call("s3", "s4", 4, on("s2", bare: 0.0))]
    stops = (1..4).map { |i| [["s1", i], ["s2", i + 1], ["s3", i]] } << [["s2", 1]] << [["s2", 6]]
    json["wires"] = stops.each_with_index.map do |route, i|
      {"id" => "w#{i}", "kind" => "k1", "route" => route.map { |section, seat| visit(section, seat) }}
    end
    told = order(plan(json)).map { |step| plain(step.words) }

    assert_equal ["In section 1 fasten 4 cords side by side", "In section 2 hang cords 1 and 6 in beside those that " \
                                                              "are there"],
      told.grep(/from one to the next, so that they hang/).map { |words| words[/\A[^,]*/] }
    assert_match(/here cord 1 is cord 2, cord 2 is cord 3,/, told.grep(/\AGo on to section 2/).first)
    assert_equal ["cords 1, 2, 3 and 4, where it begins", "cords 1 and 6, where it begins and where it ends",
      "cords 1, 2, 3 and 4, where it ends"], told.grep(/Leave a tail/).map { |words| words[/\((.*?)\)/, 1] }
  end

  # Strands that join a braid are laid in where it goes on; one on wires of its own is clamped as any other.
  def test_strands_that_join
    strands = ->(own) {
      json = braided(strands: 3, stitches: 12)
      three, five = json["sections"].first, braided(strands: 5, stitches: 12)["sections"].first
      json["sections"] = [three, five.merge("id" => "s2", "at" => on("s1", bare: 4.0))]
      stops = own ? [] : (1..3).map { |i| [["s1", i], ["s2", i + 1]] }
      stops = (1..3).map { |i| [["s1", i]] } + (2..4).map { |i| [["s2", i]] } if own
      json["wires"] = [*stops, [["s2", 1]], [["s2", 5]]].each_with_index.map do |route, i|
        {"id" => "w#{i}", "kind" => json["kinds"][0]["id"], "route" => route.map { |id, seat| visit(id, seat) }}
      end
      plain(order(plan(json)).reverse.find { |step| step.kind == "anchor" }.words)
    }

    assert_match(/as they leave it; lay strands 1 and 5 in beside them/, strands.call(false))
    assert_match(/lay the 5 strands side by side in their order and clamp/i, strands.call(true))
  end

  # Each wire lies straight through; what joins lies beside it, a wire apart; one path is woven.
  def test_they_lie_side_by_side
    plan = joined
    across = plan.sections.map do |section|
      section.base.each_index.to_h do |number|
        trace = section.trace(number).map { |place| plan.pose(section).at(place).first.round(6) }
        [section.base[number].id, trace.minmax]
      end
    end

    %w[w0 w1].each { |id| assert_equal 1, across.filter_map { |lying| lying[id] }.flatten.uniq.size, id }
    assert_equal %w[w2 w0 w1 w3], across[1].sort_by { |_, (x, _)| x }.map(&:first)
    assert_equal(1, plan.cut_list.count { |row| row.words.include?("0.3") })
  end
end
