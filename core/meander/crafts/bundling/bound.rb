# frozen_string_literal: true

module Meander
  module Crafts
    module Bundling
      # So many wraps round a bundle of base wires with a wire of its own. In the places of the finished piece; mm.
      class Bound < Joining
        # Wires that stand further apart than this are pulled out of their way. Our choice, no source.
        LOOSE_MM = 1.0
        BEFORE, BEHIND = 6, 3
        # One of its wires: where it is bound and which way it goes there, [x, y, z] and [x, y].
        Member = Struct.new(:row, :told, :place, :direction) do
          def wire = row.base[told[:seat] - 1]
        end

        attr_reader :members, :bundle, :path_mm, :finished

        # rows: the sections whose wires are bound; poses: where they stand, by id; ways: Planner::Ways.
        def initialize(section, rows, poses, ways, calibration, on)
          super(section, calibration, on)
          @members = section[:around].map do |told|
            member(rows.find { |row| row.id == told[:section] }, told, poses, ways)
          end.freeze
          @middle = (0..2).map { |axis| members.sum { |one| one.place[axis] } / members.size }
          @along = together
          @bundle = Bundle.new(members.map { |one| [*across(one.place), one.wire.mm] }, wire.mm)
          @path_mm = section[:wraps] * Math.hypot(bundle.round_mm, wire.mm)
          @finished = Picture::Finished.new({wire.id => wire.material.colour}) { |picture| draw(picture) }
          freeze
        end

        def wire_ends = [@middle, @middle]
        def wraps = section[:wraps]

        def outline
          Form::Hull.call(members.flat_map { |one| Form::Hull.round(one.place, (one.wire.mm / 2) + wire.mm) })
        end

        def binds = [@middle]
        def joins = members.map { |one| one.row.id }.uniq.combination(2).to_a

        def words
          "#{Units::Text.count(wraps, "wrap")} round #{Units::Text.count(members.size, "wire")}"
        end

        def kind = "binding"
        def use = "binds #{Units::Text.count(members.size, "wire")}"

        def steps(context)
          said = "#{with_wire(context)} bind #{Units::Text.list(named(context))} with " \
                 "#{Units::Text.count(wraps, "wrap")}, side by side; #{ends_words(context)}."
          [Step.of("join", said, id, wraps / @calibration.pace.to_f, wires: [wire.id],
            makes: [Step::Made.whole("weave", id)], cuts:)]
        end

        def advice(_plan)
          gap = bundle.gap_mm
          return [] if gap <= LOOSE_MM

          [AdviceItem.of("binding-loose", "warn", "/around",
            "The wires stand #{Units::Text.length(gap)} apart where they are bound",
            "Wraps pull them together there and out of their way beside it.",
            "Bind them where they lie nearer, or bring them together first.", gap_mm: gap)]
        end

        private

        # "the near wire 4 mm after section 2"; wires that leave one end of a section about equally far out together.
        def named(context)
          members.group_by { |one| [one.row, one.told[:side], one.told[:out].mm.round] }.map do |(row, side, _), some|
            names = some.map { |one| Weave::WireName.call(one.told[:seat] - 1, row.base.size) }
            out = some.sum { |one| one.told[:out].mm } / some.size
            where = "#{(side == "end") ? "after" : "before"} #{context.called(row)}"
            listed = Weave::WireName.list(names)
            out.positive? ? "#{listed}, #{Units::Text.length(out)} #{where}," : "#{listed} #{where}"
          end
        end

        # Where a wire is so far out on its bare way; straight on where it has none.
        def member(row, told, poses, ways)
          way = ways.out_of(told[:section], told[:side], told[:seat])
          points = way || straight(row, told, poses.fetch(row.id))
          run = Form::Trace.polyline_mm(points)
          at = [told[:out].mm, run].min
          one, other = Form::Trace.places(points, [[at, run * 0.999].min, [at + (run / 1000), run].min], run)
          Member.new(row, told, one, Form::Turns.direction(one, other)).freeze
        end

        def straight(row, told, pose)
          last = told[:side] == "end"
          trace = row.trace(told[:seat] - 1)
          x, y, z = pose.at(last ? trace.last : trace.first)
          turn = last ? pose.on(*row.out).turn : pose.turn + Math::PI
          far = [told[:out].mm, 1.0].max
          [[x, y, z], [x + (far * Math.sin(turn)), y + (far * Math.cos(turn)), z]]
        end

        # The way the bundle goes: that of all its wires, each in the sense of the first.
        def together
          first = members.first.direction
          sum = members.map(&:direction).reduce([0.0, 0.0]) do |(x, y), (dx, dy)|
            sign = ((dx * first[0]) + (dy * first[1])).negative? ? -1 : 1
            [x + (sign * dx), y + (sign * dy)]
          end
          Form::Turns.direction([0.0, 0.0], sum)
        end

        # A place as the bundle is cut across: [across, height].
        def across((x, y, z)) = [((x - @middle[0]) * @along[1]) - ((y - @middle[1]) * @along[0]), z]

        def draw(picture)
          turn = bundle.outline
          wraps.times do |k|
            places = turn.each_with_index.map { |point, i| place(point, k + (i / (turn.size - 1.0)) - (wraps / 2.0)) }
            halves = places.each_cons(2).slice_when { |(a, _), (b, _)| a[2].positive? != b[2].positive? }
            halves.each do |half|
              layer = half.first.first[2].positive? ? BEFORE : BEHIND
              picture.line(layer, wire.id, wire.mm, [half.first.first, *half.map(&:last)])
            end
          end
        end

        # A place of a turn, so many turns along.
        def place((x, z), turns)
          on = turns * wire.mm
          [@middle[0] + (x * @along[1]) + (on * @along[0]), @middle[1] - (x * @along[0]) + (on * @along[1]), z]
        end
      end
    end
  end
end
