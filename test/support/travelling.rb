# frozen_string_literal: true

require_relative "sections"

# Pieces whose wires travel through sections, to test with.
module Travelling
  include Sections

  def visit(section, number, back: false)
    {"kind" => "visit", "section" => section, "seat" => "base #{number}", "back" => back}
  end

  # A piece of woven strips of two wires, at so: { id => where it stands }; routes of its base wires: [[section, seat,
  # back], ...] each; woven_by: ids of the sections that each working wire weaves, one each where that is left out.
  def travelling(places, routes, forms: {}, woven_by: nil)
    sections = places.map { |id, at| woven(id, [], forms.fetch(id, {kind: "straight"}), at:) }
    sections.each { |one| %w[base weaving cut_away strands turns].each { |key| one.delete(key) } }
    sections.each { |one| one["bare"] = {"length" => size("0 mm")} }
    working = (woven_by || places.keys.zip).each_with_index.map do |ids, i|
      {"id" => "v#{i}", "kind" => "k2",
        "route" => ids.map { |id| {"kind" => "visit", "section" => id, "seat" => "weaving 1"} }}
    end
    bases = routes.each_with_index.map do |stops, i|
      {"id" => "w#{i}", "kind" => "k1", "route" => stops.map { |section, seat, back|
        visit(section, seat, back: back || false)
      }}
    end
    copper = ->(id, use, mm) {
      {"id" => id, "use" => use, "size" => size(mm), "metal" => "copper", "temper" => "soft"}
    }
    {"format" => "meander-piece", "version" => 2, "name" => "Travelling", "notes" => "", "kind" => "component",
      "worn" => nil, "kinds" => [copper.call("k1", "base", "0.8 mm"), copper.call("k2", "working", "0.3 mm")],
      "wires" => [*bases, *working], "sections" => sections, "endings" => [], "beads" => [], "pins" => [],
      "allowances" => JSON.parse(JSON.generate(Meander::Document::StartingPiece::ALLOWANCES))}
  end

  # Two strips, one after the other, woven with so many wires; the base wires are one, folded beyond the second.
  def folded_strips(woven_by: [%w[s1 s2]])
    json = travelling({"s1" => FIRST, "s2" => on("s1")},
      [[["s1", 1], ["s2", 1], ["s2", 2, true], ["s1", 2, true]]], woven_by:)
    json["sections"].each { |one| one["extent"] = {"kind" => "length", "length" => size("20 mm")} }
    json["wires"][0]["route"].insert(2, {"kind" => "fold", "id" => "f1"})
    json
  end

  # A strip, a second after its end, so many before its beginning; one wire weaves all, begun in the first.
  # middle: that is woven from its middle outwards; joined: by one wire.
  def both_ways(middle:, joined: true, back: 1, **allowances)
    before = (0...back).map { |i| "s#{i + 3}" }
    places = {"s1" => FIRST, "s2" => on("s1", bare: 6.0)}
    before.each_with_index { |id, i|
      places[id] = on(i.zero? ? "s1" : before[i - 1], bare: 4.0, from: i.zero? ? "start" : "end")
    }
    routes = (1..2).map { |seat| [*before.reverse.map { |id| [id, seat, true] }, ["s1", seat], ["s2", seat]] }
    one = [*before.reverse, "s1", "s2"]
    json = travelling(places, routes, woven_by: joined ? [one] : one.zip)
    json["sections"].each { |section| section["extent"]["count"] = 6 }
    json["sections"][0]["from"] = "middle" if middle
    json["allowances"].merge!(allowances.to_h { |key, mm| [key.to_s, size("#{mm} mm")] })
    joined ? begun(json, before.size) : json
  end

  def begun(json, back)
    wire = json["wires"].last
    wire["route"].first(back).each { |stop| stop["back"] = true }
    wire["begun"] = {"stop" => back + 1}
    json
  end

  def on(section, bare: 8.0, turn: 0, from: "end")
    {"kind" => "after", "section" => section, "from" => from, "bare" => size("#{bare} mm"), "turn" => turn}
  end

  FIRST = {"kind" => "first", "turn" => 0}.freeze
  GATHERED = {"kind" => "gathered", "ends" => %w[s2 s3].map { |id| {"section" => id, "side" => "end"} }}.freeze

  def gathered(bare: 12.0, turn: 0) = {**GATHERED, "bare" => size("#{bare} mm"), "turn" => turn}
end
