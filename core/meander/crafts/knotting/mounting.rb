# frozen_string_literal: true

module Meander
  module Crafts
    module Knotting
      # Cords hung by their folds, every two beside each other the legs of one: from a straight bar, or along a wire
      # that is bent, square to it. Told as its section is, from the middle of the bar: x across, y down; mm.
      class Mounting
        # A wire that turns further away than this, in degrees, holds no cords side by side.
        FARTHEST = 80
        # Legs beside each other have this share of the room they need, as heads give way.
        CLOSE = 0.9

        # section: Document::Section with a mount; calibration: of the maker; gauge: Knot::Gauge; homes: where
        # its cords hang, from the left.
        # @raise [InvalidInput] where so many do not hang from its wire
        def initialize(section, calibration, gauge, homes)
          @section = section
          @cords = section.base
          @gauge = gauge
          @homes = homes
          @bar = Rim.bar(section, calibration, @cords.map(&:mm).max)
          fits if @bar
          freeze
        end

        attr_reader :bar

        def kind = @section[:mount][:kind]

        # How thick what they hang from is.
        def over_mm = bar ? bar.thick_mm : @section[:mount][:over].mm

        # How far down a cord's mount reaches, and what it takes of a leg.
        def leg_mm(number) = @gauge.mount_mm(@cords[number].mm, over_mm)

        # Where a cord goes on below its head: [x, y].
        def start(number)
          place(number / 2).at([@homes[number] - along(number / 2), leg_mm(number)[0], 0.0]).first(2)
        end

        # The middle of the bar below a head: [x, y].
        def on_bar(number) = place(number / 2).then { |place| [place.x, place.y] }

        # The bight of a cord and both its legs, from the left: [[x, y, towards the maker], ...].
        def line(pair)
          Knot::Head.points(@cords[2 * pair].mm, over_mm, kind).map { |point| place(pair).at(point) }
        end

        # What its heads take of the wire it hangs from: [from, to] along it.
        def on_rim_mm = [bar.middle_mm - reach_mm, bar.middle_mm + reach_mm]

        # From the middle to the outermost edge of the outermost head.
        def reach_mm = along((@cords.size / 2) - 1) + (Knot::Gauge::MOUNT_WIDE * @cords.last.mm / 2)

        private

        def along(pair) = @homes[2 * pair, 2].sum / 2

        def place(pair)
          along(pair).then { |x| bar ? bar.place(x) : Form::Bar::Place.new(x, 0.0, 0.0) }
        end

        def fits
          if reach_mm > bar.room_mm + 1e-9
            refuse("along", Units::Text.length(bar.middle_mm), "so many cords do not hang along the #{bar.noun} " \
              "beside each other: they take #{Units::Text.length(2 * reach_mm)} of it",
              "a middle at least #{Units::Text.length(reach_mm)} from both its ends, or fewer or thinner cords")
          end
          bends_away
          meet
        end

        def bends_away
          turned = [0, (@cords.size / 2) - 1].map { |pair| place(pair).tilt.abs * 180 / Math::PI }.max
          return if turned <= FARTHEST

          refuse("section", @section[:at][:section], "the #{bar.noun} turns #{Units::Text.number(turned, 0)}° away " \
            "under so many cords", "one that turns #{FARTHEST}° at most to either side, or fewer or thinner cords")
        end

        # Within a bend legs come nearer to each other.
        def meet
          starts = @cords.each_index.map { |number| start(number) }
          starts.each_cons(2).with_index do |((x, y), (to_x, to_y)), number|
            next if Math.hypot(to_x - x, to_y - y) >= CLOSE * (@cords[number].mm + @cords[number + 1].mm) / 2 &&
              to_x > x

            refuse("side", @section[:at][:side], "cords #{number + 1} and #{number + 2} run into each other on this " \
              "side of the bend",
              "#{Mirrored::OTHER[@section[:at][:side]]}, cords farther apart, or a wider bend")
          end
        end

        def refuse(...) = Rim.refuse(@section, ...)
      end
    end
  end
end
