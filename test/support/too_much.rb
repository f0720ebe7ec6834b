# frozen_string_literal: true

# Documents that read and are too much to plan.
module TooMuch
  # A kilometre of weave.
  def stretched
    started("cuff").tap do |json|
      json["sections"][0].merge!("extent" => {"kind" => "repeats", "count" => 2000},
        "rise" => {"kind" => "open", "pitch" => size("500 mm")})
    end
  end

  # Twelve sections of 2,000 repeats each, every pass of them a line in the finished piece.
  def many_sections
    cuff = started("cuff")
    one = cuff["sections"][0].merge("extent" => {"kind" => "repeats", "count" => 2000},
      "bare" => {"length" => size("5 mm")})
    sections = Array.new(12) do |i|
      at = i.zero? ? one["at"] : {"kind" => "after", "section" => "s#{i}", "bare" => size("5 mm"), "turn" => 10}
      one.merge("id" => "s#{i + 1}", "at" => at)
    end
    wires = Array.new(12) { |i| cuff["wires"].map { |wire| standing_in(wire, i) } }.flatten(1)
    started("component").merge("kinds" => cuff["kinds"], "sections" => sections, "wires" => wires)
  end

  def standing_in(wire, number)
    route = wire["route"].map { |stop| stop.merge("section" => "s#{number + 1}") }
    wire.merge("id" => "#{wire["id"]}-#{number}", "route" => route, "ends" => {"start" => nil, "end" => nil})
  end

  def started(kind) = JSON.parse(JSON.generate(Meander.start(kind)))
end
