# frozen_string_literal: true

require_relative "../../../test_helper"
require_relative "../../../support/crochets"

# What goes out of a crocheted section: its chart, its picture, its pages.
class CrochetToldTest < PieceTest
  include Crochets

  def each_fabric
    {"a cord" => cord(30), "a band" => band(5, 6), "a band along" => band(2, 20, lying: "along"),
      "a tube" => tube(8, 5, way: "closed"), "doubles" => band(4, 3, stitch: "double"),
      "a disc" => crocheted({"kind" => "disc", "stitch" => "half", "rounds" => "closed"}, count: 4),
      "an oval" => crocheted({"kind" => "oval", "stitch" => "single", "chains" => 5, "rounds" => "spiral"}, count: 3),
      "a triangle" => crocheted({"kind" => "triangle", "stitch" => "single", "more" => 1}, count: 5),
      "a net" => typed("d 2c 2- d 2c 2- d 2c 2- d"), "picots" => typed("3s p 3s p 4s")}.each do |name, json|
      plan = planned(json)
      yield plan, plan.sections.first, name
    end
  end

  # What is told row by row is what is counted, made move by move.
  def test_the_chart_has_every_stitch
    each_fabric do |_, section, name|
      told = section.crochet
      rows = told[:rows].flat_map { |row| [row] * row[:times] }

      assert_equal section.fabric.rows.size, rows.size, name
      made = rows.sum { |row| row[:items].sum { |one| (one[:kind] == "skip") ? 0 : one[:times] * one[:into] } }

      assert_equal section.stitches, section.layout.cords * (made + section.fabric.begun.chains), name
      assert(rows.each_cons(2).all? { |below, row| row[:takes] <= below[:heads] }, name)
      assert(rows.flat_map { |row| row[:items] }.none? { |one| one[:name].empty? || one[:words].empty? }, name)
    end
  end

  # Chains up and at the beginning are those that are paid for.
  def test_chains_are_told_as_they_are_taken
    each_fabric do |_, section, name|
      told, fabric = section.crochet, section.fabric
      up = fabric.rows.each_index.sum { |i| fabric.chains_up(i + 1) }
      own = fabric.rows.sum { |row| row.tally["chain"] || 0 }

      assert_equal fabric.tally["chain"], fabric.begun.chains + told[:begun][:turn] + up + own, name
    end
  end

  # Wires that cross lie in layers of their own, so that what is nearer is drawn over what is farther.
  def test_layers_follow_the_depth
    each_fabric do |_, section, name|
      depths = section.finished.groups.group_by(&:layer).sort.map do |_, groups|
        groups.flat_map { |group| group.lines.flat_map { |line| line.each_slice(3).map { |point| point[2] } } }
      end
      means = depths.map { |all| all.sum / all.size }

      assert_equal means.sort, means, name
    end
  end

  # A page at true size writes each cell once, and puts it where the picture does.
  def test_the_template_puts_what_the_picture_puts
    each_fabric do |plan, section, name|
      svg = Meander.svg(plan)
      groups = section.finished.groups

      assert_equal groups.sum { |group| group.at.size }, svg.scan(/<use href="#c\d+p"/).size, name
      assert_equal groups.size, svg.scan(/<path id="c\d+p"/).size, name
    end
  end

  # Steps make every stitch once, in order; their minutes are those of the work.
  def test_steps_make_every_stitch
    each_fabric do |plan, section, name|
      steps = section.steps(Meander::Work::Context.new(plan))
      made = steps.flat_map(&:makes).select { |one| one.of == "weave" && one.to > one.from }

      assert_equal [0, section.stitches], [made.first.from, made.last.to], name
      made.each_cons(2) { |one, other| assert_equal one.to, other.from, name }
      assert_in_delta plan.minutes, steps.sum(&:minutes), 1e-9, name
    end
  end
end
