# frozen_string_literal: true

require_relative "../../test_helper"

class PieceReaderTest < PieceTest
  def faults(json)
    error = assert_raises(Meander::InvalidInput) { Meander::Document::PieceReader.call(json) }
    error.faults.to_h { |fault| [fault.path, fault] }
  end

  def read(json) = Meander::Document::PieceReader.call(json)

  def test_a_document_goes_out_as_it_came_in_with_its_sizes_read
    demo_documents.each do |json|
      out = JSON.parse(JSON.generate(read(json).piece.to_h))

      assert_equal out, JSON.parse(JSON.generate(read(out).piece.to_h))
      assert_equal json["kinds"].map { |kind| kind["size"]["typed"] }, out["kinds"].map { |kind| kind["size"]["typed"] }
      assert out["kinds"].all? { |kind| kind["size"]["mm"].positive? }
    end
  end

  def test_all_faults_come_together_each_with_place_given_and_accepted
    json = document("wires.0.size": size("thick"), "wires.2.metal": "gold?", "sections.0.pattern.single": 0,
      "sections.0.pattern.both": 2.5,
      "allowances.margin": -1, "body.ease": size("-4"), name: " ")
    found = faults(json)

    assert_equal %w[/allowances/margin /body/ease /name /sections/0/pattern/both /sections/0/pattern/single
      /wires/0/size /wires/2/metal], found.keys.sort
    assert_equal "thick", found["/wires/0/size"].given
    assert_match(/20 awg/, found["/wires/0/size"].accepted)
    assert_match(/from 1 to 40/, found["/sections/0/pattern/single"].accepted)
  end

  def test_absurd_numbers_and_types_are_faults_and_never_errors
    absurd = [0, -1, 1e300, 1e308 * 10, "NaN", "1e300", nil, [], {}, true, "9" * 40, "\u0000", "0", "-0.8",
      {"typed" => 3}, {"typed" => "1", "mm" => "1"}]
    %w[wires.0.size sections.0.pattern.single body.ease pins.0.length allowances.margin sections.0.base endings wires.0
      name body.kind].each do |place|
      absurd.each do |value|
        read(document("bracelet", "#{place}": value))
      rescue Meander::InvalidInput => e
        refute_empty e.faults
      end
    end

    assert_includes faults(document("wires.0.size": {"typed" => "0.8", "mm" => Float::NAN})).keys, "/wires/0/size"
    assert_includes faults(document("wires.0.size": size("0"))).keys, "/wires/0/size"
  end

  def test_other_kinds_and_versions_are_refused_whole
    assert_equal ["/version"], faults(document(version: 3)).keys
    assert_equal ["/format"], faults({"format" => "something", "version" => 1}).keys
    assert_equal [""], faults([]).keys
  end

  def test_unknown_fields_are_named
    assert_equal ["/wires/0/colour"], faults(document("wires.0.colour": "red")).keys
  end

  def test_words_and_number_of_a_size_must_agree
    assert_equal "contradiction",
      faults(document("wires.0.size": {"typed" => "20 awg", "mm" => 0.5}))["/wires/0/size"].code
    assert_in_delta 0.8118,
      read(document("wires.0.size": {"typed" => "20 awg", "mm" => 0.812})).piece.base_wires.first.mm, 1e-4
  end

  def test_a_gauge_without_its_system_is_asked_about
    fault = faults(document("wires.0.size": size("20 ga")))["/wires/0/size"]

    assert_equal "either", fault.code
    assert_equal ["20 awg", "20 swg"], fault.likely
    assert_match(/20 awg is 0.812 mm or 20 swg is 0.914 mm/, fault.message)
    fault = faults(document("wires.0.size": size("1,200 mm")))["/wires/0/size"]

    assert_equal [["1200 mm", "1.2 mm"], true], [fault.likely, fault.message.include?("thousands")]
  end

  # A slip of a decimal place or a unit is questioned with the likely value, and the value is kept as typed.
  def test_doubtful_values_are_questioned_and_kept
    {"wires.0.size" => ["8.0", nil, "/kinds/0/size"], "pins.0.length" => ["7", nil, "/pins/0/length"],
      "body.ease" => ["120", "12 mm", "/worn/ease"], "wires.2.size" => ["4 mm", nil, "/kinds/2/size"],
      "allowances.working_length" => ["200", "2000 mm", "/allowances/working_length"],
      "sections.0.bare" => ["127", "12.7 mm", "/sections/0/bare/length"]}.each do |place, (typed, likely, pointer)|
      result = read(document("#{place}": size(typed)))
      question = result.questions.find { |one| one[:path] == pointer }

      assert_includes question[:likely], likely
      assert_equal typed, question[:given].typed
    rescue Meander::InvalidInput => e
      refute_empty e.faults.find { |fault| [pointer, "/#{place.tr(".", "/")}"].include?(fault.path) }.likely, typed
    end

    assert_empty read(document).questions
  end

  def test_references_must_hold_together
    {"sections.0.weaving": "w1", "sections.0.base": %w[w1 w1], "wires.1.id": "w1", "endings.0.side": "end",
      "endings.0.wires": ["w1"], "endings.0.kind": "loop"}.each do |place, value|
      refute_empty faults(document(**{place => value})), place
    end
    twice = pins("wrist" => "170", "repeats" => 4) + [{"id" => "p9", "quantity" => "wrist", "length" => size("160")}]

    assert_includes faults(document(pins: twice)).keys, "/pins/2/quantity"
    both = document("bracelet").tap do |json|
      json["endings"][1] = json["endings"][0].merge("id" => "e2", "side" => "end")
    end

    assert_includes faults(both).keys, "/endings/1/kind"
  end
end
