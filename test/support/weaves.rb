# frozen_string_literal: true

require_relative "../test_helper"

# Weaves to test with, and their drawing read back.
module Weaves
  include Meander::Weave

  # The reference weaves: walk and number of base wires.
  RAY = ([0, 1] * 8) + [0, 2, 1, 3, 2, 3, 1, 4, 3, 4, 1, 5, 4, 5, 1, 4, 3, 4, 1, 3, 2, 3, 1, 2]
  DIAMOND = [2, 3, 2, 3, 1, 4, 1, 4, 0, 5, 0, 5, 1, 4, 1, 4].freeze
  STAGGER = [0, 2, 0, 2, 1, 3, 1, 3].freeze
  PANEL = [0, 1, 2, 3, 4, 3, 2, 1].freeze
  NAMED = {"3 + 3" => [[0, 1] * 3 + [0, 2] * 3, 2], "5 + 2" => [[0, 1] * 5 + [0, 2] * 2, 2], "diamond" => [DIAMOND, 5],
    "stagger" => [STAGGER, 3],
            "panel" => [PANEL, 4], "figure-eight" => [[1, 2, 1, 2, 1, 0, 1, 0], 2], "ray" => [RAY, 5]}.freeze

  def figure_eight(count) = ([1, 2] * count) + ([1, 0] * count)

  def frame(walk, base, wire, clear: nil, strands: 1)
    return Frame.tight(base_mm: base, wire_mm: wire, visited: walk.visited, strands:) unless clear

    Frame.new(base_mm: base, wire_mm: wire, clear_mm: clear, strands:)
  end

  def repeat(gaps, base, wire, lean: 0.3, clear: nil, **options)
    walk = Walk.new(gaps)
    Repeat.new(frame(walk, base, wire, clear:), walk, lean:, **options)
  end

  def strip(repeat, count) = Strip.new(repeat.frame, PassTable.new(repeat.frame), [[repeat, count]])

  # Every pass of a strip as it is drawn: Cell::Stroke values in the order they are woven.
  def strokes(strip)
    shapes = Meander::Picture::ShapeTable.new
    strip.blocks.flat_map do |block|
      drawn = Meander::Picture::Cell.build(block, shapes).strokes(shapes.to_a)
      block.count.times.flat_map do |copy|
        drawn.map do |stroke|
          stroke.class.new(stroke.face, stroke.points.map { |x, y, z| [x, y + (copy * block.step_mm), z] })
        end
      end
    end
  end

  def drawn_mm(strip) = strokes(strip).sum { |stroke| Meander::Curve::Strand.polyline_length(stroke.points) }

  # A closed walk over n wires, no gap twice in a row.
  def random_walk(wires, random, even: true)
    loop do
      gaps = [random.rand(0..wires)]
      length = random.rand(2..18)
      gaps << ((0..wires).to_a - [gaps.last]).sample(random:) while gaps.size < length
      return Walk.new(gaps) if gaps.first != gaps.last && !(even && gaps.size.odd?)
    end
  end

  # So many random weaves: yields a Repeat and what to say when it fails. Equal wires, unless asked otherwise.
  def random_repeats(count, equal: true, most_wires: 6)
    seed = Random.new_seed % 100_000
    random = Random.new(seed)
    count.times do
      wires = random.rand(1..most_wires)
      walk = random_walk(wires, random)
      base = equal ? [random.rand(0.5..1.6)] * wires : Array.new(wires) { random.rand(0.5..1.6) }
      yield Repeat.new(frame(walk, base, random.rand(0.2..0.5)), walk, lean: 0.3),
        "seed #{seed}: #{walk.gaps.join(",")} on #{base.map { |mm| mm.round(3) }}"
    end
  end
end
