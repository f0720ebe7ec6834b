# frozen_string_literal: true

module Meander
  module Crafts
    # Loops drawn through loops.
    module Crocheting
      # What a crocheted section comes to before it is known how far it is made. All in mm.
      class Layout
        include Counted
        include Reckoned

        # No section has more chains, rows or rounds, more stitches, or is any longer.
        MOST_REPEATS = 2000
        MOST_STITCHES = 12_000
        LONGEST_MM = 10_000.0

        # fields: of a section; wires: how thick each is.
        def self.gauge(fields, wires)
          held = fields[:turns] ? 1 : wires.size / (fields[:fabric][:cords] || 1)
          stitch = fields[:fabric][:stitch] || "single"
          stitch = "chain" if fields[:fabric][:kind] == "cord"
          Crochet::Gauge.new(fields[:hook].mm, wires.sum / wires.size, held.clamp(1, Crochet::Gauge::BUNDLES.size),
            swatch: swatch(fields[:swatch], stitch), stitch:)
        end

        # used: of a square as large as it is; reckoned for one stitch.
        def self.swatch(told, stitch)
          return unless told

          over = told[:over].mm
          rows = (stitch == "chain") ? nil : told[:rows]
          Crochet::Gauge::Swatch.new(stitch_mm: over / told[:stitches], row_mm: rows && (over / rows),
            used_mm: told[:used] && (told[:used].mm / told[:stitches] / (rows || 1)))
        end

        # round_wire: RoundWire, or RoundRing of a motif; nil where it is worked round none.
        attr_reader :section, :calibration, :gauge, :beading, :round_wire

        # @raise [InvalidInput] where it cannot be made
        def initialize(section, calibration)
          @section = section
          @calibration = calibration
          @gauge = Layout.gauge(section.fields, section.base.map(&:mm))
          @beading = Beading.new(section, gauge)
          @fabrics, @cloths, @worked, @told = {}, {}, {}, {}
          @round_wire = Rim.bar(section, calibration, gauge.bundle_mm)&.then { |bar|
            (motif? ? RoundRing : RoundWire).new(self, bar)
          }
          freeze
        end

        def id = section.id
        def on = []
        def free? = section.free?
        def bare_mm = section.bare_mm
        def shape = section[:fabric]
        def counted(repeats) = Words.counted(self, repeats)
        def kind = shape[:kind]
        def cords = shape[:cords] || 1
        def held = section[:turns] ? 1 : section.base.size / cords
        def along? = kind == "cord" || (kind == "band" && shape[:lying] == "along")
        # Does it grow from its middle?
        def motif? = %w[disc oval cup].include?(kind) || (kind == "rows" && shape[:rounds] != "rows")

        def worked(repeats, bare_mm, _on = nil) = @worked[[repeats, bare_mm]] ||= Crocheted.new(self, repeats, bare_mm)

        # Made as far as that.
        # @raise [InvalidInput] where that is more than is planned at once, or a row does not fit the one below
        def fabric(count)
          @fabrics[count] ||= begin
            bounded(count)
            Crochet::Shapes.fabric(shape, gauge, count, edge: edge?, ring:).tap { |one| check(one) }
          end
        end

        def cloth(count)
          @cloths[count] ||= Crochet::Cloth.of(fabric(count), gauge, tube: kind == "tube",
            first_row: round_wire&.first_row, ring:, stretch: bar && round_wire.method(:usual))
        end

        def edge? = section[:begun] == "edge"
        # The ring of wire that a motif is worked round; Crochet::Rounds::Ring.
        def ring = round_wire&.ring
        # The bent wire its rows stand along, and how much further out they stand for that.
        def bar = round_wire&.bar
        def rise_mm = round_wire&.rise_mm || 0.0
        # What it takes of a wire it is worked round: [from, to] along it.
        def on_rim_mm = round_wire.on_rim_mm

        # How far so many reach.
        def woven_mm(count)
          return (count * gauge.stitch_mm) + beading.longer_mm(fabric(count)) if kind == "cord"
          return count * gauge.stitch_mm if along?
          return @told[[:motif, count]] ||= across_mm(count) if motif?

          rise_mm + heights(count)
        end

        def most_repeats
          @told[:most] ||= begin
            over = (1..MOST_REPEATS).bsearch { |count| stitches(count) > MOST_STITCHES || far(count) > LONGEST_MM }
            most = ((over || (MOST_REPEATS + 1)) - 1).clamp(1, nil)
            [most, closing_at].compact.min
          end
        end

        # How far one more of them reaches.
        def advance_mm = woven_mm(2) - woven_mm(1)

        # Outside to outside.
        def width_mm(count = sample) = @told[[:wide, count]] ||= edges(count).then { |low, high| high - low }
        def thickness_mm = (kind == "tube") ? width_mm : [gauge.thickness_mm, *beading.kinds.map(&:depth_mm)].max

        # How far it reaches to either side of its middle line: [low, high].
        def edges(count)
          half = if kind == "cord" then ((cords - 1) * cord_apart_mm / 2) + cord_half_mm
          elsif along? then (heights(breadth) + gauge.thickness_mm) / 2
          else
            cloth(count).reach[0].then { |low, high| (high - low) / 2 }
          end
          [-half, half]
        end

        # Where each of its wires lies across it at a side.
        def across(side, repeats = nil)
          count = repeats || sample
          middles = if kind == "cord" then (0...cords).map { |i| (i - ((cords - 1) / 2.0)) * cord_apart_mm }
          else [(side == "start") ? begins(count)[0] : ends(count)[0]]
          end
          many = section.base.size / middles.size
          middles.flat_map { |x| (0...many).map { |i| x + ((i - ((many - 1) / 2.0)) * gauge.wire_mm) } }
        end

        # Where the wire begins and ends, [x, y] from the beginning of the section.
        def begins(count)
          return [0.0, (woven_mm(count) / 2) + (round_wire&.begins_mm || 0.0)] if motif?
          return [0.0, 0.0] if %w[tube cord].include?(kind)

          place(cloth(count).courses.first.first, count)
        end

        def ends(count)
          return [0.0, woven_mm(count)] if %w[tube cord].include?(kind)
          return [0.0, (woven_mm(count) / 2) + cloth(count).rounds.last.radius] if motif?

          place(cloth(count).courses.last.last, count)
        end

        # A place of the cloth in the section: [x, y].
        def place((x, y), count)
          return [x, y + (woven_mm(count) / 2)] if motif?
          return [(heights(breadth) / 2) - y, x + (count * gauge.stitch_mm / 2)] if along?

          [x, y + rise_mm]
        end

        # Of chains side by side, from the middle of one to that of the next.
        def cord_apart_mm = 1.1 * (gauge.hook_mm + (2 * gauge.bundle_mm))

        # Rows of a band that lies along them, or stitches of a row; stitches once round a tube.
        def breadth = @told[:breadth] ||= Crochet::Shapes.across(shape, gauge)

        private

        def cord_half_mm = (gauge.hook_mm / 2) + gauge.bundle_mm
        def sample = [given || 1, most_repeats].min

        # No further than that, before it is made.
        def far(count)
          return count * gauge.stitch_mm if along?

          motif? ? 0.0 : heights(count)
        end

        def check(fabric)
          row, words, accepted = fabric.fault
          return unless row

          raise InvalidInput.new([Fault.new(path: "#{section.place}/extent", code: "crochet",
            message: "row #{row} cannot be worked: #{words}", given: "#{fabric.rows.size} rows", accepted:)])
        end

        def bounded(count)
          return if count <= most_repeats
          raise_closed(count) if closing_at && count > closing_at

          too_much("#{stitches(count)} stitches", "#{MOST_STITCHES} stitches") if stitches(count) > MOST_STITCHES
          too_much(Units::Text.length(far(count)), "#{Units::Text.length(LONGEST_MM)} crocheted")
        end

        # So many rounds close a cup; within a bend no more rows have room. Nil where there is no such end.
        def closing_at
          return Crochet::Rounds.most(shape, gauge) if kind == "cup"

          @told[:rows] ||= round_wire.most_rows if round_wire
        end

        def raise_closed(count)
          what = motif? ? "round" : "row"
          wrong = if kind == "cup" then "a cup this wide is closed before"
          else
            "within the #{ring ? "ring" : "bend"} so many #{what}s have no room"
          end
          raise InvalidInput.new([Fault.new(path: "#{section.place}/extent", code: "crochet", message: wrong,
            given: Units::Text.count(count, what), accepted: "up to #{Units::Text.count(closing_at, what)}")])
        end
      end
    end
  end
end
