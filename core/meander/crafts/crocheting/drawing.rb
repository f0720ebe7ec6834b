# frozen_string_literal: true

module Meander
  module Crafts
    module Crocheting
      # The picture of a crocheted section: every kind of cell drawn once and put where it stands, in as many layers as
      # the cloth has depths.
      class Drawing
        # Two wires that cross are at least a wire apart: a layer is thinner than that.
        LAYER = 0.9
        # Between the layers of what lies behind and before all else.
        BEHIND, BEFORE = 3.1, 5.9

        def initialize(crocheted, picture)
          @crocheted = crocheted
          @layout = crocheted.layout
          @gauge = crocheted.gauge
          @picture = picture
        end

        def call
          @cloth = (@layout.kind == "cord") ? nil : @crocheted.cloth
          lines = @cloth ? placed : cords
          @deep = lines.flat_map { |line, _| line.map { |point| point[2].abs } }.max.to_f + @gauge.bundle_mm
          lines.each { |line, at, wires| wires.each { |wire, off| draw(line, at, wire, off) } }
          bare
        end

        private

        # [[line, [[x, y, turn, number], ...], [[wire, offset], ...]], ...]
        def placed
          cells = @cloth.each_cell.to_a
          cells.group_by { |cell| [cell.key.object_id, wires_of(cell.row).object_id] }.values.flat_map do |alike|
            key, wires = alike.first.key, wires_of(alike.first.row)
            line = @cloth.line(key)
            bent? ? bent(line, alike, wires) : [[turned(line), alike.map { |cell| [*at(cell), cell.number] }, wires]]
          end
        end

        def bent? = @crocheted.section.form[:kind] != "straight"

        # A cell across the section is bent with it: one for every place across.
        def bent(line, cells, wires)
          line = turned(line)
          cells.group_by { |cell| at(cell)[0].round(3) }.map do |x, alike|
            curved = line.map { |px, py, pz| @crocheted.way.at(py, x + px, pz) }
            [curved, alike.map { |cell| [*along(at(cell)[1]), cell.number] }, wires]
          end
        end

        # Where what was drawn at the beginning of a bent section stands so far along it.
        def along(mm)
          x, y, = @crocheted.way.at(mm, 0.0, 0.0)
          [x, y, -@crocheted.way.turn(mm)]
        end

        def turned(line) = @layout.along? ? line.map { |x, y, z| [-y, x, z] } : line

        def at(cell)
          x, y = @layout.place(cell.at, @crocheted.repeats)
          [x, y + @crocheted.bare_mm, cell.at[2]]
        end

        # The wires that work a row, each with how far it lies from the middle of the bundle.
        def wires_of(row)
          base, turns = @crocheted.base, @crocheted.section[:turns]
          return @together ||= base.zip(Crochet::Cells.new(@gauge, "rows").wires) unless turns

          number = ([row - 1, 0].max / turns) % base.size
          (@apart ||= base.map { |wire| [[wire, [0.0, 0.0, 0.0]]] })[number]
        end

        # Chains side by side: a row of loops.
        def cords
          line = Crochet::ChainPath.points(@gauge.hook_mm, @gauge.bundle_mm, @gauge.stitch_mm)
          offs = Crochet::Cells.new(@gauge, "rows").wires
          each = @crocheted.made_mm / @crocheted.repeats
          @layout.across("start", @crocheted.repeats).each_slice(@layout.held).with_index.flat_map do |own, i|
            x = own.sum / own.size
            here = line.map { |px, py, pz| bent? ? @crocheted.way.at(py, x + px, pz) : [x + px, py, pz] }
            places = (0...@crocheted.repeats).map do |n|
              y = @crocheted.bare_mm + (n * each)
              [*(bent? ? along(y) : [0.0, y, 0.0]), n + 1]
            end
            wires = @crocheted.base[i * @layout.held, @layout.held].zip(offs)
            [[here, places, wires]]
          end
        end

        def draw(line, at, wire, off)
          off_line = line.map { |x, y, z| [x + off[0], y + off[1], z + off[2]] }
          runs(off_line).group_by(&:first).each do |level, own|
            @picture.cells(layer(level), wire.id, wire.mm, own.map(&:last), at)
          end
        end

        # A line in pieces that each lie in one layer: [[level, points], ...].
        def runs(line)
          level = ->(a, b) { ((a[2] + b[2]) / 2 / (LAYER * @gauge.wire_mm)).floor }
          line.each_cons(2).chunk_while { |(a, b), (c, d)| level[a, b] == level[c, d] }.map do |run|
            [level[*run.first], [run.first.first, *run.map(&:last)]]
          end
        end

        def layer(level)
          share = ((level + 0.5) * LAYER * @gauge.wire_mm / @deep).clamp(-1.0, 1.0)
          (((BEHIND + BEFORE) / 2) + (share * (BEFORE - BEHIND) / 2)).round(3)
        end

        # Its wires before the first stitch and after the last.
        def bare
          return if @crocheted.bare_mm.zero?

          @crocheted.base.each_index do |number|
            first, second, *, before, last = @crocheted.trace(number)
            [[first, second], [before, last]].each do |points|
              @picture.line(4, @crocheted.base[number].id, @crocheted.base[number].mm, points) if points.all?
            end
          end
        end
      end
    end
  end
end
