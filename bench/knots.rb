# frozen_string_literal: true

# What knots take:  bundle exec ruby bench/knots.rb
require_relative "measure"

def mm(length) = {"typed" => "#{length} mm"}

# A knotted section of so many cords, its cord to be changed.
def knots(rows, cords, count, cord)
  section = {"id" => "s1", "craft" => "knot", "form" => {"kind" => "straight"},
    "at" => {"kind" => "first", "turn" => 0}, "extent" => {"kind" => "repeats", "count" => count},
    "rows" => Meander::Document::Plain.call(Meander::Knot::Notation.read(rows)), "bare" => {"length" => mm(0)}}
  wires = (1..cords).map do |i|
    {"id" => "w#{i}", "kind" => "k1", "route" => [{"kind" => "visit", "section" => "s1", "seat" => "base #{i}"}]}
  end
  kind = {**start("component")["kinds"].first, "size" => mm(cord.round(3)), "metal" => "waxed_cord"}
  JSON.parse(JSON.generate({**start("component"), "endings" => [], "sections" => [section], "wires" => wires,
    "kinds" => [kind]}))
end

planned = ->(json) {
  Meander::Document::PieceReader.call(json).then { |result| Meander::Planner::PlanPiece.call(result.piece) }
}
# The length of every cord is found, as its cut list is asked for.
cut = ->(json) { planned.call(json).tap(&:cut_list) }
squares = "#{"s4 " * 15}; -2 #{"s4 " * 14}"
[["60 cords by 200 rows of squares", squares, 60, 100], ["60 cords by 200 bars", "b60>; b60<", 60, 100],
  ["a strap of 1,000 squares", "s4", 4, 1000]].each do |name, rows, cords, count|
  plans, cord = [], 0.8
  cut.call(knots(rows, cords, count, cord))
  took = Measure.times(10) { plans << cut.call(knots(rows, cords, count, cord += 0.01)) }
  Measure.report("#{name}, planned and cut", took, "50 ms")
  puts "  #{plans.first.sections.first.placed.size} knots"
  Measure.report("  drawn", Measure.times(5) { plans.shift.finished.first.first.json }, "300 ms")
end
