# frozen_string_literal: true

require_relative "sections"

# Weaves and documents at the ends of their ranges, any number of them, each from a seed that can be said.
module Extremes
  # Sizes that were found to matter: the least and the greatest, and some between.
  BASE_MM = [0.1, 0.5, 1.0, 2.0, 6.0].freeze
  WIRE_MM = [0.05, 0.1, 0.2, 0.3, 0.8].freeze
  CLEAR = [1.0, 1.02, 1.5, 2.0, 3.0, 10.0, 100.0].freeze

  # A weave: base wires equal or not, gaps as close as they may stand or far apart, a walk of 2 to 40 passes.
  def extreme_weave(random)
    wires = random.rand(1..[2, 3, 5, 25].sample(random:))
    base = (random.rand < 0.5) ? [BASE_MM.sample(random:)] * wires : Array.new(wires) { BASE_MM.sample(random:) }
    wire = WIRE_MM.sample(random:)
    clear = Array.new(wires - 1) { [CLEAR.sample(random:) * wire, 60.0].min }
    {base_mm: base, wire_mm: wire, clear_mm: clear, gaps: extreme_walk(wires, random)}
  end

  def extreme_walk(wires, random)
    loop do
      gaps = [random.rand(0..wires)]
      random.rand(1..[3, 11, 39].sample(random:)).times { gaps << ((0..wires).to_a - [gaps.last]).sample(random:) }
      return gaps if gaps.first != gaps.last
    end
  end

  # Where numbers of a document stand that may be put to their ends: { path => [least, greatest] }, by the table of
  # fields.
  def ends_of(shape, value, path = [])
    case shape
    when Meander::Document::Shape::Size
      {path => shape.schema[:properties][:mm].values_at(:minimum, :maximum).map { |mm| {"typed" => "#{mm} mm"} }}
    when Meander::Document::Shape::Count, Meander::Document::Shape::Share
      {path => shape.schema.values_at(:minimum, :maximum)}
    when Meander::Document::Shape::Choice then shape.schema[:enum] ? {path => shape.schema[:enum]} : {}
    when Meander::Document::Shape::Record then ends_of_fields(shape, value, path)
    when Meander::Document::Shape::Variant
      ends_of(shape.records[value[shape.tag.name]], value, path).except([*path, shape.tag.name])
    when Meander::Document::Shape::List then of_list(shape, value, path)
    else {}
    end
  end

  def ends_of_fields(record, value, path)
    there = record.fields.select { |key, _| value.key?(key.name) }
    there.reduce({}) { |found, (key, inner)| found.merge(ends_of(inner, value[key.name], [*path, key.name])) }
  end

  def of_list(shape, value, path)
    inner = shape.instance_variable_get(:@of)
    value.each_with_index.reduce({}) { |found, (one, i)| found.merge(ends_of(inner, one, [*path, i])) }
  end

  # A document of any kind with some of its values at their ends. Most can be planned; the others are refused.
  def extreme_document(random)
    json = JSON.parse(JSON.generate(Meander::Document::PieceReader.call(extreme_start(random)).piece.to_h))
    ends = ends_of(Meander::Document::Fields::PIECE, json).reject do |path, _|
      path.include?("gaps") || %w[format version use craft].include?(path.last)
    end
    ends.keys.sample(random.rand(1..4), random:).each do |path|
      path[0..-2].reduce(json) { |inner, key| inner[key] }[path.last] = ends[path].sample(random:)
    end
    json
  end

  def extreme_start(random)
    case random.rand(4)
    when 0 then document(%w[cuff bracelet ring].sample(random:))
    when 1 then document(%w[links earring pendant component].sample(random:))
    when 2 then demo_documents.sample(random:)
    else random_piece(random)
    end
  end

  # Every number in an answer, to see that each is one.
  def numbers(value)
    case value
    when Hash then value.values.flat_map { |inner| numbers(inner) }
    when Array then value.flat_map { |inner| numbers(inner) }
    when Numeric then [value]
    else []
    end
  end
end
