# frozen_string_literal: true

require_relative "../../test_helper"

# What stitches take of wire, and how large they come out, against the models' values and paths relaxed as tubes.
class CrochetFiguresTest < Minitest::Test
  Gauge = Meander::Crochet::Gauge
  # Paths of the models, relaxed as tubes without friction, in wires: copied from them.
  RELAXED = JSON.parse(File.read(File.join(ROOT, "test/published/stitches_relaxed.json"))).fetch("cases")
  KINDS = {"chain" => "chain", "sc" => "single", "hdc" => "half", "dc" => "double"}.freeze

  def each_relaxed
    RELAXED.each { |name, told| yield KINDS.fetch(name[/\A[a-z]+/]), told, name }
  end

  # Models, section 3: a chain of 17.1 mm to 3.9 mm, 11.7 to 2.6; a single of 32.5 mm; their paths' own formula.
  def test_the_values_of_the_models
    gauge = Gauge.new(3.0, 0.3)

    assert_in_delta 17.1, gauge.mm("chain"), 0.05
    assert_in_delta 3.9, gauge.stitch_mm, 1e-9
    assert_in_delta 32.5, gauge.mm("single"), 0.06
    assert_in_delta 11.7, Gauge.new(2.0, 0.25).mm("chain"), 0.02
    {5 => 31.98, 7 => 41.77, 10 => 56.86}.each do |hook, mm|
      assert_in_delta mm, Gauge.new(hook.to_f, 1.0).mm("chain"), 0.02
    end
    assert_equal [1.0, 1.6, 2.0], [1, 2, 3].map { |count| Gauge.new(3.0, 1.0, count).bundle_mm }
  end

  # The least a stitch takes is what relaxing it gives, within a per cent; what is planned lies above it.
  def test_taut_stitches_are_the_relaxed_ones
    each_relaxed do |kind, told, name|
      gauge = Gauge.new(told["hook"].to_f, 1.0)

      assert_in_epsilon told["relaxed_length"], gauge.taut_mm(kind), 0.01, name
      assert_in_delta told["advance"], gauge.stitch_mm, 1e-6, name
      assert_in_delta told["height"], gauge.height_mm(kind), 1e-6, name if told["height"]

      assert_includes 1.06..1.21, gauge.formed_mm(kind) / gauge.taut_mm(kind), name
    end
  end

  # The relaxed path itself, measured here, is as long as it says; what is drawn lies between it and what is planned.
  def test_what_is_drawn_lies_between_taut_and_formed
    each_relaxed do |kind, told, name|
      gauge = Gauge.new(told["hook"].to_f, 1.0)
      if told["points"]
        assert_in_epsilon told["relaxed_length"], Meander::Form::Trace.polyline_mm(told["points"]), 0.008, name
      end
      next if kind == "chain"

      %w[rounds rows].each do |way|
        drawn = Meander::Form::Trace.polyline_mm(Meander::Crochet::Cells.new(gauge, way).stitch(kind))

        assert_includes (0.97 * gauge.taut_mm(kind))..(1.05 * gauge.formed_mm(kind)), drawn, "#{name} #{way}"
      end
    end
  end

  # Models: 60 chains with a bead of 6 mm in every third, hook 3, wire 0.3: 20 beads, 282 mm, 1.48 m with a tenth more
  # and two tails of 150 mm.
  def test_the_worked_example
    figures = Meander.crochet("hook" => "3", "wire" => "0.3", "stitch" => "chain", "stitches" => "60", "bead" => "6",
      "every" => "3")

    assert_equal [20, 1, true], figures.values_at(:beads, :spare, :assumed)
    assert_in_delta 282.0, figures[:length_mm], 1e-6
    assert_in_delta 1480, (figures[:wire_mm].first * 1.1) + 300, 5
    assert_operator figures[:least_mm].first, :<, figures[:wire_mm].first
  end

  # Models: a band takes (N + 1) chains, N M stitches and a turn of 1, 2 or 3 chains for all rows but one.
  def test_a_band_is_the_sum_of_its_stitches
    {"single" => 1, "half" => 2, "double" => 3, "treble" => 4}.each do |stitch, turn|
      figures = Meander.crochet("hook" => "2.5", "wire" => "0.25", "stitch" => stitch, "stitches" => "7", "rows" => "5")
      gauge = Gauge.new(2.5, 0.25)
      wanted = (8 * gauge.mm("chain")) + (35 * gauge.mm(stitch)) + (4 * turn * gauge.mm("chain"))

      assert_in_epsilon wanted, figures[:wire_mm].first, 1e-9, stitch
      assert_in_delta 7 * 3.25, figures[:width_mm], 1e-9
      assert_in_delta 5 * gauge.height_mm(stitch), figures[:length_mm], 1e-9
    end
  end

  # Stitches and rows counted in 50 mm, and the wire of such a square: that is what is planned then.
  def test_a_swatch_says_it
    swatch = Gauge::Swatch.new(stitch_mm: 50 / 14.0, row_mm: 50 / 16.0, used_mm: 8000 / (14 * 16.0))
    gauge = Gauge.new(3.0, 0.3, swatch:)

    assert_in_delta 50 / 16.0, gauge.height_mm("single"), 1e-9
    assert_in_delta 2 * 50 / 16.0, gauge.height_mm("double"), 1e-9
    assert_in_delta 8000, 14 * 16 * gauge.mm("single"), 1e-6
    refute_predicate gauge, :assumed?
  end

  def test_every_fabric_to_choose_from_has_its_figures
    all = Meander::Output::FabricFigures.collection({"wire" => {"typed" => "0.3 mm"}})

    assert_equal 8, all.map { |one| one[:key] }.uniq.size
    all.each do |one|
      assert(one[:figures].values_at(:wire_mm, :length_mm, :width_mm).all?(&:positive?), one[:key])
      assert_includes 20..1300, one[:figures][:wire_per_cm_mm], one[:key]
    end
  end

  def test_what_the_command_line_refuses
    good = {"hook" => "3", "wire" => "0.3", "stitch" => "single", "stitches" => "6"}
    {"hook" => "0.6", "stitch" => "double2", "stitches" => "0", "rows" => "9999", "bead" => "x", "wires" => "4",
      "slack" => "9"}.each do |option, text|
      told = assert_raises(Meander::Error, option) { Meander.crochet({**good, option => text}) }.message

      assert_match(/\A--#{option}.*accepted: /, told)
    end
    assert_match(/--stitches is missing/, assert_raises(Meander::Error) {
      Meander.crochet(good.except("stitches"))
    }.message)
  end
end
