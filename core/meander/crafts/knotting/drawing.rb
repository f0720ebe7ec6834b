# frozen_string_literal: true

module Meander
  module Crafts
    module Knotting
      # The picture of a knotted section: every kind of knot drawn once for each cord and put where it is tied; between
      # knots the cords run straight.
      class Drawing
        include InLayers

        # All the way round is drawn by so many pieces.
        PIECES = 90
        # A way shorter than this needs no line, in cords.
        NONE = 0.05

        def initialize(knotted, picture)
          @knotted = knotted
          @layout = knotted.layout
          @picture = picture
          @base = knotted.base
          @thick = @base.map(&:mm).min
          @deep = (@layout.thickness_mm / 2) + @thick
          @weave_mm = @layout.bar&.woven&.deep_mm
          @cells, @put, @ways = {}, Hash.new { |all, key| all[key] = [] }, Hash.new { |all, key| all[key] = [] }
        end

        def call
          @where = @layout.across("start").map { |x| [x, 0.0, 0.0] }
          mounts if @layout.mounted?
          @knotted.placed.each { |knot| put(knot) }
          finish
          @put.each { |(key, place, cord), at| cell(key, place, cord, at) }
          @ways.each { |(cord, way), at| straight(cord, way, at) }
        end

        private

        attr_reader :picture

        def way = @knotted.way
        def girth = @layout.girth
        def bent? = girth || @knotted.section.form[:kind] != "straight"

        # What knots alike share.
        def key(knot) = [knot.size.object_id, knot.hand, Knot::Cells.phase(knot), knot.bead&.placement]

        def lines(key, knot)
          @cells[key] ||= Knot::Cells.of(knot, @layout.course(@knotted.repeats), @layout.thick)
        end

        def put(knot)
          key = key(knot)
          lines = lines(key, knot)
          knot.cords.each_with_index do |cord, place|
            first, last = lines[place].first, lines[place].last
            lead(cord, [knot.x + first[0], knot.y + first[1], first[2]], knot.number + 1)
            @put[[key, place, cord]] << [knot.x, knot.y, knot.number + 1]
            @where[cord] = [knot.x + last[0], knot.y + last[1], last[2]]
          end
        end

        # Straight from where a cord is.
        def lead(cord, to, number)
          from = @where[cord]
          way = [@layout.apart(from[0], to[0]).round(2), (to[1] - from[1]).round(2), from[2].round(2), to[2].round(2)]
          return if Math.hypot(way[0], way[1]) < NONE * @base[cord].mm

          @ways[[cord, way]] << [from[0], from[1], number]
        end

        def finish
          across, far = @layout.across("end", @knotted.repeats), @knotted.bar_begins_mm
          @base.each_index do |cord|
            lead(cord, [across[cord], far, 0.0], @knotted.placed.size)
            hang(cord, @layout.homes[cord], -@knotted.above_mm, @knotted.above_mm)
            hitch(cord, across[cord], far) if @layout.hitched
            hang(cord, across[cord], @knotted.tied_mm, @knotted.bare_mm)
          end
        end

        # Round the bar at its end.
        def hitch(cord, x, y) = drawn(@layout.hitched.line(cord), [[x, y, @knotted.placed.size]], @base[cord])

        # Unknotted, so far on from there.
        def hang(cord, x, y, mm) = mm.zero? || (@ways[[cord, [0.0, mm, 0.0, 0.0]]] << [x, y, @knotted.placed.size])

        def cell(key, place, cord, at) = drawn(@cells.fetch(key)[place], at, @base[cord])

        # Round what it is closed round it is drawn by as many pieces as are short beside that.
        def straight(cord, (dx, dy, from, to), at)
          pieces = girth ? (dx.abs * PIECES / girth.round_mm).ceil.clamp(1, PIECES) : 1
          line = (0..pieces).map { |i| (i / pieces.to_f).then { |of| [dx * of, dy * of, from + ((to - from) * of)] } }
          drawn(line, at, @base[cord])
        end

        # A line wherever it is put: [[x, y, number], ...]. What is bent is drawn for every place across by itself.
        def drawn(line, at, wire)
          above = @knotted.above_mm
          return in_layers(line, at.map { |x, y, number| [x, y + above, 0.0, number] }, wire) unless bent?

          at.group_by { |x, *| x.round(3) }.each do |x, own|
            curved = line.map { |px, py, pz| way.at(py, x + px, pz) }
            in_layers(curved, own.map { |_, y, number| [*along(y + above), number] }, wire)
          end
        end

        # A cord's bight over the bar, its legs from there down.
        def mounts
          @base.each_slice(2).with_index do |(wire, _), pair|
            line = @layout.mounting.line(pair)
            drawn(line, [[0.0, 0.0, 0]], wire)
            @where[2 * pair], @where[(2 * pair) + 1] = line.first, line.last
          end
        end
      end
    end
  end
end
