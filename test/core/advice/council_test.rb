# frozen_string_literal: true

require_relative "../../test_helper"

class AdviceTest < PieceTest
  CASES = {
    "weaving-wire-thick" => {"wires.2.size": {"typed" => "0.8 mm"}},
    "weaving-wire-thin" => {"wires.2.size": {"typed" => "0.2 mm"}},
    "opening-unusual" => {"body.opening": {"kind" => "share", "share" => 0.05}},
    "bare-ends-long" => {"sections.0.bare": {"typed" => "45 mm"}},
    "ends-uneven" => {"sections.0.pattern.closing": 9},
    "length-far-off" => {"sections.0.pattern.single": 40, "sections.0.pattern.both": 40,
      "sections.0.bare": {"typed" => "0"}},
    "working-length-long" => {"allowances.working_length": {"typed" => "4 m"}},
    "skin-nickel" => {"wires.0.metal": "nickel_silver"},
    "skin-marks" => {},
    "coils-open-when-bent" => {},
    "joins" => {},
    "caution-cutting" => {},
    "value-doubtful" => {"body.ease": {"typed" => "120 mm"}}
  }.freeze
  SILENT = {"wires.0.metal": "sterling", "wires.1.metal": "sterling", "wires.2.metal": "fine_silver",
    "sections.0.pattern.single": 3,
             "allowances.working_length": {"typed" => "2 m"}}.freeze

  CASES.each do |id, changes|
    define_method(:"test_#{id.tr("-", "_")}_is_raised_with_reason_and_remedy") do
      item = advice(plan(document(**changes)), id)

      assert item, "#{id} is missing"
      [item.title, item.why, item.remedy].each { |text| refute_empty text }
      refute_match(/NaN|Infinity|nil/, [item.title, item.why, item.remedy].join)
    end
  end

  def test_a_sound_piece_is_not_warned_about
    severities = said(plan(document(**SILENT))).map(&:severity)

    assert_equal ["note"], severities.uniq
  end

  def test_a_soft_hook_is_warned_of_and_a_hard_one_is_not
    assert advice(plan(document("bracelet", "wires.0.temper": "soft")), "hook-soft")
    refute advice(plan(document("bracelet", "wires.0.temper": "half_hard")), "hook-soft")
  end

  # Wire cannot be compressed: what the coils run on by is the difference of two arcs of the same angle.
  def test_how_far_coils_open_when_bent
    plan = plan(document)
    figures = advice(plan, "coils-open-when-bent").figures
    angle = (plan.band.strip.woven_mm + figures[:grows_mm]) / figures[:radius_mm]

    assert_in_delta plan.band.strip.woven_mm, angle * (figures[:radius_mm] - 0.7), 1e-6
  end

  def test_an_offered_value_is_one_that_can_be_taken
    item = advice(plan(document("sections.0.pattern.closing": 9)), "ends-uneven")

    refute advice(plan(document("sections.0.pattern.closing": item.offers.first.to_i)), "ends-uneven")
  end
end
