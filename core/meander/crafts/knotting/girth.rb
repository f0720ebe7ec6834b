# frozen_string_literal: true

module Meander
  module Crafts
    module Knotting
      # What a knotted section is closed round, as the girdle of a stone: an oval, its knots on the outside of it; mm.
      class Girth
        # section: anything that answers [] and base as Document::Section does; thick_mm: of its knots.
        # @return [Girth, nil] nil where it is not closed
        def self.of(section, thick_mm)
          round, over = section[:round], section[:mount]&.fetch(:over)
          round && new(round, thick_mm, over ? over.mm + (2 * section.base.map(&:mm).max) : 0.0)
        end

        # The oval through the middle of its knots.
        attr_reader :oval

        # heads_mm: how thick the heads are that its cords hang by.
        def initialize(round, thick_mm, heads_mm)
          @across, @deep = round.values_at(:across, :deep).map(&:mm)
          @thick_mm = thick_mm
          @out_mm = [thick_mm, heads_mm].max / 2
          @oval = Form::Oval.new(@across + thick_mm, @deep + thick_mm)
          freeze
        end

        def round_mm = oval.round_mm

        # Outside to outside, and towards the maker.
        def width_mm = @across + @thick_mm + (2 * @out_mm)
        def depth_mm = @deep + @thick_mm + (2 * @out_mm)

        # How long a ring is that lies on it, so thick: through its middle.
        def ring_mm(over_mm) = Form::Oval.round_mm(@across + over_mm, @deep + over_mm)

        # From its edge to its middle, the longest way.
        def half_mm = [@across, @deep].max / 2

        # From one place round it to another the short way, behind it too.
        def apart(from, to) = ((to - from + (round_mm / 2)) % round_mm) - (round_mm / 2)

        def way = Form::Way::Tube.new(oval)

        # Its outermost lines: how far round, and how far off the middle of its knots.
        def outer_lines = [-1, 1].map { |side| [side * round_mm / 4, @out_mm] }

        def words = "#{Units::Text.length(@across)} across and #{Units::Text.length(@deep)} deep"
      end
    end
  end
end
