# frozen_string_literal: true

require_relative "../../support/weaves"

# Weaves a maker named, as the core reads, names and tries them.
class KeptWeavesTest < PieceTest
  include Weaves

  STEPS = {"name" => "Limpet steps", "notes" => "pairs that climb", "base" => 4,
    "gaps" => [0, 1, 0, 1, 0, 2, 0, 2, 1, 3, 1, 3, 2, 4, 2, 4], "before" => [], "after" => [], "clear" => nil}.freeze

  def read(**changes)
    Meander::Document::WeaveReader.call(JSON.parse(JSON.generate(STEPS.merge(changes.transform_keys(&:to_s)))))
  end

  def faults(**changes)
    assert_raises(Meander::InvalidInput) { read(**changes) }.faults.to_h { |fault| [fault.path, fault.accepted] }
  end

  def piece(**changes) = Meander::Document::PieceReader.call(document("cuff", **changes)).piece

  def test_a_weave_is_read_and_written_plain
    assert_equal STEPS, JSON.parse(JSON.generate(Meander::Document::Plain.call(read)))
    assert_equal({typed: "1/32\"", mm: 0.79375},
      Meander::Document::Plain.call(read(clear: size('1/32"')))[:clear]
        .transform_values { |value| value.is_a?(Float) ? value.round(5) : value })
  end

  # Every fault is found, each with what would be accepted.
  def test_all_faults_are_found_together
    assert_equal %w[/gaps/3 /name /notes], faults(name: " ", notes: "x" * 401, gaps: [0, 1, 0, "2"]).keys.sort
    assert_equal({"/gaps/1" => "0 to 2"}, faults(base: 2, gaps: [0, 3]))
    assert_equal %w[/before/0/gaps/0 /before/0/gaps/1 /gaps/0],
      faults(gaps: [0, 1, 0], before: [{gaps: [1, 1], times: 2}]).keys.sort
    assert_equal %w[/colour /gaps], faults(colour: "green", gaps: [0]).keys.sort
  end

  # Tried in other wires, a gap of so many mm stays as wide.
  def test_a_kept_weave_is_tried_in_the_makers_wires
    weave = read(clear: size("1.2 mm"))
    %w[0.3 0.5].each do |wire|
      piece = piece("wires.2.size": size("#{wire} mm"))
      plan = Meander::Crafts::Weaving::TryWeave.call(piece.sections.first,
        Meander::Weave::Samples.own(weave, piece.sections.first.working_wire.mm))

      assert_equal [1.2, 1.2, 1.2], plan.layout.frame.clear_mm.map { |mm| mm.round(6) }
      assert_equal 4, plan.picture.rods.size
      assert_operator Meander::Crafts::Weaving::TryWeave.figures(plan)[:wire_per_cm_mm], :>, 50
    end
  end

  # What is woven before and after comes with it.
  def test_its_beginning_and_end_are_tried_too
    weave = read(before: [{gaps: [0, 1], times: 5}], after: [{gaps: [0, 1], times: 7}])
    plan = Meander::Crafts::Weaving::TryWeave.call(piece.sections.first, Meander::Weave::Samples.own(weave, 0.4))
    strip = plan.layout.strip(plan.repeats)

    assert_equal [[0, 1]] * 5, (0...10).map { |number| strip.pass_at(number).from }.each_slice(2).to_a
    assert_equal [[0, 1]] * 7,
      (strip.pass_count - 14...strip.pass_count).map { |number| strip.pass_at(number).from }.each_slice(2).to_a
  end

  # The piece says the name its maker gave the weave, as long as it is that weave.
  def test_a_piece_says_its_weaves_name
    words = ->(gaps) { Meander::Weave::Samples.words({kind: "walk", gaps:}, 4, [read]) }

    assert_equal "Limpet steps", words.call(STEPS["gaps"])
    assert_equal "a walk of 2 passes", words.call([0, 4])
    assert_equal "a panel, in and out", words.call(PANEL)
  end

  # Passes are numbered in the order of work, whatever the stretches and blocks they lie in.
  def test_passes_by_their_number
    random_repeats(20) do |repeat, walk|
      strip = strip(repeat, 7)
      passes = strip.blocks.flat_map { |block| block.passes * block.count }

      assert_equal passes.size, strip.pass_count, walk
      assert_equal passes, (0...strip.pass_count).map { |number| strip.pass_at(number) }, walk
      assert_equal repeat.walk.closed_gaps * 7, passes.map(&:from), walk
    end
  end
end
