# frozen_string_literal: true

# What wires that travel take:  bundle exec ruby bench/travelling.rb
require_relative "measure"

IDS = (1..24).map { |i| "s#{i}" }.freeze
def mm(length) = {"typed" => "#{length} mm"}
def visit(id, seat) = {"kind" => "visit", "section" => id, "seat" => seat}

# Every other section bent; radius: of the thirteenth.
def form(number, radius)
  return {"kind" => "straight"} if number.odd?

  {"kind" => "arc", "radius" => mm((number == 12) ? radius : 40), "towards" => "far"}
end

def at(number)
  return {"kind" => "first", "turn" => 0} if number.zero?

  {"kind" => "after", "section" => IDS[number - 1], "bare" => mm(8), "turn" => [20, -20][number % 2]}
end

def section(number, radius)
  wide = (number < 10) ? 4 : 3
  gaps = [0, 2, 0, 2, 1, wide, 1, wide, 0, wide, 0, wide]
  {"id" => IDS[number], "craft" => "weave", "form" => form(number, radius), "at" => at(number),
    "extent" => {"kind" => "repeats", "count" => 35}, "spacing" => {"kind" => "tight"},
    "pattern" => {"kind" => "walk", "gaps" => gaps, "before" => [], "after" => []}, "rise" => {"kind" => "packed"},
    "from" => "end", "bare" => {"length" => mm(0)}}
end

# 24 sections in a row, 60 wires, about 5,000 wraps: two base wires through all of it, others in one section each.
def travelling(radius)
  bases = [1, 2].map { |seat| IDS.map { |id| visit(id, "base #{seat}") } } +
    IDS.map { |id| [visit(id, "base 3")] } + IDS.first(10).map { |id| [visit(id, "base 4")] }
  wires = bases.map { |route| {"kind" => "k1", "route" => route} } +
    IDS.map { |id| {"kind" => "k2", "route" => [visit(id, "weaving 1")]} }
  {**start("component"), "kinds" => start("earring")["kinds"], "endings" => [],
   "sections" => IDS.each_index.map { |i| section(i, radius) },
   "wires" => wires.each_with_index.map { |wire, i| {"id" => "w#{i + 1}", **wire} }}
end

kept = Meander::Kept.new(400)
planned = ->(json) {
  Meander::Document::PieceReader.call(json).then { |result| Meander::Planner::PlanPiece.call(result.piece, kept:) }
}
first = planned.call(travelling(30))
puts format("%-44s %8d wraps, %d wires", "24 sections in a row", first.wraps, first.piece.wires.size)
5.times { |i| planned.call(travelling(31 + i)) }
documents = Array.new(30) { |i| travelling(40 + (i / 10.0)) }
plans = []
Measure.report("24 sections, a radius changed, planned again",
  Measure.times(30) { plans << planned.call(documents.shift) }, "30 ms at p95")
Measure.report("  and told", Measure.times(30) { Meander::Output::Answer.call(plans.shift) }, "80 ms with the picture")

# Two arms that flow into each other on the middle line of a strip: four values found.
wreath = JSON.parse(File.read(File.join(__dir__, "../demo/pieces/eel-run-wreath.json")))
arms = Meander::Document::PieceReader.call(wreath).piece
laid = arms.sections.map { |section| Meander::Crafts::Registry.lay(section, Meander::Calibration.usual) }
fit = Meander::Planner::SolveFit.call(arms, laid, Meander::Planner::Ends.new(arms, laid))
Measure.report("ends that meet, four values found",
  Measure.times(30) { Meander::Planner::SolveMeetings.call(arms, laid, fit) }, "50 ms")
