# frozen_string_literal: true

# Measures what a maker waits for:  (source bin/options && bundle exec ruby bench/run.rb)
# Needs bin/setup --test to have run. Prints each figure with its aim.
require "json"
require "net/http"
require "tmpdir"
require "zlib"
require "capybara"
require "capybara/cuprite"
require_relative "../core/meander"
require_relative "../test/support/running_server"

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

# Has a page note in window.redraws the time from a key in a field, or from window.say(text) in it, to the frame in
# which the loupe, or what else is seen, was drawn again with the new picture, in ms.
def watch_redraws(browser, field, seen = ".loupe")
  browser.evaluate(<<~JS)
    (() => {
      window.redraws = [];
      let pressed = 0, fetched = false;
      const field = document.querySelector(#{JSON.generate(field)});
      const press = () => { pressed = performance.now(); fetched = false; };
      const get = window.fetch;
      window.fetch = async (...args) => { const answer = await get(...args); if (["plan", "say"].includes(String(args[0]).split("/").pop())) fetched = true; return answer; };
      const clear = CanvasRenderingContext2D.prototype.clearRect;
      CanvasRenderingContext2D.prototype.clearRect = function (...args) {
        clear.apply(this, args);
        if (pressed && fetched && this.canvas.closest(#{JSON.generate(seen)})) { const from = pressed; pressed = 0; requestAnimationFrame(() => window.redraws.push(performance.now() - from)); }
      };
      window.say = (text) => { press(); field.value = text; field.dispatchEvent(new Event("input")); };
      field.addEventListener("keydown", press, true);
      field.focus();
    })()
  JS
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

# Is every piece in sight on the shelf drawn?
DRAWN = <<~JS
  (() => [...document.querySelectorAll(".shelf-item")].filter((row) => row.getBoundingClientRect().top < innerHeight).every((row) => {
    const canvas = row.querySelector("canvas");
    return canvas?.width > 0 && canvas.getContext("2d").getImageData(0, 0, canvas.width, canvas.height).data.some((v) => v > 0);
  }))()
JS

Dir.mktmpdir do |data|
  server = RunningServer.new(data:)
  id = server.get("/api/pieces")["pieces"].find { |one| one["name"] == "Reed cuff" }["id"]
  document = server.get("/api/pieces/#{id}")["document"]
  Measure.report("API: every weave tried, round trip",
    Measure.times(20) { server.request("POST", "/api/weaves", {document:}) }, "300 ms")
  Measure.report("API: plan, round trip", Measure.times(200) { server.request("POST", "/api/plan", {document:}) },
    "p95 30 ms")

  # A tray of 2,000 kinds: what fits a gap, asked again and again, and each time after one kind was changed.
  kind = server.get("/api/tray")["beads"].first["bead"]
  ids = Array.new(2000 - server.get("/api/tray")["beads"].size) do |i|
    sized = kind.merge("name" => "Kind #{i}", "length" => {"typed" => "#{(1 + (i * 0.01)).round(2)} mm"},
      "hole" => {"typed" => "0.5 mm"})
    JSON.parse(server.request("POST", "/api/tray", {bead: sized, stock: i}).body)["id"]
  end
  fit = ->(gap) { server.request("POST", "/api/tray/fit", {gap: {typed: "#{gap} mm"}, wires: [{typed: "0.4 mm"}]}) }
  fit.call(20)
  Measure.report("API: what fits, of 2,000 kinds", Measure.times(40) { fit.call(rand(10..60)) }, "50 ms")
  after = Array.new(20) do |i|
    server.request("PUT", "/api/tray/#{ids[i]}", {bead: kind.merge("name" => "Kind #{i} again"), stock: 1})
    Measure.times(1) { fit.call(20) }.first
  end
  Measure.report("API: the same after one kind was changed", after, "50 ms")
  ids.each { |one| server.request("DELETE", "/api/tray/#{one}") }

  flags = %w[no-sandbox disable-quic disable-background-networking disable-component-update disable-sync no-first-run
    disable-gpu enable-unsafe-swiftshader].to_h { |flag| [flag, nil] }.merge("use-angle" => "swiftshader")
  name = %w[chromium chromium-browser google-chrome].find { |one| system("command -v #{one} >/dev/null") }
  browser = Ferrum::Browser.new(browser_path: name, browser_options: flags, window_size: [1280, 800], timeout: 30)
  pieces = server.get("/api/pieces")["pieces"].size
  first = Array.new(5) do
    browser.go_to("about:blank")
    start = Measure.now
    browser.go_to("#{server.url}/")
    sleep 0.005 until browser.evaluate("document.querySelectorAll('.shelf-item').length") == pieces &&
        browser.evaluate(DRAWN)
    Measure.now - start
  end
  Measure.report("shelf: address to all in sight drawn", first, "1500 ms")

  browser.go_to("#{server.url}/pieces/#{id}")
  sleep 0.02 until browser.evaluate("document.querySelector('.loupe canvas')?.width > 0")
  sleep 1
  # From the key to the frame in which the loupe was drawn again with the new picture.
  watch_redraws(browser, "input[aria-label='Wraps round both']")
  60.times do |i|
    browser.keyboard.type(i.even? ? :up : :down)
    deadline = Measure.now + 3000
    sleep 0.004 until browser.evaluate("window.redraws.length") > i || Measure.now > deadline
    sleep 0.03
  end
  Measure.report("browser: key to redrawn strip", browser.evaluate("window.redraws"), "p95 100 ms")
  # The same for the short notation of a repeat of 500 wraps: from a key in it to the loupe drawn again.
  long = piece("cuff", 1)
  long["sections"][0]["pattern"] =
    {"kind" => "walk", "gaps" => (([0, 1] * 10) + ([0, 2] * 10)) * 25, "before" => [], "after" => []}
  long_id = JSON.parse(server.request("POST", "/api/pieces", {document: long.merge("name" => "500 wraps")}).body)["id"]
  browser.go_to("#{server.url}/pieces/#{long_id}")
  sleep 0.02 until browser.evaluate("document.querySelector('.loupe canvas')?.width > 0")
  sleep 1
  watch_redraws(browser, "textarea[aria-label='The walk in short']")
  60.times do |i|
    browser.evaluate("window.say('(10 on 1, 10 on 1-2) x 24, 10 on 1, #{1 + (i % 30)} on 1-2')")
    deadline = Measure.now + 3000
    sleep 0.004 until browser.evaluate("window.redraws.length") > i || Measure.now > deadline
    sleep 0.03
  end
  Measure.report("browser: key in the notation, 500 wraps", browser.evaluate("window.redraws"), "p95 100 ms")

  # A strip of 2,000 passes and more playing at its fastest: the time from frame to frame.
  strip = JSON.parse(
    server.request("POST", "/api/pieces", {document: piece("cuff", 170).merge("name" => "2,000 passes")}).body
  )["id"]
  browser.go_to("#{server.url}/pieces/#{strip}")
  sleep 0.02 until browser.evaluate("document.querySelector('.loupe canvas')?.width > 0")
  sleep 1
  browser.keyboard.type("m")
  sleep 0.3
  frames = browser.evaluate_async(<<~JS, 20)
    const done = arguments[0];
    const range = document.querySelector(".player input[type=range]");
    range.value = 1000;
    range.dispatchEvent(new Event("input"));
    document.querySelector("[aria-label='8 a second']").click();
    document.querySelector(".player-play").click();
    const times = [];
    let last = performance.now();
    const tick = (now) => { times.push(now - last); last = now; if (times.length < 240) requestAnimationFrame(tick); else done(times.slice(10)); };
    requestAnimationFrame(tick);
  JS
  Measure.report("browser: playing 2,040 passes, frame to frame", frames, "33 ms (30 a second)")

  # From the press to the first frame in space, read back so that it is drawn; the part of the program for it is
  # fetched, too.
  first_frames = Array.new(5) do
    browser.go_to("about:blank")
    browser.go_to("#{server.url}/pieces/#{id}")
    sleep 0.02 until browser.evaluate("document.querySelector('.loupe canvas')?.width > 0")
    sleep 0.5
    browser.evaluate_async(<<~JS, 20)
      const done = arguments[0];
      const draw = WebGL2RenderingContext.prototype.drawElements;
      let from = performance.now();
      WebGL2RenderingContext.prototype.drawElements = function (...args) {
        draw.apply(this, args);
        if (!from) return;
        const began = from;
        from = 0;
        requestAnimationFrame(() => { this.readPixels(0, 0, 1, 1, this.RGBA, this.UNSIGNED_BYTE, new Uint8Array(4)); done(performance.now() - began); });
      };
      [...document.querySelectorAll("button")].find((b) => b.textContent.trim() === "In space").click();
    JS
  end
  Measure.report("browser: first frame in space", first_frames, "1500 ms")

  # The same twelve sections: from a key in a section's radius to the finished picture drawn again.
  many = JSON.parse(server.request("POST", "/api/pieces", {document: twelve}).body)["id"]
  browser.go_to("#{server.url}/pieces/#{many}")
  sleep 0.02 until browser.evaluate("document.querySelector('.finished-picture canvas')?.width > 0")
  sleep 1
  browser.css(".section-folded")[1].click # the third section, as the first is in hand
  watch_redraws(browser, "input[aria-label='Radius of the bend']", ".finished-picture")
  60.times do |i|
    browser.evaluate("window.say('#{30 + (i / 100.0)} mm')")
    deadline = Measure.now + 3000
    sleep 0.004 until browser.evaluate("window.redraws.length") > i || Measure.now > deadline
    sleep 0.03
  end
  Measure.report("browser: twelve sections, key to redrawn", browser.evaluate("window.redraws"), "p95 100 ms")

  # From the press that turns the work over to the frame in which both canvases are drawn, read back so that nothing is
  # left to do.
  [1000, 5000, 25_000].each do |passes|
    wide = JSON.parse(server.request("POST", "/api/pieces", {document: wide_piece(passes)}).body)["id"]
    browser.go_to("#{server.url}/pieces/#{wide}")
    sleep 0.05 until browser.evaluate("document.querySelector('.overview canvas')?.width > 0")
    sleep 1
    draws = Array.new(12) do |i|
      browser.evaluate_async(<<~JS, 10)
        const done = arguments[0];
        const from = performance.now();
        [...document.querySelectorAll("button")].find((b) => b.textContent.trim() === "#{i.even? ? "Back" : "Front"}").click();
        requestAnimationFrame(() => { document.querySelectorAll("canvas").forEach((c) => c.getContext("2d").getImageData(0, 0, 1, 1)); done(performance.now() - from); });
      JS
    end
    Measure.report("browser: #{passes} passes drawn anew", draws, (passes == 5000) ? "200 ms" : "linear at most")
    # The loupe moved along the strip, 20 pixels at a time, and brought nearer and farther: to the frame in which it is
    # drawn.
    {"moves" => ["deltaX: 20"] * 40, "zooms" => ["deltaY: -60", "deltaY: 60"] * 6}.each do |name, turns|
      frames = turns.map do |turn|
        browser.evaluate_async(<<~JS, 10)
          const done = arguments[0];
          const from = performance.now();
          document.querySelector(".loupe").dispatchEvent(new WheelEvent("wheel", { #{turn}, bubbles: true, cancelable: true }));
          requestAnimationFrame(() => { document.querySelector(".loupe canvas").getContext("2d").getImageData(0, 0, 1, 1); done(performance.now() - from); });
        JS
      end
      Measure.report("browser: the loupe #{name}, #{passes} passes", frames, "smooth (33 ms)")
    end
  end
  browser.quit
  resident = File.read("/proc/#{server.pid}/status")[/VmRSS:\s+(\d+)/, 1].to_i / 1024
  puts format("%-44s %8d MB                 aim 150 MB", "server: resident memory after all that", resident)
  server.stop
end
