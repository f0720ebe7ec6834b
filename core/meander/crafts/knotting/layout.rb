# frozen_string_literal: true

module Meander
  module Crafts
    # Cords knotted round each other.
    module Knotting
      # What a knotted section comes to before it is known how far it is knotted. All in mm.
      class Layout
        include Counted

        # No section has its pattern more often, or is any longer.
        MOST_REPEATS = 2000
        LONGEST_MM = 10_000.0
        # The last repeat may reach past that by as much as one of the shortest patterns.
        FARTHEST = 1.1

        # rows: as a section has them; the first knots a swatch tells of: [kind, cords, first place], nil where there
        # are none.
        def self.tried(rows)
          rows.each do |row|
            place = 0
            row[:knots].each do |one|
              return [one[:kind], one[:cords], place] if Knot::Kinds::AROUND.include?(one[:kind])

              place += one[:cords]
            end
          end
          nil
        end

        # fields: of a section; base: its cords.
        def self.gauge(fields, base)
          swatch, tried = fields[:swatch], tried(fields[:rows])
          stiff = base.none? { |wire| wire.material.fibre? }
          return Knot::Gauge.new(stiff:) unless swatch && tried

          kind, many, place = tried
          Knot::Gauge.new(stiff:, of: [kind, base[place, many].map(&:mm)],
            swatch: Knot::Gauge::Swatch.new(swatch[:length].mm / swatch[:knots], swatch[:used].mm / swatch[:knots]))
        end

        def self.plain(rows) = rows.map { |row| {**row, gap: row[:gap].mm}.freeze }.freeze

        # How far apart its cords hang at the least.
        def self.spacing_mm(fields, base)
          Knot::Spacing.call(base.map(&:mm), plain(fields[:rows]), gauge(fields, base), mounted: !fields[:mount].nil?)
        end

        # What it is closed round, nil where it is not.
        # section: anything that answers [] and base as Document::Section does.
        def self.girth(section, gauge)
          thick_mm = Knot::Spacing.thick_mm(section.base.map(&:mm), plain(section[:rows]), gauge) if section[:round]
          thick_mm && Girth.of(section, thick_mm)
        end

        attr_reader :section, :calibration, :gauge, :beading, :girth, :spacing_mm, :least_mm, :mounting, :hitched

        # @raise [InvalidInput] where it cannot be knotted
        def initialize(section, calibration)
          @section = section
          @calibration = calibration
          @told = {}
          @gauge = Layout.gauge(section.fields, section.base)
          @beading = Beading.new(section)
          @least_mm = Layout.spacing_mm(section.fields, section.base)
          @girth = Layout.girth(section, gauge)
          @spacing_mm = girth ? girth.round_mm / thick.size : [section[:spacing]&.mm, least_mm].compact.max
          @hitched = (Hitched.new(section, gauge, spacing_mm) if section[:hitched])
          @mounting = (Mounting.new(section, calibration, gauge, homes) if section[:mount])
          @course = Knot::Course.new(thick, Layout.plain(section[:rows]), gauge, spacing_mm:, starts:,
            beads: beading.any? ? beading : nil, girth:)
          @worked = {}
          freeze
        end

        def id = section.id
        def on = []
        def free? = section.free?
        def bare_mm = section.bare_mm
        def thick = section.base.map(&:mm)
        def mounted? = !mounting.nil?
        # The bent wire it hangs from, nil where it hangs from none.
        def bar = mounting&.bar

        # What it takes of that: [from, to] along it.
        def on_rim_mm = mounting.on_rim_mm

        # Where its cords hang by themselves, and where each goes on below its mount: [x, y].
        def homes = @told[:homes] ||= thick.each_index.map { |place| Knot::Course.home(place, thick.size, spacing_mm) }
        def starts = homes.each_with_index.map { |x, number| mounting ? mounting.start(number) : [x, 0.0] }

        # What its cords take of a bar, every two of them one.
        def heads_mm = Layout.heads_mm(section.base)
        def self.heads_mm(base) = base.each_slice(2).sum { |wire, _| Knot::Gauge::MOUNT_WIDE * wire.mm }

        def worked(repeats, bare_mm, _on = nil) = @worked[[repeats, bare_mm]] ||= Knotted.new(self, repeats, bare_mm)

        # Knotted so far.
        # @raise [InvalidInput] where that is more than is planned at once
        def course(count)
          bounded(count)
          @course.lay(count).tap { |laid| far(laid.length_mm(count)) }
        end

        def far(mm)
          return if mm <= FARTHEST * LONGEST_MM

          too_much("#{Units::Text.length(mm)} knotted", Units::Text.length(LONGEST_MM))
        end

        def woven_mm(count) = course(count).length_mm(count)

        # Knots of one repeat of the pattern.
        def each
          @told[:each] ||= section[:rows].sum { |row|
            row[:times] * row[:knots].sum { |one| (one[:kind] == "pass") ? 0 : one[:times] }
          }
        end

        def most_repeats
          @told[:most] ||= [MOST_REPEATS, Knot::Course::MOST / each, (LONGEST_MM / advance_mm).floor].min.clamp(1, nil)
        end

        # How far one more of them reaches; two are not more than is planned, as one is not.
        def advance_mm
          @told[:advance] ||= begin
            bounded_knots(1)
            @course.lay(2).then { |laid| [laid.length_mm(2) - laid.length_mm(1), 0.01].max }
          end
        end

        # It is laid no further than it must be.
        def nearest(length_mm)
          count = 1
          count += 1 while count < most_repeats && woven_mm(count) < length_mm
          [count - 1, count].select(&:positive?).min_by { |one| (woven_mm(one) - length_mm).abs }
        end

        # Outside to outside.
        def width_mm = girth ? girth.width_mm : edges.then { |low, high| high - low }
        def thickness_mm = girth ? girth.depth_mm : own_thickness_mm

        # Its outermost lines: how far across, and towards the maker.
        def outer_lines = girth ? girth.outer_lines : edges.map { |x| [x, 0.0] }

        # From one place across to another.
        def apart(from, to) = girth ? girth.apart(from, to) : to - from

        # How far it reaches to either side of its middle line: [low, high].
        def edges
          @told[:edges] ||= begin
            knots = sample.flat_map { |knot|
              wide = (knot.size.width_mm / 2) + ((knot.bead && !knot.bead.around?) ? knot.bead.wide_mm : 0.0)
              [knot.x - wide, knot.x + wide]
            }
            hang = [homes.last, last_homes.last].max + (thick.max / 2)
            hang = [hang, mounting.reach_mm].max if mounted? && bar.nil?
            [*knots, -hang, hang].minmax.then { |low, high| [-[high, -low].max, [high, -low].max] }
          end
        end

        # Where each of its cords hangs at a side: at its end in the order its knots have brought them to, below its
        # last knot where nothing else is made of it.
        def across(side, repeats = nil)
          return homes unless side == "end"

          count = repeats || given || 1
          @told[[:across, count]] ||= begin
            order = course(count).order(count)
            section.base.each_index.map { |cord| left_at(cord, count) || last_homes[order.index(cord)] }
          end
        end

        # The sides of it that a cord ends at in nothing else; one with both its ends names it twice.
        def loose_ends(wire)
          routes = section.piece.routes
          first, last = routes.of(wire.id).values_at(0, -1)
          [["start", first, first.enters], ["end", last, last.leaves]].filter_map do |of, visit, side|
            side if visit.section == id && routes.end_of(wire.id, of).nil?
          end
        end

        private

        def own_thickness_mm = [*sample.map { |knot| knot.size.thick_mm }, *beading.kinds.map(&:depth_mm)].max

        # Where its last knot leaves a cord, both of whose legs hang free then; nil where it goes on.
        def left_at(cord, count)
          return if hitched

          wire = section.base[cord]
          legs = section.base.count { |other| other.id == wire.id }
          @course.passes_of(cord, count).last&.leaves&.first if loose_ends(wire).count("end") == legs
        end

        # Hitched to a bar cords hang as far apart as that asks.
        def last_homes
          return homes unless hitched

          thick.each_index.map { |place| Knot::Course.home(place, thick.size, hitched.apart_mm) }
        end

        # One repeat, or two, show how wide it is.
        def sample_count = (2 * each > Knot::Course::MOST) ? 1 : 2
        def sample = @told[:sample] ||= @course.lay(sample_count).placed.first(@course.knots(sample_count))

        def reaching(mm)
          most = most_repeats * advance_mm
          too_much(Units::Text.length(mm), "about #{Units::Text.length(most)}") if mm > most + advance_mm
          nearest(mm)
        end

        def bounded(count)
          bounded_knots(count)
          return if count <= most_repeats

          too_much("#{count} times", "#{most_repeats} times the pattern, or #{Units::Text.length(LONGEST_MM)}")
        end

        def bounded_knots(count)
          most = Knot::Course::MOST
          too_much("#{count * each} knots", "#{most} knots") if count * each > most
        end
      end
    end
  end
end
