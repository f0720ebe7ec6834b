# frozen_string_literal: true

require_relative "../test_helper"

# Ring sizes against what is published.
class RingsTest < PieceTest
  SIZES = Meander::Units::RingSize

  def across(text) = SIZES.mm(text) / Math::PI

  # ISO 8653: the size is the inside circumference in mm.
  def test_iso_sizes_are_the_circumference
    (41..76).each { |size| assert_in_delta size, SIZES.mm("ISO #{size}"), 1e-9 }
  end

  # Inside diameters of US sizes in mm, from tables of the trade, quoted from memory.
  def test_us_sizes
    {"3" => 14.1, "5" => 15.7, "6" => 16.5, "7" => 17.3, "8" => 18.2, "9" => 19.0, "10" => 19.8,
      "12" => 21.4}.each { |size, mm| assert_in_delta mm, across("US #{size}"), 0.1, size }
  end

  # Inside circumferences of UK letters in mm, from tables of the trade, quoted from memory.
  def test_uk_letters
    {"F" => 44.0, "J" => 49.0, "L" => 51.5, "N" => 54.0, "P" => 56.5, "R" => 59.0, "T" => 61.5,
      "Z" => 69.0}.each { |letter, mm| assert_in_delta mm, SIZES.mm("UK #{letter}"), 0.35, letter }
  end

  # A letter is about half a US size: 1.25 mm round against 2.55 mm (both rules).
  def test_the_systems_agree_with_each_other
    assert_in_delta 2.553, SIZES.mm("US 8") - SIZES.mm("US 7"), 1e-3
    assert_in_delta 1.25, SIZES.mm("UK O") - SIZES.mm("UK N"), 1e-9
    (40..66).each do |mm|
      us, uk, iso = SIZES.names(mm.to_f).split(", ")

      assert_in_delta mm, SIZES.mm(us), 0.33
      assert_in_delta mm, SIZES.mm(uk), 0.32
      assert_in_delta mm, SIZES.mm(iso), 1e-9
    end
  end

  # Centre line of a ring of inside diameter i and radial thickness t: pi (i + t), by plain geometry.
  def test_the_strip_of_an_open_ring
    ring = plan(
      document("ring", "body.closing": {"kind" => "open", "length" => size("0 mm")},
        pins: [{"id" => "p1", "quantity" => "finger", "length" => size("17 mm across")}])
    )

    assert_in_delta Math::PI * (17 + 0.8 + (2 * 0.3)), ring.fit.strip_mm, 1e-6
  end
end
