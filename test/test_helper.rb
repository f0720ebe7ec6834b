# frozen_string_literal: true

require "minitest/autorun"
require "json"
require_relative "../core/meander"

ROOT = File.expand_path("..", __dir__)

# Documents and plans to test with.
module Pieces
  # A cuff or bracelet as a maker starts it, with changes: dotted paths to values.
  def document(kind = "cuff", **changes)
    json = JSON.parse(JSON.generate(Meander::Document::StartingPiece.call(kind)))
    changes.each { |path, value| put_in(json, path.to_s.split("."), value) }
    json
  end

  def put_in(json, keys, value)
    *way, last = keys.map { |key| key.match?(/\A\d+\z/) ? key.to_i : key }
    way.reduce(json) { |inner, key| inner[key] }[last] = value
  end

  def size(text) = {"typed" => text}

  # pins: quantity => count or typed length.
  def pins(pinned)
    pinned.each_with_index.map do |(quantity, value), i|
      field = (quantity == "repeats") ? {"count" => value} : {"length" => size(value)}
      {"id" => "p#{i + 1}", "quantity" => quantity, **field}
    end
  end

  def plan(json)
    result = Meander::Document::PieceReader.call(json)
    Meander::Planner::PlanPiece.call(result.piece, questions: result.questions)
  end

  # The plan of a piece put together from sections.
  def built(json, **options)
    result = Meander::Document::PieceReader.call(json)
    Meander::Built::PlanPiece.call(result.piece, questions: result.questions, **options)
  end

  def planned(json) = Meander::Document::Fields::BUILT.include?(json["body"]["kind"]) ? built(json) : plan(json)

  def demo_documents = Dir[File.join(ROOT, "demo/pieces/*.json")].map { |file| JSON.parse(File.read(file)) }

  # Those of them that are one woven band.
  def demo_bands = demo_documents.reject { |json| Meander::Document::Fields::BUILT.include?(json["body"]["kind"]) }

  def advice(plan, id) = plan.advice.find { |item| item.id == id }
end

# A test of the core or of what stands round it.
class PieceTest < Minitest::Test
  include Pieces
end
