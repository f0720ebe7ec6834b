# frozen_string_literal: true

require_relative "../../test_helper"

# A flat braid begun from its far edge is the mirror image of one from the near edge: point by point, strand by strand,
# bead by bead.
class MirroredCourseTest < Minitest::Test
  Braid = Meander::Braid
  FIGURES = {3 => ->(d) { Braid::MiddleFigure.new(d, 6.0 * d, 1.5) },
             4 => ->(d) { Braid::EdgeFigure.new(d, 5.0 * d, 1.5, 4.2 * d, 1) }}.freeze

  # Plain stitches, and where there are figures for it some with a bead, in any order.
  def any_course(random)
    strands, d = random.rand(3..7), random.rand(0.3..1.5)
    shape = Braid::PlainFigure::SHAPES.fetch(strands)
    plain = Braid::PlainFigure.new(strands, d, d * random.rand(shape.tight..(2 * shape.usual)))
    beaded = FIGURES[strands]&.call(d)
    kinds = Array.new(random.rand(1..12)) { (beaded && random.rand < 0.5) ? [0] : [] }
    Braid::FlatCourse.new(strands, kinds, {[] => plain, [0] => beaded}.compact)
  end

  def test_every_point_lies_across_the_middle
    random = Random.new(seed = Random.new_seed % 100_000)
    30.times do |i|
      near, whose = any_course(random), "seed #{seed}, course #{i}"
      far = Braid::MirroredCourse.new(near)
      last = near.strands - 1

      assert_in_delta near.length_mm, far.length_mm, 1e-12, whose
      near.strands.times do |one|
        image = far.points(last - one).map { |x, y, z| [-x, y, z] }

        assert_equal near.points(one), image, whose
        assert_in_delta near.strand_mm(one), far.strand_mm(last - one), 1e-9, whose
        assert_in_delta near.strand_mm(one, 0.01), far.strand_mm(last - one, -0.01), 1e-9, whose
      end
      %w[start end].each { |side| assert_equal near.across(side).map(&:-@), far.across(side).reverse, whose }
      assert_equal near.reach[0].map(&:-@).reverse, far.reach[0], whose
      assert_equal near.reach[1], far.reach[1], whose
    end
  end

  # The strand that comes to an edge comes to the other one in the image, at the same share of the same stitch.
  def test_edges_change_sides
    random = Random.new(seed = Random.new_seed % 100_000)
    20.times do |i|
      near = any_course(random)
      far = Braid::MirroredCourse.new(near)
      near.count.times do |stitch|
        strand, share = near.carrier("near", stitch)
        other, at = far.carrier("far", stitch)

        assert_equal [near.strands - 1 - strand, share], [other, at], "seed #{seed}, course #{i}"
        assert_equal near.at(strand, stitch, share)[0], -far.at(other, stitch, at)[0]
      end
      assert_equal near.strands - 1 - near.leading, far.leading
    end
  end

  # Over and under are those of the scheme that is said: read off the points, crossing by crossing.
  def test_crossings_are_those_of_the_scheme
    (3..7).each do |strands|
      shape = Braid::PlainFigure::SHAPES.fetch(strands)
      near = Braid::FlatCourse.new(strands, [[]] * strands, {[] => Braid::PlainFigure.new(strands, 1.0, shape.usual)})
      far = Braid::MirroredCourse.new(near)

      assert_equal Braid::Scheme.flat(strands, "far").to_s, far.scheme.to_s
      assert_equal far.scheme.covers.keys.sort, over(far).sort, "#{strands} strands"
    end
  end

  # [[strand that lies over, strand under it], ...] where middle lines cross, seen from the front.
  def over(course)
    (0...course.strands).to_a.combination(2).flat_map { |one, other|
      course.points(one).each_cons(2).flat_map do |from, to|
        course.points(other).each_cons(2).flat_map { |start, stop| crossed(from, to, start, stop) }
      end.map { |above| above ? [one, other] : [other, one] }
    }.uniq
  end

  # [whether the first lies over the second] where they cross, none where they do not.
  def crossed((ax, ay, az), (bx, by, bz), (cx, cy, cz), (dx, dy, dz))
    turn = ((bx - ax) * (dy - cy)) - ((by - ay) * (dx - cx))
    return [] if turn.abs < 1e-12

    t = (((cx - ax) * (dy - cy)) - ((cy - ay) * (dx - cx))) / turn
    u = (((cx - ax) * (by - ay)) - ((cy - ay) * (bx - ax))) / turn
    return [] unless t.between?(0, 1) && u.between?(0, 1)

    [az + (t * (bz - az)) > cz + (u * (dz - cz))]
  end
end
