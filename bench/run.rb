# frozen_string_literal: true

# Measures what a maker waits for:  bundle exec ruby bench/run.rb
# Needs bin/setup --test to have run. Prints each figure with its aim.
require "net/http"
require "tmpdir"
require "capybara"
require "capybara/cuprite"
require_relative "../core/meander"
require_relative "../test/support/running_server"

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

  def self.report(name, values, aim)
    puts format("%-44s p50 %8.1f   p95 %8.1f   aim %s", name, p(values, 0.5), p(values, 0.95), aim)
  end
end

# A piece with so many repeats pinned.
def piece(kind, repeats)
  json = JSON.parse(JSON.generate(Meander::Document::StartingPiece.call(kind)))
  json.merge("pins" => [{"id" => "p1", "quantity" => "repeats", "count" => repeats}])
end

def plan(json)
  result = Meander::Document::PieceReader.call(json)
  Meander::Planner::PlanPiece.call(result.piece, questions: result.questions).to_h
end

[["cuff", 60, "5 ms"], ["cuff", 600, "10 ms"], ["bracelet", 60, "5 ms"]].each do |kind, repeats, aim|
  json = piece(kind, repeats)
  20.times { plan(json) }
  Measure.report("plan of a #{kind}, #{repeats} repeats, in the core", Measure.times(100) { plan(json) }, aim)
end

Dir.mktmpdir do |data|
  server = RunningServer.new(data:)
  id = server.get("/api/pieces")["pieces"].find { |one| one["name"] == "Reed cuff" }["id"]
  document = server.get("/api/pieces/#{id}")["document"]
  Measure.report("API: plan, round trip", Measure.times(200) { server.request("POST", "/api/plan", {document:}) }, "p95 30 ms")

  flags = %w[no-sandbox disable-quic disable-background-networking disable-component-update disable-sync no-first-run disable-gpu].to_h { |flag| [flag, nil] }
  name = %w[chromium chromium-browser google-chrome].find { |one| system("command -v #{one} >/dev/null") }
  browser = Ferrum::Browser.new(browser_path: name, browser_options: flags, window_size: [1280, 800], timeout: 30)
  first = Array.new(5) do
    browser.go_to("about:blank")
    start = Measure.now
    browser.go_to("#{server.url}/")
    sleep 0.005 until browser.evaluate("document.querySelectorAll('.shelf-row canvas').length") == 4
    Measure.now - start
  end
  Measure.report("shelf: address to all strips drawn", first, "1500 ms")

  browser.go_to("#{server.url}/pieces/#{id}")
  sleep 0.02 until browser.evaluate("document.querySelector('.loupe canvas')?.width > 0")
  sleep 1
  # From the key to the frame in which the loupe was drawn again with the new picture.
  browser.evaluate(<<~JS)
    (() => {
      window.redraws = [];
      let pressed = 0, fetched = false;
      const field = document.querySelector("input[aria-label='Wraps round both']");
      field.addEventListener("keydown", () => { pressed = performance.now(); fetched = false; }, true);
      const get = window.fetch;
      window.fetch = async (...args) => { const answer = await get(...args); if (String(args[0]).includes("/pictures/")) fetched = true; return answer; };
      const clear = CanvasRenderingContext2D.prototype.clearRect;
      CanvasRenderingContext2D.prototype.clearRect = function (...args) {
        clear.apply(this, args);
        if (pressed && fetched && this.canvas.closest(".loupe")) { const from = pressed; pressed = 0; requestAnimationFrame(() => window.redraws.push(performance.now() - from)); }
      };
      field.focus();
    })()
  JS
  60.times do |i|
    browser.keyboard.type(i.even? ? :up : :down)
    deadline = Measure.now + 3000
    sleep 0.004 until browser.evaluate("window.redraws.length") > i || Measure.now > deadline
    sleep 0.03
  end
  Measure.report("browser: key to redrawn strip", browser.evaluate("window.redraws"), "p95 100 ms")
  browser.quit
  resident = File.read("/proc/#{server.pid}/status")[/VmRSS:\s+(\d+)/, 1].to_i / 1024
  puts format("%-44s %8d MB                 aim 150 MB", "server: resident memory after all that", resident)
  server.stop
end
