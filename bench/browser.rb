# frozen_string_literal: true

# What a maker waits for in the browser, and the server's part of it:  bundle exec ruby bench/browser.rb
# Needs bin/setup --test to have run.
require "net/http"
require "tmpdir"
require "capybara"
require "capybara/cuprite"
require_relative "measure"
require_relative "../test/support/running_server"

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
  # From the address to all of the shelf that is in sight drawn, so many times.
  shelf = lambda do |times|
    pieces = server.get("/api/pieces")["pieces"].size
    Array.new(times) do
      browser.go_to("about:blank")
      start = Measure.now
      browser.go_to("#{server.url}/")
      sleep 0.005 until browser.evaluate("document.querySelectorAll('.shelf-item').length") == pieces &&
          browser.evaluate(DRAWN)
      Measure.now - start
    end
  end
  Measure.report("shelf of 16: address to all in sight drawn", shelf.call(5), "1000 ms")
  demo = server.get("/api/pieces")["pieces"].map { |one| one["id"] }
  copies = Array.new(184) do |i|
    JSON.parse(server.request("POST", "/api/pieces/#{demo[i % demo.size]}/duplicate").body)["id"]
  end
  Measure.report("shelf of 200: address to all in sight drawn", shelf.call(5), "1500 ms")
  copies.each { |one| server.request("DELETE", "/api/pieces/#{one}") }

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
  # The same for the short notation of a repeat of just under 500 wraps, a new one each time: from a key in it to the
  # loupe drawn again.
  long = piece("cuff", 1)
  long["sections"][0]["pattern"] =
    {"kind" => "walk", "gaps" => (([0, 1] * 10) + ([0, 2] * 10)) * 25, "before" => [], "after" => []}
  long_id = JSON.parse(server.request("POST", "/api/pieces", {document: long.merge("name" => "500 wraps")}).body)["id"]
  browser.go_to("#{server.url}/pieces/#{long_id}")
  sleep 0.02 until browser.evaluate("document.querySelector('.loupe canvas')?.width > 0")
  sleep 1
  watch_redraws(browser, "textarea[aria-label='The walk in short']")
  60.times do |i|
    told = "(10 on 1, 10 on 1-2) x 23, #{9 - (i / 9)} on 1, 10 on 1-2, 10 on 1, #{1 + (i % 9)} on 1-2"
    browser.evaluate("window.say('#{told}')")
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

  # From a tap to the count in the page, and to the frame it is seen in.
  pair = server.get("/api/pieces")["pieces"].find { |one| one["name"] == "Kelp earrings" }["id"]
  making = JSON.parse(server.request("POST", "/api/pieces/#{pair}/makings", {}).body)["id"]
  browser.go_to("#{server.url}/makings/#{making}")
  sleep 0.05 until browser.evaluate("document.querySelectorAll('.making-step').length > 0")
  browser.execute(<<~JS)
    [...document.querySelectorAll(".making-step")].find((one) => /Weave 34/.test(one.textContent)).click();
  JS
  sleep 0.05 until browser.evaluate("!!document.querySelector('.count-now')")
  sleep 1
  counts = Array.new(30) do
    sleep 0.3
    browser.evaluate_async(<<~JS, 5)
      const done = arguments[0], from = performance.now(), pad = document.querySelector(".count-now");
      new MutationObserver((_, watching) => {
        watching.disconnect();
        const there = performance.now() - from;
        requestAnimationFrame(() => done([there, performance.now() - from]));
      }).observe(pad, { subtree: true, childList: true, characterData: true });
      pad.click();
    JS
  end
  Measure.report("browser: tap to the count in the page", counts.map(&:first), "16 ms")
  Measure.report("browser: tap to the frame it is seen in", counts.map(&:last), "16 ms and a frame")
  browser.quit
  resident = File.read("/proc/#{server.pid}/status")[/VmRSS:\s+(\d+)/, 1].to_i / 1024
  puts format("%-44s %8d MB                 aim 150 MB", "server: resident memory after all that", resident)
  server.stop
end
