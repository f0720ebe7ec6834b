# frozen_string_literal: true

# Takes the pictures of the main views anew, from the demo data, or those that are named:
#   bundle exec ruby docs/screenshots/take.rb [NAME ...]
require "tmpdir"
require "capybara"
require "capybara/cuprite"
require_relative "../../test/support/running_server"

FLAGS = %w[no-sandbox disable-quic disable-background-networking disable-component-update disable-sync no-first-run
  enable-unsafe-swiftshader].to_h { |flag| [flag, nil] }.merge("use-angle" => "swiftshader")
CHROMIUM = %w[chromium chromium-browser google-chrome].find { |name| system("command -v #{name} >/dev/null") }

# What stands on a page once there is something to see.
READY = ".bench, .print-page article, main.page h1, main h1"

# Makings with made-up times.
class Makings
  def initialize(server)
    @server = server
  end

  # began: when; pace: how fast; share: how far it is; other: a repeat fewer; rated: how it came out, finished then.
  # @return [String] its id
  def add(piece, began, pace:, share: 1.0, other: false, rated: nil, due: nil)
    made = ask("/api/pieces/#{piece}/makings", {})
    @at, @events = began.to_i * 1000, []
    happened(0, "due", on: due) if due
    made["steps"].first((made["steps"].size * share).floor).each { |step| work(step, pace, other) }
    happened(20, "rated", stars: rated) && happened(20, "finish") if rated
    @events.each_slice(400) { |some| ask("/api/makings/#{made["id"]}/events", {events: some}) }
    made["id"]
  end

  private

  def ask(path, value) = JSON.parse(@server.request("POST", path, value).body)

  def happened(seconds, kind, **more)
    @at += (seconds * 1000).round
    @events << {id: "event-#{@at}-#{@events.size}", at: @at, kind:, **more}
  end

  def work(step, pace, other)
    at = {step: step["number"]}
    step["cuts"].each_with_index { |cut, i| happened(60, "cut", **at, length: i, mm: cut["mm"].to_f) }
    each = step["units"].last&.fetch("each")
    if step["count"] && step["minutes"].positive?
      times = [step["count"] / each, 1].max
      times.times { happened([step["minutes"] * 600.0 / pace / times, 290].min, "count", **at, by: each) }
    end
    fewer = other && step["kind"] == "weave" && step["first"].nil? && step["count"]
    happened(5, "differs", **at, count: fewer - each) if fewer
    happened(10, "done", **at)
  end
end

# A browser at a size, with the settings a maker would have chosen.
def look(server, name, size: [1280, 800], path: "/", settings: {})
  return if ARGV.any? && !ARGV.include?(name)

  browser = Ferrum::Browser.new(browser_path: CHROMIUM, browser_options: FLAGS, timeout: 30)
  browser.resize(width: size[0], height: size[1])
  browser.go_to("#{server.url}/")
  browser.evaluate(
    "localStorage.setItem('meander-settings', " \
    "'#{JSON.generate({units: "mm", theme: "light", hand: "right", **settings})}')"
  )
  browser.go_to("#{server.url}#{path}")
  100.times { browser.at_css(READY) ? break : sleep(0.2) }
  sleep 1.5
  yield browser if block_given?
  browser.mouse.move(x: 1, y: 1) unless name == "pointing"
  sleep 0.5
  browser.screenshot(path: File.join(__dir__, "#{name}.png"))
  browser.quit
end

Dir.mktmpdir do |data|
  server = RunningServer.new(data:)
  at_exit { server.stop }
  ids = server.get("/api/pieces")["pieces"].to_h { |piece| [piece["name"], piece["id"]] }
  reed, tide, heron = ids.values_at("Reed cuff", "Tide-line bracelet", "Heron cuff")

  look(server, "shelf") { sleep 4 } # until what is in sight is drawn
  look(server, "bench", path: "/pieces/#{reed}")
  look(server, "bench-tablet-dark", size: [820, 1180], path: "/pieces/#{tide}",
    settings: {theme: "dark", hand: "left", units: "in"})
  look(server, "printed-page", path: "/pieces/#{tide}/print")
  look(server, "knots-made", path: "/pieces/#{ids["Heron hanging"]}") do |browser|
    browser.evaluate("[...document.querySelectorAll('button')].find((one) => " \
                     "one.textContent.includes('knotted panel')).click()")
    sleep 1
    browser.keyboard.type("m")
    sleep 1
    browser.evaluate("document.querySelector('.player').focus({ preventScroll: true })")
    browser.keyboard.type(*([:up] * 8), :right)
    sleep 1
    browser.evaluate("document.activeElement.blur()")
  end
  look(server, "tray", path: "/tray")
  look(server, "order-of-work", size: [1280, 1000], path: "/pieces/#{ids["Limpet heart"]}") do |browser|
    browser.xpath("//button[normalize-space()='Order of work']").first.click
    sleep 1.5
    browser.evaluate("document.querySelectorAll('.order li')[6].scrollIntoView()")
    sleep 0.5
  end
  look(server, "being-made", path: "/pieces/#{reed}") do |browser|
    browser.keyboard.type("m")
    browser.evaluate("document.querySelector('.player').focus({ preventScroll: true })")
    browser.keyboard.type(*([:up] * 4), *([:right] * 9))
  end
  look(server, "weaves", path: "/weaves") { sleep 6 }
  look(server, "weaves-compared", size: [1280, 1000], path: "/pieces/#{heron}") do |browser|
    browser.xpath("//button[normalize-space()='look at them all']").first.click
    sleep 3
    browser.evaluate(
      "['own Kelp ladder', 'coils-5-2', 'diamond-5'].forEach((key) => document.querySelector(`[data-weave='${key}'] " \
      ".btn-outline-secondary`).click())"
    )
    sleep 1.5
    browser.evaluate("document.querySelector('.compare').scrollIntoView()")
  end
  look(server, "pointing", size: [1280, 1180], path: "/pieces/#{heron}") do |browser|
    browser.keyboard.type("p")
    sleep 1
    box = browser.evaluate(
      "(({ left, top, height }) => [left, top, height])(document.querySelector('.loupe').getBoundingClientRect())"
    )
    browser.mouse.move(x: box[0] + 500, y: box[1] + (box[2] * 0.55)).down
    browser.mouse.move(x: box[0] + 502, y: box[1] + (box[2] * 0.3))
    browser.mouse.move(x: box[0] + 503, y: box[1] + (box[2] * 0.25))
  end
  look(server, "in-space", size: [1280, 900], path: "/pieces/#{ids["Tide-line collar"]}") do |browser|
    browser.keyboard.type("s")
    sleep 4
    browser.evaluate("document.querySelector('.space canvas').focus({ preventScroll: true })")
    browser.keyboard.type(:up, :right, "+")
    browser.evaluate("document.activeElement.blur()")
  end
  makings = Makings.new(server)
  makings.add(reed, Time.utc(2026, 8, 14), pace: 8, rated: 3)
  makings.add(ids["Limpet knots"], Time.utc(2026, 10, 11), pace: 7, rated: 5)
  makings.add(ids["Kelp earrings"], Time.utc(2026, 11, 8), pace: 11, rated: 4, other: true)
  makings.add(ids["Marram hoops"], Time.utc(2026, 11, 20), pace: 11, share: 0.4, due: "2026-11-25")
  half = makings.add(ids["Kelp earrings"], Time.utc(2026, 11, 28), pace: 11, share: 0.5, due: "2099-12-20", other: true)
  {"over the far wire, from between 1 and 2" => [5, 3], "over both, from the near side" => [8, 2]}
    .each do |move, (asked, wrong)|
    asked.times do |i|
      server.request("POST", "/api/practised", {piece: heron, section: "s1", move:, right: i >= wrong})
    end
  end
  look(server, "log", path: "/makings")
  look(server, "learn", path: "/learn")
  look(server, "making", size: [820, 1180], path: "/makings/#{half}") do |browser|
    browser.evaluate("[...document.querySelectorAll('.making-step')].findLast((one) => " \
                     "one.textContent.includes('Weave 34')).click()")
    sleep 1
    12.times do
      browser.at_css(".count-now").click
      sleep 0.1
    end
    sleep 1
    browser.evaluate("document.activeElement.blur()")
  end
  look(server, "beads", size: [1280, 1000], path: "/pieces/#{ids["Kelp earrings"]}") do |browser|
    browser.xpath("//button[normalize-space()='Beads']").first.click
    browser.xpath("//button[normalize-space()='What fits here?']").first.click
    sleep 1
  end
  look(server, "heart", size: [1280, 1000], path: "/pieces/#{ids["Limpet heart"]}")
  look(server, "braid-tablet", size: [820, 1180], path: "/pieces/#{ids["Tide-line neckline"]}")
  look(server, "template", path: "/pieces/#{ids["Tide-line collar"]}/print")
end
