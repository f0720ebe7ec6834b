# frozen_string_literal: true

require_relative "../../test_helper"

# Rounds laid by their crossings and relaxed, with beads on their edges and of strands unlike each other: against what
# was found by search, against themselves, and against the crossings they are of. Lengths in strand diameters.
class LaidFigureTest < Minitest::Test
  Braid = Meander::Braid
  EDGES = %w[near far].freeze

  def tubes(scheme, diameters = nil) = Braid::LaidFigure::Strands.new(scheme, 1.0, 1.0, diameters)

  # A round with a bead at an edge, laid straight, or as far curved as the stitch at the other edge says.
  def edged(scheme, bead, where, outer: bead + 1.5, inner: outer)
    laid = ->(edge) {
      Braid::LaidFigure.new(tubes(scheme), (outer + edge.inner_mm) / 2, {where => bead}, edge:)
    }
    laid[Braid::Edge.new(outer, inner, laid[Braid::Edge.new(outer, outer, 1.0)].apart_mm)]
  end

  def course(scheme, figure, rounds) = Braid::RoundCourse.new(scheme, [[0]] * rounds, {[0] => figure})

  def take_up(course)
    (0...course.strands).sum { |one| course.strand_mm(one) * course.more(one) } / course.strands / course.length_mm
  end

  # Beads on one edge of four strands were found by search, too: what a strand takes agrees within one per cent, how
  # wide it lies within a seventh, as relaxed tubes are drawn tight.
  def test_beads_on_an_edge_of_four_as_they_were_found
    scheme = Braid::Scheme.flat(4)
    [4.0, 5.0, 6.0, 7.0].each do |bead|
      found = Braid::FlatCourse.new(4, [0] * 8, {0 => Braid::EdgeFigure.new(1.0, bead, 1.5, bead + 1.5, 1)})
      laid = edged(scheme, bead, "near")

      assert_in_epsilon take_up(found), take_up(course(scheme, laid, 8)), 0.01, "beads of #{bead}"
      assert_in_epsilon Braid::EdgeFigure.apart_mm(1.0, bead), laid.apart_mm, 0.145, "beads of #{bead}"
    end
  end

  # Strands keep clear of each other and of the beads; the worst is printed.
  def test_strands_and_beads_keep_clear
    worst = (3..9).flat_map { |strands|
      scheme = Braid::Scheme.flat(strands)
      EDGES.map do |where|
        bead = 2.5 + (strands / 2.0)
        edged(scheme, bead, where, outer: [bead + 1.5, 2 * Braid::RelaxedFigure::USUAL[strands]].max)
          .instance_variable_get(:@relaxed).then { |relaxed| [relaxed.clearance, relaxed.bead_clearance] }
      end
    }.transpose.map(&:min)
    unlike = [[1.2, 0.9, 0.9], [0.8, 0.8, 0.8, 1.6], [0.7, 1.4, 0.7, 1.4, 0.8]].map do |diameters|
      scheme = Braid::Scheme.flat(diameters.size)
      Braid::RelaxedFigure.of(scheme, 2 * Braid::RelaxedFigure::USUAL[diameters.size], thick: diameters).clearance
    end
    puts "laid by their crossings, in what they must keep: strands #{worst[0].round(3)}, beads #{worst[1].round(3)}, " \
         "unlike strands #{unlike.min.round(3)}"

    [*worst, *unlike].each { |share| assert_operator share, :>=, 0.97 }
  end

  # How often each two strands wind round each other, counted by who lies over, is as the crossings say, whatever beads
  # push them aside and however thick they are.
  def test_strands_are_linked_as_their_crossings_say
    schemes = [*(3..7).map { |strands| Braid::Scheme.flat(strands) },
      Braid::Scheme.of(5, Braid::Notation.read("1r 2r 4l 3l", 5))]
    schemes.each do |scheme|
      EDGES.each do |where|
        assert_linked scheme, edged(scheme, 5.0, where, outer: [6.5, scheme.layers.size * 2.5].max)
      end
    end
    [[1.2, 0.9, 0.9], [0.8, 0.8, 0.8, 1.6], [0.7, 1.4, 0.7, 1.4, 0.8],
      [2.2, 0.6, 0.6, 0.6], [2.1, 0.7, 0.7, 0.7, 0.7]].each do |diameters|
      scheme = Braid::Scheme.flat(diameters.size)

      assert_linked scheme, Braid::LaidFigure.new(tubes(scheme, diameters), 4.5)
    end
  end

  def assert_linked(scheme, figure)
    made = course(scheme, figure, scheme.period)
    lines = (0...scheme.strands).map { |one| made.points(one) }
    wound = [*0...scheme.strands].combination(2).to_h { |one, other| [[one, other], turns(lines[one], lines[other])] }

    assert_equal wound_by(scheme), wound, "#{scheme} of #{scheme.strands}"
  end

  # Crossings of two strands, those with the one that goes right over less the others; seen from the front.
  def turns(one, other)
    one.each_cons(2).sum do |from, to|
      other.each_cons(2).sum { |start, stop| crossed(from, to, start, stop) }
    end
  end

  def crossed((ax, ay, az), (bx, by, bz), (cx, cy, cz), (dx, dy, dz))
    return 0 if [ay, by].max < [cy, dy].min || [cy, dy].max < [ay, by].min

    across = ((bx - ax) * (dy - cy)) - ((by - ay) * (dx - cx))
    return 0 if across.abs < 1e-12

    t = (((cx - ax) * (dy - cy)) - ((cy - ay) * (dx - cx))) / across
    u = (((cx - ax) * (by - ay)) - ((cy - ay) * (bx - ax))) / across
    return 0 unless t >= 0 && t < 1 && u >= 0 && u < 1

    over = az + (t * (bz - az)) > cz + (u * (dz - cz))
    (over == across.positive?) ? 1 : -1
  end

  def wound_by(scheme)
    lying = [*0...scheme.strands]
    found = lying.combination(2).to_h { |pair| [pair, 0] }
    (scheme.crossings * scheme.period).each do |crossing|
      left, right = lying[crossing.gap - 1, 2]
      found[[left, right].sort] += crossing.right? ? 1 : -1
      lying[crossing.gap - 1, 2] = [right, left]
    end
    found
  end

  # Bent, a stitch is as long along the beads and along the other edge as was asked: measured on the drawn lines.
  def test_edges_are_as_long_as_they_were_asked_to_be
    [[5, "near"], [6, "far"], [3, "near"]].each do |strands, where|
      scheme = Braid::Scheme.flat(strands)
      figure = edged(scheme, 6.0, where, inner: 6.0)
      made = course(scheme, figure, 12)
      way = Meander::Form::Way::Chain.new(made.cells.map { |cell| [cell.advance_mm, cell.curvature] })
      place, share = made.carrier(where, 0)
      x, = made.at(place, 0, share)
      bent = (0..11).map { |i| way.at(made.from_mm[i] + (share * figure.advance_mm), x, 0.0) }

      bent.each_cons(3).map { |three|
        circle(*three)
      }.each { |mm| assert_in_epsilon 7.5 / figure.edge.turn, mm, 0.01, "#{strands} #{where}" }
      assert_equal (where == "near"), way.turn(10.0).positive?
      assert_in_delta figure.radius_mm, (7.5 + 6.0) / 2 / figure.edge.turn, 1e-9
    end
  end

  # The radius of the circle through three points, |AB| |BC| |CA| / 4 area, any book of geometry.
  def circle(a, b, c)
    sides = [[a, b], [b, c], [c, a]].map { |(x, y), (u, v)| Math.hypot(u - x, v - y) }
    area = (((b[0] - a[0]) * (c[1] - a[1])) - ((c[0] - a[0]) * (b[1] - a[1]))).abs / 2
    sides.inject(:*) / 4 / area
  end

  # What is laid near for far lies, and takes, the same near for far: point by point.
  def test_mirror_images_are_laid_alike
    [[5, "near"], [6, "far"], [4, nil]].each do |strands, where|
      [Braid::Scheme.flat(strands), Braid::Scheme.flat(strands).mirrored].each do |scheme|
        diameters = [1.4, *Array.new(strands - 1, 0.9)] unless where
        near, far = [[scheme, where, diameters], [scheme.mirrored, {"near" => "far", "far" => "near"}[where],
          diameters&.reverse]].map do |own, edge, thick|
          figure = edge ? edged(own, 5.0, edge, inner: 5.0) : Braid::LaidFigure.new(tubes(own, thick), 4.0)
          course(own, figure, 7)
        end

        strands.times do |one|
          image = far.points(strands - 1 - one).map { |x, y, z| [-x, y, z] }

          assert_equal near.points(one), image, "#{scheme} #{where}"
        end
      end
    end
  end

  # Strands all of one thickness are the plain figure, told over as many rounds as bring all back; a thicker one goes
  # further round the others.
  def test_strands_unlike_each_other
    scheme = Braid::Scheme.flat(4)
    runs = ->(diameters) {
      made = course(scheme, Braid::LaidFigure.new(tubes(scheme, diameters), 4.0), 8)
      Array.new(4) { |one| made.strand_mm(one) }
    }

    runs[[1.0] * 4].zip(runs[nil]).each { |told, plain| assert_in_epsilon plain, told, 0.004 }
    thin, *, thick = runs[[0.8, 0.8, 0.8, 1.6]]

    assert_operator thick, :>, thin * 1.005
  end

  # A strand rests at an edge between the crossings that bring it there and take it away: followed by hand.
  def test_where_a_strand_rests
    assert_equal [[1, 1.5], [2, 0.5]], [0, 2].map { |place| Braid::Scheme.flat(3).rest(place) }
    (3..9).each do |strands|
      scheme = Braid::Scheme.flat(strands)
      EDGES.each do |where|
        place, share = Braid::LaidFigure.rest(scheme, where)
        lying = [*0...strands]
        scheme.layers.first((share * scheme.layers.size).floor).flatten
          .each { |one| lying[one.gap - 1, 2] = lying[one.gap - 1, 2].reverse }

        assert_equal place, (where == "near") ? lying.first : lying.last
      end
    end
  end
end
