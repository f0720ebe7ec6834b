# frozen_string_literal: true

module Meander
  module Crafts
    module Weaving
      # A long edge of a woven section as what others are worked onto: its outermost base wire with the weave round it.
      # What is led round that passes between it and the wire beside it. mm.
      class Edge
        # Its places are told so far apart.
        STEP_MM = 0.25

        # woven: Document::Section; section: what is worked onto it; passing_mm: how thick what is led round it is.
        # @return [Form::Bar]
        # @raise [InvalidInput] where nothing can be worked onto it, or that does not pass
        def self.call(...) = new(...).call

        def initialize(woven, section, calibration, passing_mm)
          @woven = woven
          @section = section
          @at = section[:at]
          @passing_mm = passing_mm
          @layout = Registry.lay(woven, calibration)
        end

        def call
          known
          @made = @layout.worked(repeats, @layout.bare_mm)
          lies_flat
          passes
          Form::Bar.new(points, to_mm - from_mm, thick_mm:, side: @at[:side], middle_mm: @at[:along]&.mm, even: even?,
            woven: Form::Bar::Woven.new((base[number].mm + @made.weaving_mm) / 2, @made.woven_from).freeze)
        end

        private

        def base = @woven.base
        def number = (@at[:side] == "far") ? base.size - 1 : 0

        # Bare ends of a straight strip may give: all that hangs from it moves along with its weave.
        def known
          gives = @woven[:bare][:gives] && @woven.form[:kind] != "straight"
          return unless gives || @woven[:extent][:kind] == "free"

          refuse("section", @at[:section], "how far it is woven is found by what the piece must fit",
            "a section whose repeats, or length, are said, and its bare ends where it is bent")
        end

        # As many as are said, whatever gives.
        def repeats
          extent = @woven[:extent]
          case extent[:kind]
          when "repeats" then @layout.makeable(extent[:count])
          when "length" then @layout.nearest(extent[:length].mm)
          else @layout.given
          end
        end

        def lies_flat
          return if @made.flat? && @made.copies == 1

          refuse("section", @at[:section], "what hangs along its edge lies in one plane with it",
            "a woven section that lies flat, and no chain of frames")
        end

        def passes
          return if clear_mm.nil? || clear_mm >= @passing_mm - 1e-6

          refuse("section", "a gap of #{Units::Text.wire(clear_mm)}",
            "what is worked onto it passes between its outermost wires",
            "a gap of at least #{Units::Text.wire(@passing_mm)}, or something thinner")
        end

        # Over the weave round its wire where there is room for both, else between its wraps.
        def thick_mm
          over = clear_mm ? [clear_mm - @passing_mm, @made.weaving_mm].min : @made.weaving_mm
          base[number].mm + (2 * [over, 0.0].max)
        end

        # The gap beside it, where its middle lies; nil where there is no other wire.
        def clear_mm
          return if base.size == 1

          inner = number.zero? ? 1 : number - 1
          one, other = [number, inner].map { |wire| centre_mm(wire) }
          (one - other).abs - ((base[number].mm + base[inner].mm) / 2)
        end

        # Where a base wire lies across the strip, at that place.
        def centre_mm(wire)
          return @layout.frame.centres[wire] if @layout.weave.straight?

          woven_mm = @made.strip.woven_mm
          @layout.x_at(wire, (@at[:along]&.mm || (woven_mm / 2)).clamp(0.0, woven_mm), woven_mm)
        end

        def from_mm = @made.marks(number).first[0]
        def to_mm = @made.marks(number).last[0]

        def points
          ruler = Form::Trace::Ruler.new(@made.trace(number), @made.run_mm(number))
          steps = ((to_mm - from_mm) / STEP_MM).ceil.clamp(1, nil)
          (0..steps).map { |i| ruler.at(from_mm + ((to_mm - from_mm) * i / steps)) }
        end

        # Does it run straight, or evenly bent?
        def even? = %w[straight arc].include?(@woven.form[:kind]) && @layout.weave.straight?

        def refuse(...) = Rim.refuse(@section, ...)
      end
    end
  end
end
