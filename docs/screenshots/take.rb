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

  look(server, "shelf")
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
  look(server, "making", path: "/pieces/#{ids["Kelp earrings"]}") do |browser|
    browser.xpath("//button[normalize-space()='Order of work']").first.click
    sleep 1
    browser.xpath("//button[normalize-space()='Make it']").first.click
    sleep 3
    browser.evaluate("[...document.querySelectorAll('.making-step')].find((one) => " \
                     "one.textContent.includes('Weave 34')).click()")
    sleep 1
    12.times do
      browser.at_css(".count-now").click
      sleep 0.1
    end
    sleep 1
    browser.evaluate("document.activeElement.blur()")
  end
  look(server, "crochet-made", path: "/pieces/#{ids["Marram band"]}") do |browser|
    browser.evaluate("[...document.querySelectorAll('button')].find((one) => " \
                     "one.textContent.includes('crocheted band')).click()")
    sleep 1
    browser.keyboard.type("m")
    sleep 1
    browser.evaluate("document.querySelector('.player').focus({ preventScroll: true })")
    browser.keyboard.type(*([:up] * 5), *([:right] * 4))
    sleep 1
    browser.evaluate("document.activeElement.blur()")
  end
  look(server, "beads", size: [1280, 1000], path: "/pieces/#{ids["Kelp earrings"]}") do |browser|
    browser.xpath("//button[normalize-space()='Beads']").first.click
    browser.xpath("//button[normalize-space()='What fits here?']").first.click
    sleep 1
  end
  look(server, "heart", size: [1280, 1000], path: "/pieces/#{ids["Limpet heart"]}")
  look(server, "ends-that-meet", path: "/pieces/#{ids["Eel-run wreath"]}") do |browser|
    sleep 2
    browser.evaluate("document.querySelector('.meeting-lines').scrollIntoView()")
    sleep 0.5
  end
  look(server, "braid-tablet", size: [820, 1180], path: "/pieces/#{ids["Tide-line neckline"]}")
  look(server, "template", path: "/pieces/#{ids["Tide-line collar"]}/print")
end
