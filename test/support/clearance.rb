# frozen_string_literal: true

# Measures drawn wire: how near two stretches of it come, how deep it lies in base wires, whether it is broken anywhere.
module Clearance
  # Stretches nearer to each other along the wire than this are one bend, in diameters.
  ALONG = 2.2

  # points: [[x, y, z], ...] of one wire, in mm; d: its diameter; the ends, so many diameters of wire, are left out.
  # The block, where given, says of a place along the strip whether it counts.
  # @return [Float] the nearest two stretches come to each other, in diameters
  def nearest_stretches(points, d, ends: 6.0)
    all = segments(points, d)
    inner = all.select { |one| one[6].between?(ends, all.last[6] - ends) && (!block_given? || yield(one[1])) }
    squares = inner.group_by { |one| square(one, d) }
    least = Float::INFINITY
    squares.each do |at, here|
      around = AROUND.flat_map { |step| squares.fetch(at + step, EMPTY) }
      here.each do |one|
        around.each do |other|
          least = [least, apart(one, other)].min if one[6] - other[6] > ALONG && near?(one, other, least)
        end
      end
    end
    least / d
  end

  # Straights no longer than 0.8 d: [x, y, z, how far on in x, in y, in z, wire before its end in d, half its length in
  # mm].
  def segments(points, d)
    run = 0.0
    points.each_cons(2).flat_map do |a, b|
      way = a.zip(b).map { |p, q| q - p }
      long = Math.sqrt(way.sum { |mm| mm**2 })
      parts = [(long / (0.8 * d)).ceil, 1].max
      Array.new(parts) do |k|
        [*a.zip(way).map { |p, mm| p + (mm * k / parts) }, *way.map { |mm| mm / parts }, run += long / parts / d,
          long / parts / 2]
      end
    end
  end

  # Whether two straights may come as near as that: their middles lie no further apart than it and half of each.
  def near?((px, py, pz, ux, uy, uz, _, one), (rx, ry, rz, vx, vy, vz, _, other), least)
    x, y, z = px - rx + ((ux - vx) / 2), py - ry + ((uy - vy) / 2), pz - rz + ((uz - vz) / 2)
    (x * x) + (y * y) + (z * z) < (least + one + other)**2
  end

  # Squares of 1.6 d, numbered.
  SIDE = 4096
  AROUND = [-1, 0, 1].product([-1, 0, 1], [-1, 0, 1]).map { |i, j, k| (((i * SIDE) + j) * SIDE) + k }.freeze
  EMPTY = [].freeze

  def square(one, d)
    i, j, k = Array.new(3) { |axis| ((one[axis] + (one[axis + 3] / 2)) / 1.6 / d).floor }
    (((i * SIDE) + j) * SIDE) + k
  end

  # The least distance between two straights (any text on computational geometry).
  def apart((px, py, pz, ux, uy, uz), (rx, ry, rz, vx, vy, vz))
    wx, wy, wz = px - rx, py - ry, pz - rz
    a, b, c = (ux * ux) + (uy * uy) + (uz * uz), (ux * vx) + (uy * vy) + (uz * vz), (vx * vx) + (vy * vy) + (vz * vz)
    d, e = (ux * wx) + (uy * wy) + (uz * wz), (vx * wx) + (vy * wy) + (vz * wz)
    det = (a * c) - (b * b)
    share = (det > 1e-12) ? (((b * e) - (c * d)) / det).clamp(0.0, 1.0) : 0.0
    other = (c > 1e-12) ? (((b * share) + e) / c).clamp(0.0, 1.0) : 0.0
    share = (((b * other) - d) / a).clamp(0.0, 1.0) if a > 1e-12
    Math.sqrt(((wx + (share * ux) - (other * vx))**2) + ((wy + (share * uy) - (other * vy))**2) +
      ((wz + (share * uz) - (other * vz))**2))
  end

  # How deep the wire lies in straight base wires along y: [[x, diameter], ...]; in its own diameters, 0 where it only
  # touches.
  def depth_in_rods(points, rods, d)
    points.map { |x, _, z| rods.map { |at, mm| ((mm + d) / 2) - Math.hypot(x - at, z) }.max / d }.max
  end

  # The longest step from the end of one drawn pass to the beginning of the next, in mm.
  def longest_break(strokes)
    strokes.each_cons(2)
      .map { |one, other| Math.sqrt(one.points.last.zip(other.points.first).sum { |a, b| (a - b)**2 }) }.max || 0.0
  end
end
