# frozen_string_literal: true

require_relative "../../test_helper"

# The paths of strands against solved and relaxed tables, against themselves, and against the crossings they are of.
# Tables: least lengths at full clearance by search, and relaxed tubes, of our own models of braids; lengths in strand
# diameters.
class PathTest < Minitest::Test
  Braid = Meander::Braid
  # What neighbours along one strand is no clearance: so many diameters along it.
  ALONG = 2.2

  def plain(strands, pitch, count = strands)
    Braid::FlatCourse.new(strands, [:plain] * count, {plain: Braid::PlainFigure.new(strands, 1.0, pitch)})
  end

  def beaded(figure, count) = Braid::FlatCourse.new(figure.strands, [:bead] * count, {bead: figure})
  def ratio(course) = (0...course.strands).sum { |one| course.strand_mm(one) } / course.strands / course.length_mm

  TAKE_UP = {
    3 => {2.5 => 1.470, 3.0 => 1.283, 3.5 => 1.204, 4.0 => 1.158, 4.5 => 1.127, 5.0 => 1.104, 6.0 => 1.073,
          7.0 => 1.054},
    4 => {3.5 => 1.312, 4.0 => 1.238, 4.5 => 1.190, 5.0 => 1.155, 6.0 => 1.109, 7.0 => 1.081},
    5 => {3.5 => 1.384, 4.0 => 1.296, 4.5 => 1.238, 5.0 => 1.196, 6.0 => 1.139, 7.0 => 1.104},
    6 => {4.0 => 1.390, 4.5 => 1.314, 5.0 => 1.259, 6.0 => 1.186, 7.0 => 1.140},
    7 => {4.5 => 1.381, 5.0 => 1.316, 6.0 => 1.229, 7.0 => 1.173}
  }.freeze
  # Width and thickness at the usual pitch.
  SIZES = {3 => [2.9, 2.3], 4 => [4.6, 2.55], 5 => [5.8, 2.75], 6 => [7.5, 3.1], 7 => [9.0, 3.4]}.freeze

  def test_plain_braids_take_what_was_solved
    TAKE_UP.each do |strands, row|
      row.each { |pitch, told| assert_in_epsilon told, ratio(plain(strands, pitch)), 0.005, "#{strands} at #{pitch}" }
      usual = plain(strands, Braid::PlainFigure::SHAPES[strands].usual)

      usual.reach.zip(SIZES[strands]).each do |(low, high), told|
        assert_in_epsilon told, high - low + 1, 0.035, "#{strands} strands"
      end
    end
  end

  # Relaxed tubes at 3, 3.5 and 4: the drawn path is 1.5 to 3.5 % longer; our own relaxing comes to the same.
  def test_three_strands_against_relaxed_tubes
    {3.0 => 1.241, 3.5 => 1.182, 4.0 => 1.141}.each do |pitch, relaxed|
      figure = Braid::RelaxedFigure.of(Braid::Scheme.flat(3), pitch)
      own = figure.lines.sum { |line| Meander::Form::Trace.polyline_mm(line) } / 3 / pitch

      assert_in_epsilon relaxed, own, 0.003, "at #{pitch}"
      assert_includes 1.01..1.04, ratio(plain(3, pitch)) / own
    end
  end

  # Numbers of samples do not matter: four times as many tell the same within a thousandth.
  def test_lengths_are_those_of_fine_polygons
    [plain(3, 3.5), plain(7, 5.5), beaded(Braid::MiddleFigure.new(0.8, 6.0, 1.5), 3),
      beaded(Braid::EdgeFigure.new(1.0, 6.0, 1.5, 5.0, 1), 4)].each do |course|
      course.strands.times do |one|
        line = course.cells.each_index.flat_map do |i|
          bend = course.cells[i].curvature
          points = (0..400).map { |step| course.at(one, i, step / 400.0) }
          bend.zero? ? [Meander::Form::Trace.polyline_mm(points)] :
            [Meander::Form::Trace.polyline_mm(points.map { |x, y, z| Meander::Form::Way::Arc.new(bend).at(y, x, z) })]
        end

        assert_in_epsilon line.sum, course.strand_mm(one), 0.001
      end
    end
  end

  # Beads in the middle, b / d = 7.5: path by search, g strands of room.
  def test_beads_in_the_middle
    {1.5 => 1.330, 1.6 => 1.298, 1.8 => 1.255, 2.0 => 1.231, 2.5 => 1.21, 3.0 => 1.194}.each do |room, told|
      course = beaded(Braid::MiddleFigure.new(0.8, 6.0, room), 9)

      assert_in_epsilon told, ratio(course), 0.005, "room #{room}"
      assert_in_delta (6.0 + (room * 0.8)) * 9, course.length_mm, 1e-9
    end
  end

  def test_a_filled_strand
    {2.5 => [1.28, 1.495], 3.75 => [1.23, 1.491], 5.0 => [1.28, 1.451]}.each do |bead, (filled, bare)|
      course = beaded(Braid::FilledFigure.new(1.0, bead, 1.0), 9)
      told = (0..2).map { |one| course.strand_mm(one) / course.length_mm }

      [filled, bare, bare].zip([told[course.leading], *(told - [told[course.leading]]), told.max])
        .each { |wanted, found| assert_in_epsilon wanted, found, 0.01, "#{bead} strands" }
    end
  end

  # Beads of 6 on an edge, strands of 1: inner stitch, radius of the middle line and turn in degrees; what a strand
  # takes in a stitch within 3 %.
  def test_beads_on_an_edge_curve_it
    [[4.0, 9.0, 36.0], [5.0, 14.0, 26.0], [6.0, 25.0, 15.6], [6.9, 66.0, 6.3]].each do |inner, radius, turn|
      figure = Braid::EdgeFigure.new(1.0, 6.0, 1.5, inner, 1)

      assert_in_epsilon radius, figure.radius_mm, 0.02
      assert_in_epsilon turn, figure.turn * 180 / Math::PI, 0.02
      assert_in_delta inner, Braid::Edge.inner_for(7.5, figure.apart_mm, figure.radius_mm), 1e-9
      course = beaded(figure, 8)
      told = (0..3).sum { |one| course.strand_mm(one) } / 4 / 8

      assert_in_epsilon Math.hypot((figure.outer_mm + inner) / 2, 3.2), told, 0.03
    end
  end

  # Strands keep clear of each other all along, the ends of the braid left out; the worst of each is printed.
  def test_strands_keep_clear
    worst = TAKE_UP.keys.to_h do |strands|
      ["#{strands} flat", clearance(plain(strands, Braid::PlainFigure::SHAPES[strands].usual, 3 * strands), 1.0)]
    end
    worst["middle"] = clearance(beaded(Braid::MiddleFigure.new(0.8, 6.0, 1.5), 9), 0.8)
    [2.5, 3.1, 3.75, 4.4, 5.0].each do |bead|
      worst["filled #{bead}"] = clearance(beaded(Braid::FilledFigure.new(1.0, bead, 1.0), 9), 1.0, (bead + 1) / 2)
    end
    [4.0, 5.5, 7.0].each do |bead|
      worst["both edges #{bead}"] = clearance(beaded(Braid::BothEdgesFigure.new(1.0, bead, bead + 1.5), 8), 1.0)
    end
    worst["relaxed 5"] = Braid::RelaxedFigure.of(Braid::Scheme.flat(5), 4.5).clearance
    puts "nearest strands, in what they must keep: #{worst.transform_values { |far| far.round(3) }}"

    worst.each { |name, far| assert_operator far, :>=, 0.97, name }
    [4.0, 5.5, 6.9].each { |inner| assert_operator edge_clearance(inner), :>=, 0.9, "edge #{inner}" }
  end

  # The nearest two strands come, in what they must keep; filled: how far from the filled strand's middle.
  def clearance(course, d, filled = nil)
    lines = (0...course.strands).map { |one| thinned(course.points(one)) }
    lines.each_index.to_a.combination(2).map { |one, other|
      needed = (filled && [one, other].include?(course.leading)) ? filled : d
      nearest(lines[one], lines[other]) / needed
    }.min
  end

  def edge_clearance(inner)
    course = beaded(Braid::EdgeFigure.new(1.0, 6.0, 1.5, inner, 1), 8)
    way = Meander::Form::Way::Chain.new(course.cells.map { |cell| [cell.advance_mm, cell.curvature] })
    lines = (0..3).map { |one| thinned(course.points(one)).map { |x, y, z| way.at(y, x, z) } }
    lines.combination(2).map { |one, other| nearest(one, other) }.min
  end

  def thinned(points) = points.each_slice(2).map(&:first)

  def nearest(one, other)
    one.map { |x, y, z|
      near = other.select { |_, along, _| (along - y).abs < 3 * ALONG }
      near.map { |a, b, c| ((x - a)**2) + ((y - b)**2) + ((z - c)**2) }.min || 100.0
    }.min**0.5
  end

  # Read back from the points: at each crossing the two strands of a gap change sides, and the word says which lies
  # over.
  def test_the_points_are_of_the_crossings_asked_for
    courses = [3, 4, 5, 6, 7].map { |strands| plain(strands, Braid::PlainFigure::SHAPES[strands].usual) } +
      [beaded(Braid::MiddleFigure.new(0.8, 6.0, 1.5), 6), beaded(Braid::FilledFigure.new(1.0, 4.0, 1.0), 6),
        *[1, -1].map { |side| beaded(Braid::EdgeFigure.new(1.0, 6.0, 1.5, 6.0, side), 4) }]
    courses.each do |course|
      word = Braid::Scheme.new(course.strands, course.scheme.crossings * course.count)

      assert_equal layers(word), layers(Braid::Scheme.new(course.strands, read_back(course)))
    end
  end

  def layers(scheme) = scheme.layers.map { |layer| layer.sort_by(&:gap).map(&:to_s) }

  # Drawn tight, tubes of any scheme may be seen to cross elsewhere; how often each two wind round each other, counted
  # by who lies over, stays.
  def test_relaxed_tubes_are_linked_as_their_crossings_say
    [[3, "1r 2r"], [4, "3r 2r 2r 1l 2l 2l"], [5, "1r 2r 4l 3l"], [8, nil]].each do |strands, text|
      scheme = text ? Braid::Scheme.of(strands, Braid::Notation.read(text, strands)) : Braid::Scheme.flat(strands)
      rounds = scheme.period
      course = laid(scheme, rounds, scheme.layers.size * Braid::RelaxedFigure::USUAL[strands])
      lines = (0...strands).map { |one| course.points(one) }

      assert_equal wound(scheme, rounds), lines.each_index.to_a.combination(2).to_h { |one, other|
        [[one, other], changes(lines, one, other).sum { |_, _, _, over| (over == "right") ? 1 : -1 }]
      }, scheme.to_s
    end
  end

  # So many rounds of strands 1 mm thick, as their crossings lay them.
  def laid(scheme, rounds, advance)
    tubes = Braid::LaidFigure::Strands.new(scheme, 1.0, 1.0, nil)
    Braid::RoundCourse.new(scheme, [[]] * rounds, {[] => Braid::LaidFigure.new(tubes, advance)})
  end

  # By the crossings: { [strand, strand] => crossings of the two, those with the one that goes right over less the
  # others }.
  def wound(scheme, rounds)
    lying = [*0...scheme.strands]
    found = lying.combination(2).to_h { |pair| [pair, 0] }
    rounds.times do
      scheme.crossings.each do |crossing|
        left, right = lying[crossing.gap - 1, 2]
        found[[left, right].sort] += crossing.right? ? 1 : -1
        lying[crossing.gap - 1, 2] = [right, left]
      end
    end
    found
  end

  def read_back(course)
    lines = (0...course.strands).map { |one| course.points(one) }
    found = lines.each_index.to_a.combination(2).flat_map { |one, other| changes(lines, one, other) }
    lying = [*0...course.strands]
    found.sort_by(&:first).map do |_, left, right, over|
      gap = lying.index(left) + 1

      assert_equal right, lying[gap], "strands #{left} and #{right} cross beside each other"
      lying[gap - 1, 2] = [right, left]
      Braid::Scheme::Crossing.new(gap, over)
    end
  end

  # Where two strands change sides: [along, the left one before, the right one, which of them lies over].
  def changes(lines, one, other)
    at = ->(line, y) {
      i = line.index { |point| point[1] >= y } || (line.size - 1)
      from, to = line.values_at([i - 1, 0].max, i)
      share = (to[1] > from[1]) ? ((y - from[1]) / (to[1] - from[1])).clamp(0.0, 1.0) : 0.0
      [from[0] + (share * (to[0] - from[0])), from[2] + (share * (to[2] - from[2]))]
    }
    ys = lines[one].map { |point| point[1] }
    gaps = ys.map { |y| [y, at.call(lines[one], y)[0] - at.call(lines[other], y)[0]] }
    apart = gaps.reject { |_, x| x.abs < 1e-9 }
    apart.each_cons(2).select { |(_, a), (_, b)| a * b < 0 }.map do |(y, a), (to, _)|
      heights = [one, other].map { |line| at.call(lines[line], (y + to) / 2)[1] }
      left, right = (a < 0) ? [one, other] : [other, one]
      over = (heights[0] > heights[1]) ? one : other
      [y, left, right, (over == left) ? "right" : "left"]
    end
  end

  # Three strands in two rounds of 1r 2r close to a trefoil: no shorter rope makes one than 16.37 diameters (relaxed
  # ropes, from memory).
  def test_a_closed_braid_is_no_shorter_than_its_knot
    scheme = Braid::Scheme.of(3, Braid::Notation.read("1r 2r", 3))
    [5.0, 7.0, 9.0].each do |round|
      course = laid(scheme, 2, round)

      assert_equal [3, nil], [scheme.period, Braid::Holding.call(scheme)]
      assert_operator (0..2).sum { |one| course.strand_mm(one, 2 * Math::PI / course.length_mm) }, :>, 16.37
    end
  end
end
