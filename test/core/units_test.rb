# frozen_string_literal: true

require_relative "../test_helper"

class UnitsTest < Minitest::Test
  Length = Meander::Units::LengthText

  def test_lengths_as_makers_type_them
    {"0.8" => 0.8, ".8" => 0.8, "0,8" => 0.8, "18 cm" => 180, "18cm" => 180, "2.4 m" => 2400, "7 in" => 177.8, '1/32"' => 0.79375,
      '1 1/2"' => 38.1, "1-1/2 in" => 38.1, "6 3/8 inches" => 161.925, " 168MM " => 168, "ø0.8" => 0.8, "1″" => 25.4, "1 ft" => 304.8,
      "36 awg" => 0.127, "20AWG" => 0.8118, "21 swg" => 0.8128, "0000 awg" => 11.684, "4/0 AWG" => 11.684, "0" => 0}.each do |text, mm|
      assert_in_delta mm, Length.mm(text), 5e-5, text
    end
  end

  def test_what_is_no_length
    ["", " ", "x", "NaN", "Infinity", "1e300", "1e3", "-3", "--3", "1/0", "3 furlongs", "20 ga", "50 awg", "41 swg", "1 2 3", "0.8.1", "٣", "1" * 60, "20 awg 3"].each do |text|
      assert_nil Length.mm(text), text
    end
  end

  def test_sizes_are_named_in_every_system_with_the_difference
    names = Meander::Units::Gauge.names(0.315)

    assert_equal 28, names[:awg][:number]
    assert_in_delta(-0.0061, names[:awg][:off_mm], 1e-4)
    assert_equal 30, names[:swg][:number]
    assert_in_delta 0.315, names[:metric][:mm], 1e-9
  end

  # Names must lead back to the size they name, for any wire a maker may own.
  def test_the_nearest_gauge_is_the_nearest
    random = Random.new(7)
    200.times do
      mm = random.rand(0.1..3.0)
      %w[awg swg].each do |system|
        near = Meander::Units::Gauge.nearest(system, mm)
        beside = [near[:number] - 1, near[:number] + 1].filter_map { |n| Meander::Units::Gauge.mm(system, n) }

        assert beside.all? { |other| (other - mm).abs >= near[:off_mm].abs }, "#{system} #{mm}"
      end
    end
  end
end
