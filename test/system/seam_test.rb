# frozen_string_literal: true

require_relative "../support/system_test"
require_relative "../support/running_server"
require_relative "../support/twist_piece"
require_relative "../support/twist_craft"

# A craft the interface has never heard of: it is opened, shown as the table of fields has it, changed and saved.
class SeamBenchTest < SystemTest
  include TwistPiece

  def first_cut_mm = find(".cut-tally li:first-child strong").text[/(\d+) mm/, 1].to_i

  def test_a_craft_of_its_own
    Dir.mktmpdir do |data|
      server = RunningServer.new(data:, demo: "none", ruby: File.join(ROOT, "test/support/with_twist_craft.rb"))
      id = JSON.parse(server.request("POST", "/api/pieces", {document: twisted.merge("name" => "Eel-run twist")}).body)[
        "id"]
      visit "#{server.url}/pieces/#{id}"

      assert_selector ".section-line[data-section=s1]", text: "worked as a twist"
      assert_selector ".finished-picture canvas", count: 2
      before = first_cut_mm
      enter "Halves", "11"

      in_part("Order of work") do
        assert_selector ".order li", text: "Twist the two wires of section 1 11 half turns."
      end
      in_part("Wires") { assert_selector ".mark-list li", text: "twist ends" }
      assert_operator first_cut_mm, :>, before + 10
      enter "Rise of a half turn", "0.9 mm"

      assert_selector ".faults", text: "wires so thick cannot be twisted so tight"
      enter "Rise of a half turn", "2.5 mm"
      select "left", from: "Hand"

      assert_saved
      kept = JSON.parse(server.request("GET", "/api/pieces/#{id}").body)["document"]["sections"][0]

      assert_equal [11, "2.5 mm", "left"], [kept["halves"], kept["rise"]["typed"], kept["hand"]]
    ensure
      server&.stop
    end
  end
end
