# frozen_string_literal: true

module Meander
  module Crafts
    module Knotting
      # The last row of a knotted section as what others hang from, where that is a bar across all its cords: what holds
      # them, with the hitches round it. They hang down from it, before its cords; near: told from its left end, far:
      # from its right. mm.
      class Ridge
        # knotted: Document::Section; section: what hangs from it.
        # @return [Form::Bar]
        # @raise [InvalidInput] where nothing hangs from it
        def self.call(knotted, section, calibration) = new(knotted, section, calibration).call

        def initialize(knotted, section, calibration)
          @knotted = knotted
          @section = section
          @at = section[:at]
          @calibration = calibration
        end

        def call
          said
          layout = Registry.lay(@knotted, @calibration)
          made = layout.worked(repeats(layout), layout.bare_mm)
          length_mm = @knotted.base.size * layout.spacing_mm
          down_mm = made.above_mm + middle_mm(made.placed.last)
          ends = [-1, 1].map { |towards| [towards * length_mm / 2, down_mm, 0.0] }
          ends.reverse! if @at[:side] == "far"
          Form::Bar.new(ends, length_mm, thick_mm:, side: @at[:side], middle_mm: @at[:along]&.mm, even: true, row: true)
        end

        private

        # As many as are said, whatever gives.
        def repeats(layout)
          extent = @knotted[:extent]
          (extent[:kind] == "length") ? layout.nearest(extent[:length].mm) : layout.makeable(extent[:count])
        end

        def middle_mm(bar) = bar.y + (bar.size.advance_mm / 2)

        # The cord that lies across, and a turn of the others before and behind it.
        def thick_mm
          across, *others = (bar[:hand] == "right") ? @knotted.base : @knotted.base.reverse
          Knot::Gauge.row_mm(across.mm, others.map(&:mm).max)
        end

        def bar = @knotted[:rows].last[:knots].first

        def said
          return refuse("crochet", "cords, each folded") unless @section[:mount]
          return refuse("a row without a bar", "one whose last row is a bar across all its cords") unless barred?
          return if straight? && @knotted[:extent][:kind] != "free"

          refuse(@at[:section], "knots that lie straight and flat, whose repeats or length are said")
        end

        def barred?
          @knotted[:rows].last[:knots].size == 1 && bar[:kind] == "bar" && bar[:cords] == @knotted.base.size
        end

        def straight? = @knotted.form[:kind] == "straight" && @knotted[:round].nil?

        def refuse(given, accepted)
          Rim.refuse(@section, "section", given, "that does not hang from the last row of knots", accepted)
        end
      end
    end
  end
end
