# frozen_string_literal: true

# What braids take:  bundle exec ruby bench/braids.rb
require_relative "measure"

def mm(length) = {"typed" => "#{length} mm"}

# A braid of so many strands and stitches, its pitch to be changed.
def braid(strands, stitches, pitch, scheme = {"kind" => "flat"})
  section = {"id" => "s1", "craft" => "braid", "form" => {"kind" => "straight"},
    "at" => {"kind" => "first", "turn" => 0}, "extent" => {"kind" => "repeats", "count" => stitches},
    "scheme" => scheme, "pitch" => mm(pitch.round(2)),
    "strands" => Array.new(strands) { {"wires" => 1} }, "bare" => {"length" => mm(3)}}
  wires = (1..strands).map do |i|
    {"id" => "w#{i}", "kind" => "k1", "route" => [{"kind" => "visit", "section" => "s1", "seat" => "base #{i}"}]}
  end
  {**start("component"), "endings" => [], "sections" => [section], "wires" => wires,
   "kinds" => [{**start("component")["kinds"].first, "size" => mm(0.5)}]}
end

planned = ->(json) {
  Meander::Document::PieceReader.call(json).then { |result| Meander::Planner::PlanPiece.call(result.piece) }
}
# The length of every wire is found, as its cut list is asked for.
cut = ->(json) { planned.call(json).tap(&:cut_list) }
[[3, 500, 1.8], [7, 167, 2.9], [9, 125, 3.4]].each do |strands, stitches, pitch|
  cut.call(braid(strands, stitches, pitch))
  documents = Array.new(30) { |i| braid(strands, stitches, pitch + ((strands == 9) ? 0 : i / 100.0)) }
  name = "#{strands} strands, #{stitches * (strands - 1)} crossings"
  plans = []
  Measure.report("#{name}, planned and cut", Measure.times(20) { plans << cut.call(documents.shift) }, "30 ms")
  Measure.report("  drawn", Measure.times(10) { plans.shift.finished.first.first.json }, "200 ms")
end
first = Measure.times(1) do
  scheme = Meander::Braid::Scheme.flat(9)
  Meander::Braid::RelaxedFigure.new(scheme, 13.0)
end
Measure.report("9 strands relaxed, the first time", first, "once, then kept")
