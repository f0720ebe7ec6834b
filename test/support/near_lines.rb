# frozen_string_literal: true

# How near lines in space come to each other.
module NearLines
  # The least distance between two pieces of straight line (Ericson, Real-Time Collision Detection, 5.1.9).
  def self.apart(p, q, r, s)
    one, other, between = minus(q, p), minus(s, r), minus(p, r)
    a, e, f = dot(one, one), dot(other, other), dot(other, between)
    c, b = dot(one, between), dot(one, other)
    flat = (a * e) - (b * b)
    t = (flat > 1e-12) ? (((b * f) - (c * e)) / flat).clamp(0.0, 1.0) : 0.0
    u = ((b * t) + f) / e
    if u.negative? then u, t = 0.0, (-c / a).clamp(0.0, 1.0)
    elsif u > 1 then u, t = 1.0, ((b - c) / a).clamp(0.0, 1.0)
    end
    Math.sqrt((0..2).sum { |i| (between[i] + (t * one[i]) - (u * other[i]))**2 })
  end

  def self.minus(one, other) = [one[0] - other[0], one[1] - other[1], one[2] - other[2]]
  def self.dot(one, other) = (one[0] * other[0]) + (one[1] * other[1]) + (one[2] * other[2])

  # The least distance between pieces of lines that are further apart than `along` on the way of the wire: lines follow
  # each other on it.
  # @return [Float] in the lines' own unit
  def self.least(lines, along:, within:)
    pieces, past = [], 0.0
    lines.each do |line|
      line.each_cons(2) do |from, to|
        next if from == to

        long = Math.sqrt(dot(minus(to, from), minus(to, from)))
        pieces << [from, to, past, past + long]
        past += long
      end
    end
    least = Float::INFINITY
    near(pieces, within) do |one, other|
      next if other[2] - one[3] < along || clear?(one, other, least)

      least = [apart(one[0], one[1], other[0], other[1]), least].min
    end
    least
  end

  # Are two pieces surely no nearer than so much: do their beginnings lie further apart by more than both are long?
  def self.clear?(one, other, least)
    (px, py, pz), (qx, qy, qz) = one[0], other[0]
    reach = least + one[3] - one[2] + other[3] - other[2]
    ((px - qx)**2) + ((py - qy)**2) + ((pz - qz)**2) >= reach * reach
  end

  # Yields pairs of pieces whose boxes, made larger by so much, meet.
  def self.near(pieces, within)
    boxes = Hash.new { |all, key| all[key] = [] }
    side = [pieces.map { |from, to, *| minus(to, from).map(&:abs).max }.max, within].max
    pieces.each_with_index { |piece, i| boxes[piece[0].map { |mm| (mm / side).floor }] << i }
    steps = [-1, 0, 1].product([-1, 0, 1], [-1, 0, 1])
    boxes.each do |(x, y, z), here|
      there = steps.flat_map { |a, b, c| boxes.fetch([x + a, y + b, z + c], []) }
      here.each { |i| there.each { |j| yield pieces[i], pieces[j] if i < j } }
    end
  end
end
