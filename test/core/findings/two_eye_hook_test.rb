# frozen_string_literal: true

require_relative "../../test_helper"
require_relative "../../support/sections"

# A hook with two eyes is spread to the loops it hangs in: told, drawn and cut as far apart as those stand.
class TwoEyeHookTest < PieceTest
  include Sections

  # Two wires so far apart, each with an eye at its end, and a hook in both.
  def hung(clear)
    eyes = %w[w1 w2].each_with_index.map do |wire, i|
      {"id" => "e#{i + 1}", "side" => "end", "kind" => "eye", "wires" => [wire],
        "inside" => size("2.5 mm")}
    end
    section = woven("s1", %w[w1 w2], spacing: {"kind" => "apart", "clear" => [size(clear)]})
    json = put_together([section], wires: [base("w1"), base("w2"), weaving], endings: eyes)
    lifted = JSON.parse(JSON.generate(Meander.read(json).piece.to_h))
    {**lifted, "findings" => [{"id" => "f1", "kind" => "two_eye_hook", "on" => %w[e1 e2], "inside" => size("4 mm"),
      "shank" => size("9 mm"), "eye" => size("2.5 mm"), "wire" => size("1 mm"), "metal" => "copper"}]}
  end

  def drawn(plan) = plan.finished.last.first.groups.find { |group| group.wire == "f1" }.points.flatten(1)

  def test_its_eyes_stand_where_its_loops_do
    ["4 mm", "8 mm", "14 mm"].each do |clear|
      made = plan(hung(clear))
      loops = %w[e1 e2].map { |id| made.hangs_at(id) }
      apart = Math.hypot(*loops.transpose.first(2).map { |a, b| b - a })
      hook, points = made.findings.first, drawn(made)
      # Up to the middle of its eyes there is nothing else; each is 1.75 mm to its middle line.
      eyes = points.select { |point| point[1] < loops[0][1] + 1.25 }.map(&:first).minmax

      assert_in_delta [apart, 1 + (2 * 1.75)].max + 3.5, eyes[1] - eyes[0], 0.05, clear
      assert_in_delta loops.sum(&:first) / 2, eyes.sum / 2, 0.05, clear
      run = Meander::Form::Trace.polyline_mm(hook.way.sample.map { |place| place.first(2) })

      assert_in_epsilon hook.wire_mm, run, 0.002, clear
      assert_equal hook.wire_mm.ceil, made.cut_list.find { |row| row.kind == "finding" }.cut_mm
    end
    spread, close = [plan(hung("14 mm")), plan(hung("3 mm"))].map { |made| made.findings.first.wire_mm }

    assert_operator spread, :>, close + 3
  end
end
