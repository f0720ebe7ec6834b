# frozen_string_literal: true

require_relative "../../test_helper"
require "json_schemer"

class PlanTest < PieceTest
  def each_plan = (demo_bands + [document, document("bracelet")]).each { |json| yield plan(json), json }

  def test_the_bars_add_up_and_cuts_are_rounded_up
    each_plan do |plan|
      plan.runs.each do |bar|
        assert_in_delta bar.total_mm, bar.parts.sum(&:mm), 1e-9
        assert_includes 0...1, bar.cut_mm - bar.total_mm
        first, middle, last = ["start of weave", "middle", "end of weave"].map do |words|
          bar.marks.find { |mark| mark.words == words }.at_mm
        end

        assert_in_delta middle, (first + last) / 2, 1e-9
        assert_in_delta plan.band.layout.run_mm(plan.piece.base_wires.index(bar.wire), plan.band.strip.woven_mm),
          last - first, 1e-9
      end
    end
  end

  # The lengths to cut, added up, are the account: no figure is counted twice or forgotten.
  def test_the_weaving_account_is_what_is_cut
    each_plan do |plan|
      account = plan.band.strip.account

      assert_in_delta account.path_mm, account.lengths.sum(&:path_mm), 1e-6
      assert_in_delta account.total_mm, account.lengths.sum(&:cut_mm), 1e-6
      assert_equal (1..(plan.fit.repeats / plan.band.layout.sides)).to_a * plan.band.layout.sides,
        account.lengths.flat_map { |length| (length.first..length.last).to_a }
    end
  end

  def test_working_lengths_stay_comfortable_and_are_as_few_as_can_be
    [600, 900, 1500, 2500].each do |comfortable|
      account = plan(document("allowances.working_length": size("#{comfortable} mm"))).band.strip.account

      assert_predicate account, :comfortable?
      assert_operator (account.lengths.size - 1) * comfortable, :<, account.total_mm
      spread = account.lengths.map { |length| length.last - length.first }.minmax

      assert_operator spread[1] - spread[0], :<=, 1
    end
    over = plan(
      document("sections.0.pattern.single": 40, "sections.0.pattern.both": 40,
        "allowances.working_length": size("200 mm"))
    )

    refute_predicate over.band.strip.account, :comfortable?
    assert advice(over, "working-length-long")
  end

  def test_the_mass_is_that_of_the_wire_that_stays
    plan = plan(document)
    kept = plan.runs.sum(&:kept_mm)
    volume = (Math::PI / 4 * 1.0 * kept) + (Math::PI / 4 * (0.4**2) * plan.band.strip.account.path_mm * 1.04)

    assert_in_delta 8.96e-3 * volume, plan.mass[:finished_g], 1e-6
  end

  def test_the_same_piece_gives_the_same_plan
    assert_equal answer(plan(document)), answer(plan(document))
    assert_equal plan(document).strip_picture.json, plan(document).strip_picture.json
  end

  def test_what_goes_out_is_as_published
    schemas = {"piece" => 2, "answer" => 1, "picture" => 2}.to_h do |name, version|
      [name, JSONSchemer.schema(File.read(File.join(ROOT, "schema/#{name}-#{version}.schema.json")))]
    end
    schemas["told"] = JSONSchemer.schema(File.read(File.join(ROOT, "schema/plan-2.schema.json")))
    each_plan do |plan, json|
      {"piece" => plan.piece.to_h, "answer" => answer(plan), "picture" => plan.strip_picture.to_h,
        "told" => Meander::Output::PlanJson.call(plan)}.each do |name, value|
        assert_empty schemas[name].validate(JSON.parse(JSON.generate(value))).map { |error| error["error"] },
          "#{name} of #{json["name"]}"
      end
      assert schemas["piece"].valid?(JSON.parse(JSON.generate(plan.piece.to_h))), json["name"]
    end
    refute schemas["piece"].valid?(document("sections.0.pattern.single": 41))
  end

  def test_cut_list_as_csv
    rows = CSV.parse(Meander.csv(plan(demo_bands.find { |json| json["name"] == "Reed cuff" })),
      headers: true)

    assert_equal %w[base base weaving weaving], rows.map { |row| row["kind"] }
    assert_equal rows.first["cut_mm"].to_i,
      plan(demo_bands.find { |json| json["name"] == "Reed cuff" }).runs.first.cut_mm
  end

  def test_the_strip_as_svg_is_to_scale_and_well_formed
    plan = plan(document("bracelet", name: "<&\">"))
    front, back = %w[front back].map do |face|
      Meander::Output::StripSvg.call(plan.strip_picture, title: "<&>", face:, hand: "left")
    end
    require "nokogiri"
    svg = Nokogiri::XML(front, &:strict).root
    low, high = plan.strip_picture.y_range

    assert_in_delta high - low + 6, svg["width"].to_f, 1e-2
    assert_equal svg["width"].to_f, svg["viewBox"].split[2].to_f
    refute_equal front, back
  end
end
