# frozen_string_literal: true

# What the core alone takes:  bundle exec ruby bench/core.rb
require_relative "measure"

# Repeats placed for the first time, each in wires of its own, and found again; a frame laid pass by pass, never seen
# before.
def eights(a_side) = ([1, 2] * a_side) + ([1, 0] * a_side)

def placed(gaps, gap)
  Meander::Weave::Repeat.new(Meander::Weave::Frame.new(base_mm: [1.0, 1.0], wire_mm: 0.4, clear_mm: [gap]),
    Meander::Weave::Walk.new(gaps), lean: 0.3)
end

def course(width)
  walk = Meander::Weave::Walk.new(eights(4))
  profile = Meander::Weave::Profile.new(Array.new(41) { |i| [i * 1.5, 0.4 + (width * Math.sin(Math::PI * i / 40))] })
  Meander::Weave::Course
    .of({base_mm: [1.0, 1.0], wire_mm: 0.4, strands: 1}, profile, before: [], walk:, after: [], lean: 0.3).strip(31)
end
5.times { |i| placed(eights(8), 0.39 - (i / 1000.0)) }
{8 => "60 ms", 25 => "150 ms"}.each do |a_side, aim|
  gap = 0.4
  Measure.report("a repeat of #{4 * a_side} passes placed for the first time",
    Measure.times(20) { placed(eights(a_side), gap += 0.001) }, aim)
  Measure.report("  found again", Measure.times(20) { placed(eights(a_side), gap) }, "2 ms")
end
Measure.report("a frame of 496 passes for the first time",
  (1..8).flat_map { |i| Measure.times(1) { course(6.0 + (i / 100.0)) } }, "60 ms")

[["cuff", 60, "5 ms"], ["cuff", 600, "10 ms"], ["bracelet", 60, "5 ms"]].each do |kind, repeats, aim|
  json = piece(kind, repeats)
  20.times { plan(json) }
  Measure.report("plan of a #{kind}, #{repeats} repeats, in the core", Measure.times(100) { plan(json) }, aim)
end

[1000, 5000, 25_000].each do |passes|
  json = wide_piece(passes)
  result = Meander::Document::PieceReader.call(json)
  once = -> { Meander::Planner::PlanPiece.call(result.piece) }
  10.times { once.call }
  Measure.report("plan over 25 wires, #{passes} passes", Measure.times(40) { once.call },
    (passes == 5000) ? "20 ms" : "linear at most")
  picture = once.call.strip_picture.json
  puts format("%-44s %8.1f kB, %.1f kB as it travels  aim 300 kB", "  its picture", picture.bytesize / 1000.0,
    Zlib.gzip(picture).bytesize / 1000.0)
end

# A document of the first version, lifted as it is read.
first = JSON.parse(File.read(File.join(__dir__, "../test/support/first_version.json")))
%w[cuff pendant].each do |kind|
  Measure.report("a #{kind} of the first version read",
    Measure.times(100) { Meander::Document::PieceReader.call(first[kind]) }, "2 ms")
end

kept = Meander::Kept.new(40)
replan = ->(
  json) {
  Meander::Document::PieceReader.call(json).then { |result|
    Meander::Planner::PlanPiece.call(result.piece, questions: result.questions, kept:)
       .tap { |plan| Meander::Output::Answer.call(plan) }
  }
}
puts format("%-44s %8d passes", "twelve sections on eight base wires", replan.call(twelve).sections.sum(&:wraps) * 2)
{"a strip" => 2, "a frame" => 5}.each do |name, index|
  5.times { |i| replan.call(twelve(index, i)) }
  documents = Array.new(40) { |i| twelve(index, 10 + i) }
  Measure.report("twelve sections, #{name} changed, planned again", Measure.times(40) { replan.call(documents.shift) },
    "20 ms")
end
