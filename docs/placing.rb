# frozen_string_literal: true

# Draws docs/placing.svg: a figure-eight with two coils a side at a gap of two wires, its stations across the strip and
# as they lie along it.
require_relative "../core/meander"

D = 10.0
BASE = 25.0
frame = Meander::Weave::Frame.new(base_mm: [BASE, BASE], wire_mm: D, clear_mm: [2 * D])
repeat = Meander::Weave::Repeat.new(frame, Meander::Weave::Walk.new([1, 2, 1, 2, 1, 0, 1, 0]), lean: 0.3)
stations = repeat.passes.each_with_index.flat_map do |pass, i|
  pass.stations.points.each_with_index.map { |(x, z, _), k| [x, z, repeat.heights[i][k]] }
end
at = ->(x, y, right: 0) { format("%.1f,%.1f", x + right + 40, 75 - y) }
circle = ->((x, y), radius, style,
  right: 0) {
  at.call(x, y, right:).split(",")
    .then { |cx, cy| %(<circle cx="#{cx}" cy="#{cy}" r="#{radius}" style="#{style}"/>) }
}

touched = stations.min_by { |x, z, _| [z.abs.round(6), (x - (frame.centres.sum / 2)).abs] }
across = frame.centres.map { |x| circle.call([x, 0], BASE / 2, "fill:#c9b79a") }
across += stations.map { |x, z, _| circle.call([x, z], 1.1, "fill:#7a2e1d") }
across << circle.call(touched, D, "fill:none;stroke:#1d5a6b;stroke-dasharray:2 2")
across << circle.call(touched, 2, "fill:#1d5a6b")
along = frame.centres.map do |x|
  at.call(x - (BASE / 2), 60, right: 130).split(",").then do |left, top|
    %(<rect x="#{left}" y="#{top}" width="#{BASE}" height="120" style="fill:#c9b79a"/>)
  end
end
[-1, 0, 1].each do |copy|
  repeat.passes.each_with_index do |pass, i|
    points = pass.stations.points.each_with_index.map do |(x, _, _), k|
      at.call(x, repeat.heights[i][k] + (copy * repeat.advance_mm) - 25, right: 130)
    end
    stroke = pass.face.positive? ? "#7a2e1d" : "#c98d7c"
    style = "fill:none;stroke:#{stroke};stroke-width:2;stroke-linecap:round"
    along << %(<polyline points="#{points.join(" ")}" style="#{style}"/>)
  end
end
words = [["across the strip: stations", 0], ["along it: front dark, back light", 130]].map do |text, right|
  %(<text x="#{right + 12}" y="148" style="font:7px sans-serif;fill:#333">#{text}</text>)
end
File.write(File.join(__dir__, "placing.svg"), <<~SVG)
  <svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 270 155" role="img">
  <title>Stations of a figure-eight, and the heights they come to lie at</title>
  #{[*across, *along, *words].join("\n")}
  </svg>
SVG
