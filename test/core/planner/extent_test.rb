# frozen_string_literal: true

require_relative "../../test_helper"

# How wide and how long a piece is told against its picture, measured.
class ExtentTest < PieceTest
  # Wire as thick as it is, square to its way; its ends are cut flush.
  def drawn(picture)
    picture.groups.flat_map { |group|
      group.points.flat_map { |line| beside(line.map { |point| point.first(2) }, group.mm / 2) }
    }.transpose.map(&:minmax)
  end

  def beside(line, half)
    line.each_cons(2).flat_map do |(x, y), (to_x, to_y)|
      long = Math.hypot(to_x - x, to_y - y)
      next [] if long < 1e-9

      [1, -1].map { |side| side * half / long }.flat_map do |by|
        [[x, y], [to_x, to_y]].map { |at_x, at_y| [at_x - (by * (to_y - y)), at_y + (by * (to_x - x))] }
      end
    end
  end

  # How far its picture stands out beyond what is told of it, at the worst of its sides. What lies straight is told as
  # long as its repeats: a walk across many wires begins lower on some of them, folds of cords reach over their bar.
  def beyond(section, drawn)
    told = Meander::Form::Pose::ORIGIN.box(section.outline)
    sides = drawn.zip(told).map { |(low, high), (from, to)| [from - low, high - to].max }
    (section.section.fields.dig(:form, :kind) == "straight") ? sides[0] : sides.max
  end

  WIRES = %w[weave bend bind].freeze

  # Of what is woven, bent or bound nothing stands out; of other crafts how far is printed, as their stitches and knots
  # are told by how wide they are in the middle of the fabric.
  def test_told_as_drawn
    worst = Hash.new(0.0)
    plans = demo_documents.map { |json| Meander.plan(json) }.reject(&:band)
    plans.each do |plan|
      plan.finished.each do |picture, _, id|
        next unless id && picture.groups.any?

        section = plan.placed.section(id)
        craft = section.section[:craft]
        out = beyond(section, drawn(picture))
        worst[craft] = [worst[craft], out].max
        assert_operator out, :<, 0.3, "#{plan.piece.name} #{id}" if WIRES.include?(craft) && section.flat?
      end
    end
    puts "\ndrawn beyond what is told: #{worst.map { |craft, mm| "#{craft} #{mm.round(2)} mm" }.join(", ")}"

    assert_operator worst.values.max, :<, 2.5
  end

  # A ring of wire, whichever way it stands.
  def test_a_ring
    ring = lambda { |turn|
      {"format" => "meander-piece", "version" => 2, "name" => "Ring", "notes" => "", "kind" => "component",
        "worn" => nil, "kinds" => [{"id" => "k1", "use" => "base", "size" => {"typed" => "1.2 mm"}, "metal" => "brass",
          "temper" => "half_hard"}],
        "wires" => [{"id" => "w1", "kind" => "k1", "route" => [{"kind" => "visit", "section" => "s1",
          "seat" => "base 1"}]}],
        "sections" => [{"id" => "s1", "craft" => "bend", "copies" => 1, "at" => {"kind" => "first", "turn" => turn},
          "bend" => {"kind" => "arc", "radius" => {"typed" => "20 mm"}, "angle" => 360, "towards" => "near"}}],
        "endings" => [], "beads" => [], "pins" => [],
        "allowances" => {**Meander::Document::StartingPiece::ALLOWANCES, "trim" => {"typed" => "0 mm"}}}
    }
    [0, 30, 45, 90].each do |turn|
      Meander.plan(ring[turn]).extent.each { |low, high| assert_in_delta 41.2, high - low, 0.05, "turned #{turn}" }
    end
  end
end
