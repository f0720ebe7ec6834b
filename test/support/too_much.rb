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
  def many_sections = in_a_row(12, 2000)

  # So many strips over gaps that change, none like another: every pass of them is laid by itself.
  def many_changing(count, repeats)
    in_a_row(count, repeats) do |i|
      stations = [["0 mm", "0.4 mm"], ["60 mm", "#{(3 + (i * 0.1)).round(1)} mm"]].map do |at, clear|
        {"at" => size(at), "clear" => size(clear)}
      end
      {"spacing" => {"kind" => "changing", "ends" => "free", "stations" => stations},
       "pattern" => {"kind" => "walk", "gaps" => [0, 1, 0, 1, 2, 1, 2, 1], "before" => [], "after" => []}}
    end
  end

  def in_a_row(count, repeats)
    cuff = started("cuff")
    one = cuff["sections"][0].merge("extent" => {"kind" => "repeats", "count" => repeats},
      "bare" => {"length" => size("5 mm")})
    sections = Array.new(count) do |i|
      at = i.zero? ? one["at"] : {"kind" => "after", "section" => "s#{i}", "bare" => size("5 mm"), "turn" => 10}
      one.merge("id" => "s#{i + 1}", "at" => at, **(block_given? ? yield(i) : {}))
    end
    wires = Array.new(count) { |i| cuff["wires"].map { |wire| standing_in(wire, i) } }.flatten(1)
    started("component").merge("kinds" => cuff["kinds"], "sections" => sections, "wires" => wires)
  end

  def standing_in(wire, number)
    route = wire["route"].map { |stop| stop.merge("section" => "s#{number + 1}") }
    wire.merge("id" => "#{wire["id"]}-#{number}", "route" => route, "ends" => {"start" => nil, "end" => nil})
  end

  def started(kind) = JSON.parse(JSON.generate(Meander.start(kind)))
end
