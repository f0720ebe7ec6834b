# frozen_string_literal: true

require_relative "onto_wire"

# Knotted pieces to test with.
module Knots
  include OntoWire

  # A component that is one knotted section. rows: in short notation; count: how often the pattern; mount: what it hangs
  # from, cords folded then, as documents have it; beads: placements of the rule knotted, what of them is not as usual,
  # with how large they are; all else: fields of the section.
  def knotted(rows, cords: 4, count: 4, wire: "1 mm", metal: "waxed_cord", mount: nil, beads: nil, bead: "3 mm",
    **fields)
    pattern = Meander::Document::Plain.call(Meander::Knot::Notation.read(rows))
    section = {"id" => "s1", "craft" => "knot", "copies" => 1, "at" => {"kind" => "first", "turn" => 0},
      "form" => {"kind" => "straight"}, "extent" => {"kind" => "repeats", "count" => count}, "rows" => pattern,
      "mount" => mount, "bare" => {"length" => size("0 mm"), "gives" => false}, **fields.transform_keys(&:to_s)}
    kind = {"id" => "k1", "use" => "base", "size" => size(wire), "metal" => metal, "temper" => "soft"}
    JSON.parse(JSON.generate({"format" => "meander-piece", "version" => 2, "name" => "Knotted", "notes" => "",
      "kind" => "component", "worn" => nil, "kinds" => [kind], "wires" => cords(cords, !mount.nil?),
      "sections" => [section], "endings" => [], "beads" => [], "pins" => [],
      "allowances" => {**Meander::Document::StartingPiece::ALLOWANCES, "trim" => size("0 mm")},
      **(beads ? beading(beads, bead) : {})}))
  end

  # The same hung from a bent wire, see OntoWire.
  def hung(rows, bend, side: "far", along: nil, over: nil, bar: "1.2 mm", **fields)
    mount = {"kind" => "head", "over" => over, "room" => nil}
    onto_wire(knotted(rows, mount:, **fields), bend, side:, along:, bar:)
  end

  def cords(count, folded)
    visit = ->(number, **more) { {"kind" => "visit", "section" => "s1", "seat" => "base #{number}", **more} }
    return (1..count).map { |i| {"id" => "w#{i}", "kind" => "k1", "route" => [visit.call(i)]} } unless folded

    (1..(count / 2)).map do |i|
      {"id" => "w#{i}", "kind" => "k1", "route" => [visit.call((2 * i) - 1, "back" => true),
        {"kind" => "fold", "id" => "f#{i}", "ring" => nil}, visit.call(2 * i)]}
    end
  end

  def beading(placements, mm)
    {"tray" => [{"id" => "b1", "name" => "Glass", "material" => "glass", "shape" => "round", "length" => size(mm),
      "width" => size(mm), "hole" => size("2.6 mm"), "drilled" => "along", "mass" => nil, "colour" => "#336699",
      "guessed" => []}],
     "beads" => placements.each_with_index.map do |one, i|
       {"id" => "p#{i + 1}", "rule" => "knotted", "section" => "s1", "bead" => "b1", "count" => 0, "on" => "fillers",
        "first" => 0, "every" => [1], **one}
     end}
  end

  # The way of every cord as it is drawn, straight between knots: [[x, y, z], ...] by number.
  def drawn(section)
    course, thick = section.course, section.layout.thick
    section.base.each_index.map do |cord|
      section.passes(cord).flat_map do |pass|
        Meander::Knot::Cells.of(pass.knot, course, thick)[pass.place].map do |x, y, z|
          [pass.knot.x + x, pass.knot.y + y, z]
        end
      end
    end
  end

  # Of two lines seen from the front: how often one crosses the other, as a right-handed screw less as a left-handed.
  def screw(one, other)
    one.each_cons(2).sum do |(a, b)|
      other.each_cons(2).sum { |(c, d)| crossing(a, b, c, d) }
    end
  end

  # 1, -1, or 0 where they do not cross. Pictures have y down the page, so a screw is told the other way round.
  def crossing(a, b, c, d) = met(a, b, c, d).then { |turn, high| turn ? -(turn * high <=> 0) : 0 }

  # How often one of two lines crosses above the other, less how often below.
  def above(one, other)
    one.each_cons(2).sum do |(a, b)|
      other.each_cons(2).sum { |(c, d)| met(a, b, c, d).then { |turn, high| turn ? (high <=> 0) : 0 } }
    end
  end

  # Where two straight pieces cross: which way the other turns off the first, and how much higher that one is.
  def met(a, b, c, d)
    one, other, off = [b, d, c].zip([a, c, a]).map { |to, from| to.zip(from).map { |p, q| p - q } }
    turn = (one[0] * other[1]) - (one[1] * other[0])
    return if turn.abs < 1e-12

    t = ((off[0] * other[1]) - (off[1] * other[0])) / turn
    u = ((off[0] * one[1]) - (off[1] * one[0])) / turn
    return unless t.between?(0, 1) && u.between?(0, 1)

    [turn, (a[2] + (t * one[2])) - (c[2] + (u * other[2]))]
  end

  def size(typed) = {"typed" => typed}
  def made(json) = Meander.plan(json).sections.first

  # What is wrong with a piece: [[pointer, message], ...].
  def faults(json)
    Meander.plan(json)
    []
  rescue Meander::InvalidInput => e
    e.faults.map { |fault| [fault.path, fault.message] }
  end
end
