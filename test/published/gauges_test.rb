# frozen_string_literal: true

require_relative "../test_helper"

# Wire sizes and masses against standards and handbook tables. The rows are quoted from memory.
class GaugesTest < Minitest::Test
  Gauge = Meander::Units::Gauge

  # ASTM B258: 36 AWG is 0.0050 in, 0000 AWG 0.4600 in, 39 steps of equal ratio between them; the rows are the
  # standard's own table, in inches rounded to a tenth of a mil.
  def test_awg_against_astm_b258
    assert_in_delta 0.0050, Gauge.mm("awg", 36) / 25.4, 1e-9
    assert_in_delta 0.4600, Gauge.mm("awg", -3) / 25.4, 1e-9
    {10 => 0.1019, 12 => 0.0808, 14 => 0.0641, 16 => 0.0508, 18 => 0.0403, 20 => 0.0320, 22 => 0.0253, 24 => 0.0201,
      26 => 0.0159, 28 => 0.0126,
      30 => 0.0100, 32 => 0.0080}.each { |number, inches|
      assert_in_delta inches, Gauge.mm("awg", number) / 25.4,
        5.1e-5, "#{number} AWG"
    }
  end

  # BS 3737: rows in mm as handbooks print them.
  def test_swg_against_bs_3737
    {14 => 2.032, 16 => 1.626, 18 => 1.219, 20 => 0.914, 21 => 0.813, 22 => 0.711, 24 => 0.559, 26 => 0.457,
      28 => 0.376, 30 => 0.315, 32 => 0.274,
      34 => 0.234, 36 => 0.193, 40 => 0.122}.each { |number, mm|
      assert_in_delta mm, Gauge.mm("swg", number), 6e-4,
        "#{number} SWG"
    }
  end

  # ISO 3, series R10: ten steps of equal ratio a decade (10^(1/10)), rounded as the standard rounds them.
  def test_metric_sizes_against_the_preferred_numbers
    exact = (-7..4).map { |step| 10**(step / 10.0) }

    assert_equal exact.size, Gauge::METRIC.size
    exact.zip(Gauge::METRIC).each { |value, sold| assert_in_epsilon value, sold, 0.013 }
  end

  # Copper wire tables (NBS Handbook 100, at 8.89 g/cm3), kg per km = g per m.
  def test_mass_per_metre_of_copper
    copper = Meander::Materials::Metal.fetch("copper")

    {14 => 18.50, 16 => 11.63, 18 => 7.32, 20 => 4.60, 22 => 2.895, 24 => 1.820, 26 => 1.145,
      28 => 0.7201}.each do |number, grams|
      assert_in_epsilon grams, copper.mass_g(Gauge.mm("awg", number), 1000) * 8.89 / 8.96, 0.004, "#{number} AWG"
    end
  end

  # Densities in g/cm3 at room temperature, as in the CRC Handbook and suppliers' alloy tables.
  def test_densities
    {"copper" => 8.96, "fine_silver" => 10.49, "sterling" => 10.36, "brass" => 8.53, "gold" => 19.3,
      "aluminium" => 2.70, "titanium" => 4.51, "niobium" => 8.57}.each do |key, density|
      assert_in_epsilon density, Meander::Materials::Metal.fetch(key).density, 0.002, key
    end
  end
end
