# frozen_string_literal: true

require "json"
require "zlib"
require_relative "../core/meander"

$stdout.sync = true

# Times in ms, p50 and p95 of repeated runs.
module Measure
  def self.now = Process.clock_gettime(Process::CLOCK_MONOTONIC) * 1000

  def self.times(runs)
    Array.new(runs) do
      start = now
      yield
      now - start
    end
  end

  def self.p(values, share) = values.sort[((values.size - 1) * share).round]

  # A fixed piece of work of this run, in ms: as machines differ, every figure is also told as so many of it.
  def self.reference
    @reference ||= begin
      work = -> { (1..40_000).map { |i| Math.sin(i) * Math.sqrt(i) }.sort.each_slice(7).sum { |some| some.sum.abs } }
      5.times { work.call }
      p(times(30) { work.call }, 0.5).tap do |ms|
        puts format("the reference: 40,000 sines and roots, sorted and summed: %.1f ms", ms)
      end
    end
  end

  def self.report(name, values, aim)
    ratio = p(values, 0.5) / reference
    puts format("%-44s p50 %8.1f   p95 %8.1f   %7.2f of the reference   aim %s", name, p(values, 0.5), p(values, 0.95),
      ratio, aim)
  end
end

def start(kind) = JSON.parse(JSON.generate(Meander::Document::StartingPiece.call(kind)))

# A piece with so many repeats pinned.
def piece(kind, repeats)
  json = start(kind).merge("pins" => [])
  json["sections"][0]["extent"] = {"kind" => "repeats", "count" => repeats}
  json
end

def plan(json)
  result = Meander::Document::PieceReader.call(json)
  Meander::Output::Answer.call(Meander::Planner::PlanPiece.call(result.piece, questions: result.questions))
end

# Diamonds over 25 base wires, two wraps at each width: 96 passes a repeat; a cuff with about so many passes.
def wide_piece(passes)
  json = piece("cuff", passes / 96)
  widths = (0..12).to_a + (1..11).to_a.reverse
  gaps = widths.flat_map { |k| [12 - k, 13 + k] * 2 }
  first, weaving = json["wires"].values_at(0, 2)
  base = (1..25).map do |i|
    first.merge("id" => "b#{i}", "route" => [{"kind" => "visit", "section" => "s1", "seat" => "base #{i}"}],
      "ends" => %w[start end].zip(%w[e1 e2]).to_h { |side, id| [side, {"ending" => id, "place" => i}] })
  end
  json["wires"] = base + [weaving]
  json["sections"][0]["pattern"] =
    {"kind" => "walk", "gaps" => gaps, "before" => [], "after" => [{"gaps" => [12, 13], "times" => 3}]}
  json["name"] = "#{passes} passes"
  json
end

# Twelve sections on eight base wires, about 3,000 passes: arcs, and drops among them; one of them changed.
def twelve(changed = nil, by = 0)
  size = ->(mm) { {"typed" => "#{mm} mm"} }
  model = start("earring")
  sections = Array.new(12) do |i|
    at = (i < 4) ? {"kind" => "first", "turn" => i * 90} :
      {"kind" => "after", "section" => "s#{i - 3}", "bare" => size.call(6), "turn" => 30}
    more = (changed == i) ? by / 1000.0 : 0
    bent = if i.between?(4, 7)
      {"form" => {"kind" => "drop", "length" => size.call(24 + more), "width" => size.call(10), "open" => size.call(2)}}
    else
      {"form" => {"kind" => "arc", "radius" => size.call(30 + more), "towards" => "far"},
        "extent" => {"kind" => "repeats", "count" => 20},
       "pattern" => {"kind" => "coils", "single" => 3, "both" => 3, "anchor" => 0, "closing" => 3}}
    end
    model["sections"][0].merge("id" => "s#{i + 1}", "at" => at, **bent)
  end
  visit = ->(section, seat) { {"kind" => "visit", "section" => section["id"], "seat" => seat} }
  base = (0..7).map do |i|
    {"id" => "w#{i + 1}", "kind" => "k1",
      "route" => sections.values_at(i / 2, (i / 2) + 4, (i / 2) + 8)
        .map { |one| visit.call(one, "base #{(i % 2) + 1}") }}
  end
  working = sections.map { |one| {"id" => "y#{one["id"]}", "kind" => "k2", "route" => [visit.call(one, "weaving 1")]} }
  model.merge("kind" => "component", "worn" => nil, "pair" => false, "wires" => base + working, "sections" => sections,
    "endings" => [], "name" => "Twelve")
end
