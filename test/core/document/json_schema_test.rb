# frozen_string_literal: true

require_relative "../../test_helper"
require "json_schemer"

# The published schema and the reader come from one table; here they are held against each other.
class SchemaTest < PieceTest
  SCHEMA = JSONSchemer.schema(File.read(File.join(ROOT, "schema/piece-1.schema.json")))
  PLACES = %w[name notes body.kind body.ease wires.0.size wires.1.metal wires.2.temper sections.0.pattern.single
    sections.0.pattern.closing sections.0.bare endings.0.side endings.0.wraps endings.1.shank pins.0.quantity
    allowances.margin allowances.tail beads steps].freeze
  VALUES = [nil, true, -1, 0, 1, 3, 41, 2.5, "", "x", "cuff", "copper", "soft", "end", "wrist", [], ["x"], {},
    {"typed" => 3}, {"typed" => "3", "more" => 1}, {"mm" => 3}].freeze

  def readable?(json)
    Meander::Document::PieceReader.call(json)
    true
  rescue Meander::InvalidInput
    false
  end

  # What is published is what the tables say now, the usual sizes in words among it.
  def test_the_schema_is_written_as_the_tables_are
    {"piece-2" => [Meander::Document::Fields::PIECE, "Piece"],
      "plan-2" => [Meander::Document::AnswerFields::TOLD, "Plan of any piece"]}.each do |name, (shape, title)|
      schema = Meander::Document::JsonSchema.call(shape, id: "urn:meander:schema:#{name}", title:)

      assert_equal JSON.parse(File.read(File.join(ROOT, "schema/#{name}.schema.json"))),
        JSON.parse(JSON.generate(schema)), name
    end
  end

  # What the reader takes, the schema takes: nothing Meander writes is ever invalid by its own publication.
  def test_whatever_can_be_read_is_valid
    PLACES.product(VALUES).each do |place, value|
      json = document("bracelet", "#{place}": value)

      assert SCHEMA.valid?(json), "#{place} = #{value.inspect}" if readable?(json)
    end
  end

  # What the schema refuses, the reader refuses, in the same part of the document.
  def test_whatever_is_invalid_is_refused
    refused = PLACES.product(VALUES).reject { |place, value| SCHEMA.valid?(document("bracelet", "#{place}": value)) }

    assert_operator refused.size, :>, 200
    refused.each do |place, value|
      error = assert_raises(Meander::InvalidInput, "#{place} = #{value.inspect}") do
        Meander::Document::PieceReader.call(document("bracelet", "#{place}": value))
      end

      assert error.faults.any? { |fault| fault.path.start_with?("/#{place.split(".").first}") },
        "#{place}: #{error.faults.map(&:path)}"
    end
  end

  def test_the_starting_pieces_are_sound
    %w[cuff bracelet].each do |kind|
      assert SCHEMA.valid?(document(kind))
      plan = plan(document(kind))

      assert_empty plan.questions
      assert_equal 0, said(plan).count { |item| item.severity == "stop" }
    end
  end

  def test_what_is_sent_back_of_a_bad_value_is_short_and_harmless
    printable = Meander::Fault.method(:printable)

    assert_equal 80, printable.call("x" * 5000).length
    assert_equal "nothing", printable.call(nil)
    assert_equal "a number too large", printable.call(Float::INFINITY)
    assert_predicate printable.call((+"\xff").force_encoding("UTF-8")), :valid_encoding?
  end
end
