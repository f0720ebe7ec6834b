# frozen_string_literal: true

module Meander
  module Crafts
    module Knotting
      # Knots on their own, belonging to no piece: one after the other along a length, square, half knots of a spiral,
      # or double half hitches of one cord along what it is tied round.
      class KnotOptions
        include Units::OptionTexts

        OPTIONS = %w[knot cord fillers length filler bead every slack].freeze
        NEEDED = %w[knot cord fillers length].freeze
        RANGES = {"cord" => 0.1..12.0, "filler" => 0.1..12.0, "length" => 1.0..Layout::LONGEST_MM,
"bead" => 0.3..60.0}.freeze
        KNOTS = {"square" => "square", "spiral" => "half", "hitch" => "vertical"}.freeze

        attr_reader :kind, :cord_mm, :hull, :length_mm, :slack, :bead_mm, :every, :size, :knots

        # texts: option => text as typed, see OPTIONS.
        # @raise [Error] naming the option, what was given and what is accepted
        def self.read(texts) = new(texts)

        def initialize(texts)
          @texts = texts
          needs(NEEDED)

          @kind = knot
          @cord_mm, @length_mm = size_typed("cord"), size_typed("length")
          @hull = Knot::Hull.new(whole("fillers", nil, 1..7), texts.key?("filler") ? size_typed("filler") : cord_mm)
          @slack = share("slack", 0.0, 0.0..5.0)
          @every = whole("every", 1, 1..500)
          @bead_mm = texts.key?("bead") ? size_typed("bead") : nil
          hitches if kind == "vertical"
          @size = Knot::Gauge.new.size(kind, cords, apart_mm: row_mm)
          bounded
          @knots = ((1..Knot::Course::MOST).bsearch { |count|
            reach_mm(count) > length_mm + 1e-9
          } || (Knot::Course::MOST + 1)) - 1
          freeze
        end

        def hitch? = kind == "vertical"
        def assumed? = true

        # A bead behind every so manieth.
        def beads = bead_mm ? knots / every : 0

        # So many reach so far.
        def reach_mm(count) = (count * advance_mm) + (bead_mm ? (count / every) * bead_mm : 0.0)
        def advance_mm = size.advance_mm

        # What each working cord runs, the mean of two; what a filler does.
        def working_mm
          return [knots * Knot::Gauge.hitch_mm(held_mm, cord_mm, row_mm, advance_mm)] if hitch?

          halves = (kind == "square") ? 2 : 1
          one = (knots * Knot::Gauge.around_mm(hull, cord_mm, advance_mm, halves)) + (beads * past_mm)
          [one, one]
        end

        def filler_mm = (knots * advance_mm * Knot::Gauge::FILLER) + (beads * bead_mm.to_f)

        # The same as it is planned: the longer of both, and what was asked for besides.
        def planned_mm
          longer = (hull.count > 3) ? Knot::Gauge::BUNDLE_LONGER : Knot::Gauge::LONGER
          working_mm.map { |mm| mm * (hitch? ? 1 : 1 + longer) * (1 + slack) }
        end

        # Of hitches what they are tied round is the height of a row, and what ties them.
        def width_mm = hitch? ? row_mm : [size.width_mm, bead_mm].compact.max
        def thickness_mm = [size.thick_mm, bead_mm].compact.max

        private

        def cords = hitch? ? [cord_mm, held_mm] : [cord_mm, *([hull.cord_mm] * hull.count), cord_mm]

        # Fillers as one holder that has their hull.
        def held_mm = hull.round_mm / Math::PI
        def row_mm = Knot::Gauge.row_mm(held_mm, cord_mm)

        def past_mm
          bead_mm.nil? ? 0.0 : Knot::Ways.past_mm(bead_mm, bead_mm, cord_mm, Knot::Ways.side_mm(hull, cord_mm))
        end

        def knot
          KNOTS.fetch(@texts["knot"]) do |text|
            raise Error, "--knot: “#{text[0, 30]}” is no such knot; accepted: #{KNOTS.keys.join(", ")}"
          end
        end

        def hitches
          raise Error, "--bead: hitches along a cord carry none; accepted: beads with square or spiral" if bead_mm
        end

        def bounded
          most = Knot::Course::MOST
          if reach_mm(most) < length_mm
            far = Units::Text.number(reach_mm(most), 0)
            raise Error, "--length: more than #{most} knots; accepted: up to #{far} mm"
          end
          return if reach_mm(1) <= length_mm + 1e-9

          raise Error, "--length: not one knot long; accepted: from #{Units::Text.number(reach_mm(1), 2)} mm"
        end

        def size_typed(option) = size_of(option, @texts[option], RANGES.fetch(option))
      end
    end
  end
end
