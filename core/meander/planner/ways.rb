# frozen_string_literal: true

module Meander
  module Planner
    # The bare ways of base wires from section to section, where each lies. Where two of them cross, the later wire goes
    # over the earlier one, each half their thickness out of the plane.
    class Ways
      # How far to each side of a crossing a wire rises, in thicknesses of what lies there.
      REACH = 3.0
      # Wires that cross at a smaller angle rise as if at this one; sine.
      FLATTEST = 0.2

      # piece: Document::Piece; placed: Placed.
      def initialize(piece, placed)
        @piece = piece
        @placed = placed
        @flat = piece.routes.ways.select { |way| way.from.base? }.to_h do |way|
          [way, WayOn.call(left(way.from), entered(way.to)).freeze]
        end.reject { |_, points| points.empty? }.compare_by_identity
        @rises = Hash.new { |all, way| all[way] = [] }.compare_by_identity
        @crossings = crossed.freeze
        @points = flat.to_h { |way, points| [way.to, raised(way, points).freeze] }.compare_by_identity.freeze
        freeze
      end

      # The points of the way that leads to a visit (Document::Routes::Visit), [[x, y, z], ...]; empty where nothing is
      # between.
      def to(visit) = @points.fetch(visit, [].freeze)

      # The way of a wire outwards from a seat at a side of a section, nil where it has none there.
      def out_of(section, side, seat)
        way = flat.keys.find do |one|
          one.sections.include?(section) && one.at(section).number == seat && side_of(one, section) == side
        end
        way && ((way.from.section == section) ? to(way.to) : to(way.to).reverse)
      end

      # Ways (Document::Routes::Way) as they lie in the plane, where there is anything between: { way => points }.
      attr_reader :flat

      # Where two ways cross: Crossing values. ways: Document::Routes::Way, the later one over the other; place: [x, y,
      # z]; runs: how far from where it leaves its section each crosses.
      Crossing = Struct.new(:ways, :place, :runs)
      attr_reader :crossings

      private

      def section(visit) = @placed.section(visit.section)
      def pose(visit) = @placed.pose(section(visit))
      def trace(visit) = section(visit).trace(visit.number - 1)

      # Where a wire leaves a section and where it enters one: [place, heading].
      def left(visit) = visit.back ? begin_of(visit, Math::PI) : end_of(visit, 0.0)
      def entered(visit) = visit.back ? end_of(visit, Math::PI) : begin_of(visit, 0.0)
      def begin_of(visit, turned) = pose(visit).then { |pose| [pose.at(trace(visit).first), pose.turn + turned] }

      def end_of(visit, turned)
        [pose(visit).at(trace(visit).last), pose(visit).on(*section(visit).out).turn + turned]
      end

      def raised(way, points) = @rises.key?(way) ? Rise.along(points, @rises[way]) : points

      def crossed
        lines = flat.map { |way, points| [way, Form::Polyline.new(points)] }
        lines.combination(2).flat_map do |(way, line), (other, over)|
          line.meets(over).map { |at, on| cross(way, at, other, on) }
        end
      end

      def cross(way, at, other, on)
        apart = [way, other].sum { |one| @piece.wire(one.wire[:id]).mm } / 2
        angle = direction(flat[way], at) - direction(flat[other], on)
        reach = REACH * apart / [Math.sin(angle).abs, FLATTEST].max
        @rises[way] << Rise.new(at, -apart / 2, reach)
        @rises[other] << Rise.new(on, apart / 2, reach)
        Crossing.new([way, other], place(flat[way], at), [run_mm(flat[way], at), run_mm(flat[other], on)]).freeze
      end

      # The side of a section that a way leaves or enters it at.
      def side_of(way, section)
        visit = way.at(section)
        visit.equal?(way.from) ? visit.leaves : visit.enters
      end

      def run_mm(points, at) = Form::Trace.polyline_mm([*points.first(at.floor + 1), place(points, at)])

      def direction(points, at)
        from, to = step(points, at)
        Math.atan2(to[1] - from[1], to[0] - from[0])
      end

      def place(points, at)
        from, to = step(points, at)
        from.zip(to).map { |a, b| a + ((b - a) * (at - [at.floor, points.size - 2].min)) }
      end

      # The step of a way that a place lies on.
      def step(points, at) = [at.floor, points.size - 2].min.then { |from| points.values_at(from, from + 1) }
    end
  end
end
