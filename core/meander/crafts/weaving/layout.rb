# frozen_string_literal: true

module Meander
  module Crafts
    module Weaving
      # What a woven section's wires and weave come to before anything is counted: repeats, rise, thickness. A section
      # that is bent is laid as the straight strip it is before. All in mm.
      class Layout
        # No section has more repeats than this.
        MOST_REPEATS = 2000
        # Nor is it woven any longer, in mm.
        LONGEST_MM = 10_000.0

        # whole: the section as the document has it; section: as a straight strip; seats: Beads::Seats of the beads
        # threaded while it is woven; opening, stretch: of a frame, its Form::Opening and what [from, to] along it is
        # woven, nil else.
        attr_reader :whole, :section, :calibration, :weave, :sides, :seats, :opening, :stretch

        # @raise [InvalidInput] where it cannot be woven
        def initialize(whole, calibration)
          @whole = whole
          @calibration = calibration
          @opening = Form::Opening.of(whole.form)
          @stretch = opening && FrameStretch.call(whole, opening)
          @section = opening ? framed : whole
          @weave = Laying.call(section, calibration)
          bendable if whole.form[:kind] == "arc"
          open_for_bend if shaped_first?
          @sides = section.from_middle? ? 2 : 1
          @seats = section.threaded.map { |placed| Beads::Seats.new(self, placed, section.piece.bead(placed[:bead])) }
            .freeze
          @worked, @told = {}, {}
          freeze
        end

        # The section with so many repeats, so much bare at each end, bent to its form; on: see Strip.
        # @raise [InvalidInput] where it is longer than is planned in one section
        def worked(repeats, bare_mm, on = OnWire::ALONE)
          FormFault.too_long(whole, repeats, woven_mm(repeats)) if woven_mm(repeats) > LONGEST_MM
          @worked[[repeats, bare_mm, on]] ||= kind.new(self, Strip.new(self, repeats, bare_mm, on))
        end

        def id = whole.id
        def free? = whole.free?
        def shaped_first? = whole.form[:shaped] == "before"
        def frame = weave.frame
        def pattern = weave.repeat
        def advance_mm = pattern.advance_mm
        def cover = @told[:cover] ||= Weave::Cover.new(pattern)
        # Ids of the sections it is made on.
        def on = []
        def bare_mm = opening ? 0.0 : whole.bare_mm

        # How many repeats the document asks for; nil where that is found by what the piece must meet.
        def given
          extent = whole[:extent]
          case extent[:kind]
          when "fill" then most_repeats
          when "share" then nearest((stretch[1] - stretch[0]) * extent[:share])
          when "repeats" then makeable(extent[:count]) unless free?
          when "length" then nearest(extent[:length].mm) unless free?
          end
        end

        # The woven section with so many repeats; the first half of it where the work goes outwards from the middle.
        def strip(repeats) = weave.strip(repeats / sides)

        # The same in one, or both halves, each as it is woven from the middle.
        def halves(repeats) = (sides == 1) ? [strip(repeats)] : [strip(repeats), weave.second(repeats / sides)]

        # How many passes so many repeats take, with all that is woven before and after them.
        def passes(repeats) = halves(repeats).sum(&:pass_count)

        # Which half a pass belongs to, by its number in the order of work, and which number it has there.
        def half_of(pass, repeats)
          first = strip(repeats).pass_count
          (sides == 1 || pass < first) ? [0, pass] : [1, pass - first]
        end

        # How many passes of a half come before its first whole repeat is over, counted as if none were left out of the
        # second half.
        def skipped(half) = half.zero? ? 0 : weave.shared(2).passes

        # Outside to outside of the woven band where it is widest.
        def width_mm = weave.widest.x_range(weave.visited).then { |low, high| high - low }
        def thickness_mm = frame.thickness_mm

        # What is worked round its base wires.
        def worked_round_mm = frame.wire_mm

        # [[Weave::Walk, times], ...] before or after the repeats.
        def stretches(side) = @told[[:stretches, side]] ||= Laying.new(section, calibration).stretches(side)

        # So many repeats or the nearest that can be made: from the middle outwards they come in pairs.
        def makeable(repeats) = [(repeats / sides.to_f).round, 1].max * sides

        # So many in words.
        def counted(repeats) = Units::Text.count(repeats, "repeat")

        # As many as can be made: in a frame as far as it is to be woven.
        def most_repeats
          opening ? nearest(stretch[1] - stretch[0]) : [MOST_REPEATS / sides, weave.most_repeats].min * sides
        end

        def woven_mm(repeats) = (weave.woven_mm(repeats / sides) * sides) - shared_mm(repeats)

        # What both halves share of the strip in its middle.
        def shared_mm(repeats) = (sides == 2) ? weave.shared(repeats / sides).mm : 0.0

        # The number of repeats that comes nearest to a woven length. Where base wires are joined at the end of it no
        # more than fits is woven: beyond it nothing passes between them.
        def nearest(length_mm)
          most = [MOST_REPEATS / sides, weave.most_repeats].min
          reaching = [weave.reaching((length_mm + shared_mm(2 * sides)) / sides), most].min
          counts = [reaching - 1, reaching].select(&:positive?)
          fitting = shut? ? counts.select { |count| woven_mm(count * sides) <= length_mm + (frame.wire_mm / 2) } :
            counts
          (fitting.first ? fitting :
            counts.first(1)).min_by { |count| (woven_mm(count * sides) - length_mm).abs } * sides
        end

        # The weaving wire that so many repeats take, tails and all.
        def working_mm(repeats) = Account.new(self, repeats).total_mm

        # What a base wire runs under a woven length: more than that where it bends outwards. Reckoned from millimetre
        # to millimetre.
        def run_mm(number, woven_mm)
          return woven_mm if weave.straight?

          ys = [*(0..woven_mm.floor).map(&:to_f), woven_mm]
          ys.map { |y| [y, x_at(number, y, woven_mm)] }.each_cons(2).sum do |(y, x), (to_y, to_x)|
            Math.hypot(to_y - y, to_x - x)
          end
        end

        # Where a base wire lies across the strip, at a place along it.
        def x_at(number, along, woven_mm)
          from_start = (sides == 1) ? along : (along - (woven_mm / 2)).abs
          weave.centres_at(from_start)[number]
        end

        # What is left of its weaving wire bent to an ending at a side, see LeftOver; how long that is, in mm.
        def left_over(side) = @told.fetch([:left, side]) { |key| @told[key] = LeftOver.call(self, side) }
        def left_over_mm(side) = left_over(side) ? left_over(side).strands.values.first.length : 0.0

        # Where the base wires lie across the section where it begins (start) and where it ends, from its middle line.
        # From the middle outwards both ends are as its end is.
        def across(side, _repeats = nil) = @told[side] ||= (opening ? joined(side) : parted(side)).freeze

        # The middle of the strip, from its first base wire.
        def middle_mm = frame.centres.then { |centres| (centres.first + centres.last) / 2 }

        # 1 for the wires on the far side of a frame, -1 for those on the near one.
        def side_of(number) = (number < section.base.size / 2.0) ? -1 : 1

        # How far the wires of a frame lean to each other at a side.
        def lean_rad(side) = opening ? opening.lean_rad(side) : 0.0

        # Are the base wires joined at both ends before they are woven on?
        def shut? = weave.profile&.joined? || false

        private

        def kind = (whole.form[:kind] == "waists") ? Chain : Woven

        # At its ends the wires of a frame lie side by side; in a chain they have crossed at every waist.
        def joined(side)
          crossed = kind == Chain && side == "end" && whole.form[:frames].even?
          section.base.each_with_index.map { |wire, i| (crossed ? -1 : 1) * side_of(i) * wire.mm / 2 }
        end

        def parted(side)
          ((side == "start" && sides == 1) ? weave.frame : weave.end_frame).centres.map { |centre| centre - middle_mm }
        end

        # A frame as a strip whose gap changes as the frame's opening does.
        def framed
          stations = opening.between(*stretch).map do |at, clear|
            {at: Units::Size.new(at, ""), clear: Units::Size.new(clear, "")}
          end
          whole.with(spacing: {kind: "changing", ends: "joined", stations:}, from: "end",
            bare: {length: Units::Size.new(0.0, ""), gives: false})
        end

        # From its middle line to its outermost base wire.
        def half_mm = (frame.centres.last - frame.centres.first) / 2

        def bendable
          return if whole.form[:radius].mm > half_mm

          FormFault.refuse(whole, "radius", "this strip is bent round less than half its own width",
            "more than #{Units::Text.length(half_mm)}")
        end

        # An arc that is bent before it is woven: pushed together on its inside, the wraps lie further apart on its
        # middle line.
        def open_for_bend
          radius = whole.form[:radius].mm
          least = pattern.packed_mm * radius / (radius - half_mm)
          open = ->(mm) { Units::Size.new([least, mm].max, "") }
          rise = {**section[:rise], kind: "open", pitch: open.call(pattern.copy(0).advance_mm)}
          @section = section.with(rise: {**rise, to: rise[:to]&.then { |to| open.call(to.mm) }})
          @weave = Laying.call(section, calibration)
        end
      end
    end
  end
end
