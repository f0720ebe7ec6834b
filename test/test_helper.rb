# frozen_string_literal: true

require "minitest/autorun"
require "json"
require_relative "../core/meander"
require_relative "support/slowest"

ROOT = File.expand_path("..", __dir__)

# Documents and plans to test with.
module Pieces
  # What a maker started from, in the first version of the document: it is the shorter one, and so every test tries that
  # it is lifted.
  FIRST_VERSION = File.read(File.join(__dir__, "support/first_version.json"))

  # A piece as a maker starts it, with changes: dotted paths to values.
  def document(kind = "cuff", **changes)
    json = JSON.parse(FIRST_VERSION).fetch(kind)
    changes.each { |path, value| put_in(json, path.to_s.split("."), value) }
    json
  end

  # A piece as one begins with it, with other values by their paths.
  def start(kind, **changes)
    JSON.parse(JSON.generate(Meander::Document::StartingPiece.call(kind))).tap do |json|
      changes.each { |path, value| put_in(json, path.to_s.split("."), value) }
    end
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

  # The plan of a piece; options as Planner::PlanPiece takes them.
  def plan(json, **options)
    result = Meander::Document::PieceReader.call(json)
    Meander::Planner::PlanPiece.call(result.piece, questions: result.questions, **options)
  end

  # A plan as the interface is told it, its advice and its order of work.
  def answer(plan) = Meander.answer(plan)
  def said(plan) = Meander::Advice::Council.call(plan).map { |item| item.class.new(**plain(item.to_h)) }
  def order(plan) = Meander::Work::Order.call(plan).map { |step| Meander::Step.new(*plain(step.to_a)) }

  # Words of the core as they are read.
  def plain(words) = Meander::Units::Said.call(words)

  def demo_documents = Dir[File.join(ROOT, "demo/pieces/*.json")].map { |file| JSON.parse(File.read(file)) }

  # The kind of each wire of a document.
  def kinds_of(json) = json["wires"].map { |wire| json["kinds"].find { |kind| kind["id"] == wire["kind"] } }

  # Those of them that are one woven band.
  def demo_bands = demo_documents.select { |json| Meander.read(json).piece.band? }

  def advice(plan, id) = said(plan).find { |item| item.id == id }
end

# A test of the core or of what stands round it.
class PieceTest < Minitest::Test
  include Pieces
end

# A plan knows all that it was made of; told whole, an error about one would take minutes to write.
Meander::Loader.everything
[Meander::Planner::Placed, Meander::Document::Section,
  Meander::Crafts::Worked, Meander::Crafts::Weaving::Layout, Meander::Crafts::Weaving::Strip,
  Meander::Crafts::Bending::Layout,
  Meander::Crafts::Lacing::Layout].each { |type| type.define_method(:inspect) { "#<#{self.class}>" } }
