# frozen_string_literal: true

require_relative "server_test"
require "capybara/minitest"
require "capybara/cuprite"
require_relative "finds_by_text"

CHROMIUM = %w[chromium chromium-browser google-chrome].find { |name| system("command -v #{name} >/dev/null") } ||
  abort("install Chromium to run the system tests")
# Nothing slides or fades, so that what is pressed is where it was found: a panel on its way in, on a busy
# machine, is past the place that was read a moment before.
# The browser's own address bar is a page that would be drawn beside every one of ours.
FLAGS = %w[no-sandbox force-prefers-reduced-motion disable-quic disable-background-networking
  disable-component-update disable-sync no-first-run disable-gpu enable-unsafe-swiftshader].to_h { |flag|
  [flag, nil]
}.merge("use-angle" => "swiftshader",
  "disable-features" => "#{Ferrum::Browser::Options::Chrome::DEFAULT_OPTIONS["disable-features"]}," \
                        "WebUIOmniboxPopup,WebUIOmniboxAimPopup")

Capybara.register_driver(:chromium) do |app|
  Capybara::Cuprite::Driver.new(app, browser_path: CHROMIUM, browser_options: FLAGS, window_size: [1280, 800],
    timeout: 40, process_timeout: 40, js_errors: true,
    save_path: File.join(SCRATCH, "downloads"))
end
Capybara.default_driver = :chromium
Capybara.server = :puma, {Silent: true}
Capybara.app = Server::App
# The first plan of a weave places it, which takes its time where three runs share two cores.
Capybara.default_max_wait_time = 30
Capybara.default_retry_interval = 0.06
Capybara.enable_aria_label = true

# A test through the real interface, on a shelf with the demo pieces.
class SystemTest < ServerTest
  include Capybara::DSL
  include Capybara::Minitest::Assertions

  AXE = File.read(File.join(ROOT, "web/node_modules/axe-core/axe.min.js"))

  # The shelf with the demo pieces as it is when they were told once: [[model, its rows], ...].
  SHELF = []

  def setup
    super
    SHELF.empty? ? lay_out_shelf : SHELF.each { |model, rows| model.insert_all!(rows) }
    page.driver.resize(1280, 800)
    visit "/api/maker" # a light page of the same origin
    page.execute_script("localStorage.clear(); sessionStorage.clear()")
  end

  def lay_out_shelf
    Server::Demo.lay_out
    get "/api/pieces"
    SHELF.concat(
      [Server::Piece, Server::PieceVersion, Server::Weave,
        Server::Bead].map { |model| [model, model.all.map(&:attributes)] }
    )
  end

  def teardown
    tell_what_stood unless passed?
    (passed? && page.windows.one?) ? leave_page : Capybara.reset_sessions!
    super
  end

  # The browser goes on to the next test with what it has read and compiled of the program, once the server has answered
  # all that the page said in leaving.
  def leave_page
    visit "about:blank"
    page.server&.wait_for_pending_requests
    page.raise_server_error!
  end

  # What the page said when a test failed: a run elsewhere leaves nothing else to go by.
  def tell_what_stood
    said = all("[role=alert], [role=status], .said-wrong", wait: 0).map(&:text).uniq
    warn "#{name}: at #{page.current_url.sub(%r{\Ahttp://[^/]+}, "")} stood #{said.inspect}"
  rescue Ferrum::Error, Capybara::CapybaraError => error
    warn "#{name}: the page could not be read (#{error.class})"
  end

  def open_piece(name)
    visit "/pieces/#{Server::Piece.find_by!(name:).id}"

    assert_selector ".bench"
  end

  # Types a value into a field of the brief or the answers, as a maker does, key by key.
  def enter(label, text)
    field = find_field(label, match: :first)
    field.click
    field.send_keys([:control, "a"], text)
    field
  end

  # Takes a section in hand, and does what the menu beside its sentence offers.
  def take_in_hand(number) = find(".section-folded", text: /\A#{number}\b/).click

  def choose_for_section(act)
    find(".section-menu button").click
    click_on act
  end

  # A view of the stage, or a part of the bench below it.
  def show(name) = find("[role=tab]", text: name, exact_text: true).click

  # What is asked of one part of the bench, before the brief is seen again.
  def in_part(name)
    show name
    yield
    show "Brief"
  end

  # A new piece, from the shelf.
  def start(kind)
    click_on "New piece"
    find(".modal .picture-choices .btn", text: kind).click

    assert_selector ".bench"
  end

  # Does what the menu named "More of ..." offers.
  def from_menu(of, act)
    click_on "More of #{of}"
    find(".dropdown-menu.show .dropdown-item", text: act, exact_text: true).click
  end

  # Opens a dialog by its button and chooses a picture in it.
  def choose_picture(button, name)
    click_on button
    find(".modal .picture-choices .btn", text: name).click

    assert_no_selector ".modal.show"
  end

  # Says how one works: "left", "dark", "inches".
  def set(choice)
    click_on "How you work"
    find(".offcanvas .btn", text: choice, exact_text: true).click

    assert_selector ".offcanvas .btn[aria-pressed=true]", text: choice, exact_text: true
    find(".offcanvas .btn-close").click

    assert_no_selector ".offcanvas"
  end

  def assert_saved = assert_selector("[role=status]", text: /\ASaved\z/)

  # What the block answers comes to be that, once what was done is saved.
  def assert_becomes(wanted)
    found = nil
    100.times { ((found = yield) == wanted) ? break : sleep(0.1) }

    assert_equal wanted, found
  end

  def stored_document(name) = Server::Piece.find_by!(name:).content

  def made(name) = Server::Planning.plan(stored_document(name))

  # What stands on the bench is what the core planned.
  def assert_cuts(name)
    assert_saved
    plan = made(name)

    plan.runs.each { |cut| assert_selector ".cut-tally strong", text: "#{cut.cut_mm} mm" }
    # alike ones are told once
    in_part("Wires") do
      assert_selector ".cut", count: plan.runs.uniq { |cut| [cut.words, cut.parts, cut.marks.map(&:to_h)] }.size
    end
    plan
  end

  # What the tally, the cut list and the steps of a piece say of its wires.
  def assert_told(name)
    plan = assert_cuts(name)
    in_part("Order of work") do
      plan.runs.each { |run| assert_selector ".step-words", text: /\b#{run.cut_mm} mm/ }
    end
    plan
  end

  # What stands in each of these, asked of the page at once.
  def texts(selector)
    page.evaluate_script("[...document.querySelectorAll('#{selector}')].map((one) => one.innerText)")
      .map { |text| text.split.join(" ") }
  end

  def answer_row(name) = find(".answer", text: name)

  def wait_for_file(name)
    path = File.join(SCRATCH, "downloads", name)
    100.times { File.exist?(path) ? break : sleep(0.05) }
    path
  end

  # Nothing runs over the side of a page so wide, once all of it has come.
  def assert_fits(width, said = nil)
    wide = -> { page.evaluate_script("document.documentElement.scrollWidth") }
    100.times { (wide.call > width) ? sleep(0.05) : break }

    assert_operator wide.call, :<=, width, said
  end

  # Nothing serious or critical in the page as it stands.
  def assert_accessible
    page.execute_script(AXE)
    found = page.evaluate_async_script(
      "const done = arguments[0]; axe.run(document, " \
      "{ runOnly: ['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa', 'best-practice'] }).then((r) => done(r.violations))"
    )
    serious = found.select { |violation| %w[serious critical].include?(violation["impact"]) }

    assert_empty serious.map { |violation|
      "#{violation["id"]}: #{violation["nodes"].map { |node| node["html"][0, 160] }.first(3)}"
    }
  end
end
