# frozen_string_literal: true

require_relative "../../test_helper"

class UnitsTest < Minitest::Test
  Length = Meander::Units::LengthText

  def test_lengths_as_makers_type_them
    {"0.8" => 0.8, ".8" => 0.8, "0,8" => 0.8, "18 cm" => 180, "18cm" => 180, "2.4 m" => 2400, "7 in" => 177.8,
      '1/32"' => 0.79375,
      '1 1/2"' => 38.1, "1-1/2 in" => 38.1, "6 3/8 inches" => 161.925, " 168MM " => 168, "ø0.8" => 0.8, "1″" => 25.4,
      "1 ft" => 304.8,
      "36 awg" => 0.127, "20AWG" => 0.8118, "21 swg" => 0.8128, "0000 awg" => 11.684, "4/0 AWG" => 11.684,
      "0" => 0}.each do |text, mm|
      assert_in_delta mm, Length.mm(text), 5e-5, text
    end
  end

  # As keyboards, tablets and other programs write them: fractions in one sign, wide digits, narrow spaces, a point
  # after the unit.
  def test_lengths_as_other_hands_write_them
    {"1½ in" => 38.1, "½\"" => 12.7, "3⅛″" => 79.375, "1/0 awg" => 8.2515, "7 in." => 177.8, "0.8 mm." => 0.8,
      "7\u00a0in" => 177.8, "1\u2009200 mm" => 1200, "１２ ｍｍ" => 12, "０.８" => 0.8,
      "0,315" => 0.315, "12,5" => 12.5, "1 200" => 1200}.each { |text, mm|
      assert_in_delta mm, Length.mm(text), 5e-4,
        text
    }
  end

  # A comma that may part thousands is never read as one of the two in silence.
  def test_what_may_be_two_lengths
    {"1,200 mm" => [1200, 1.2], "12,500" => [12_500, 12.5], "1,250,000" => [1_250_000], "20 ga" => [0.8118, 0.9144],
      "1,200.5 mm" => [1200.5]}.each do |text, ways|
      assert_nil Length.mm(text), text
      assert_equal ways.size, Length.ways(text).size, text
      Length.ways(text).values.zip(ways) { |mm, way| assert_in_delta way, mm, 1e-3, text }
      Length.ways(text).each { |way, mm| assert_in_delta mm, Length.mm(way), 1e-9, way }
    end

    assert_empty Length.ways("0.8 mm")
  end

  def test_what_is_no_length
    ["", " ", "x", "NaN", "Infinity", "1e300", "1e3", "-3", "--3", "1/0", "5/0 awg", "3 furlongs", "20 ga", "50 awg",
      "41 swg", "1 2 3", "0.8.1", "٣", "1" * 60, "20 awg 3"].each do |text|
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
