# frozen_string_literal: true

# What crocheted fabrics take:  bundle exec ruby bench/crochet.rb
require_relative "measure"

def mm(length) = {"typed" => "#{length} mm"}

# A crocheted section of a fabric, its hook to be changed.
def crochet(fabric, count, hook)
  section = {"id" => "s1", "craft" => "crochet", "form" => {"kind" => "straight"},
    "at" => {"kind" => "first", "turn" => 0}, "extent" => {"kind" => "repeats", "count" => count}, "fabric" => fabric,
    "hook" => mm(hook.round(3)), "bare" => {"length" => mm(0)}}
  wires = [{"id" => "w1", "kind" => "k1", "route" => [{"kind" => "visit", "section" => "s1", "seat" => "base 1"}]}]
  {**start("component"), "endings" => [], "sections" => [section], "wires" => wires,
   "kinds" => [{**start("component")["kinds"].first, "size" => mm(0.3)}]}
end

planned = ->(json) {
  Meander::Document::PieceReader.call(json).then { |result| Meander::Planner::PlanPiece.call(result.piece) }
}
# The length of every wire is found, as its cut list is asked for.
cut = ->(json) { planned.call(json).tap(&:cut_list) }
across = ->(count) { {"kind" => "count", "count" => count} }
band = ->(stitch) { {"kind" => "band", "stitch" => stitch, "lying" => "across", "across" => across[50]} }
tube = {"kind" => "tube", "stitch" => "single", "rounds" => "spiral", "across" => across[10]}
[["band of 50 by 100", band["single"], 100], ["band of doubles, 50 by 100", band["double"], 100],
  ["tube of 10 by 500", tube, 500],
  ["disc of 38 rounds", {"kind" => "disc", "stitch" => "single", "rounds" => "spiral"}, 38]]
  .each do |name, fabric, count|
  plans, hook = [], 2.4
  cut.call(crochet(fabric, count, hook))
  took = Measure.times(15) { plans << cut.call(crochet(fabric, count, hook += 0.01)) }
  Measure.report("#{name}, planned and cut", took, "50 ms")
  puts "  #{plans.first.sections.first.stitches} stitches"
  Measure.report("  drawn", Measure.times(6) { plans.shift.finished.first.first.json }, "200 ms")
end
