# frozen_string_literal: true

module Meander
  module Crafts
    module Braiding
      # How far a stitch of plain braid, or a round of any other scheme, advances; mm.
      module Pitch
        # Two wires side by side in each of three strands: by e / d of a wire, A and B of the path, as
        # Braid::PlainFigure has them. A runs evenly between what was found at the ends of the table, B is such that
        # the wire is what was found.
        DOUBLED = Braid::PlainFigure::Shape.new(0.0, 0.0, 4.0, 5.2, [[4.0, 1.72, 1.097], [4.5, 1.748, 0.886],
          [5.0, 1.775, 0.826], [5.5, 1.803, 0.821], [6.0, 1.83, 0.82], [7.0, 1.885, 0.8], [8.0, 1.94, 0.78]])

        # layout: Layout, or what has its strands, scheme, d and thick_mm.
        def self.figure(layout)
          return Braid::PlainFigure.new(3, wire_mm(layout), layout.pitch_mm, shape: DOUBLED) if doubled?(layout)

          Braid::PlainFigure.new(layout.strands.size, layout.d, layout.pitch_mm, thick: layout.thick_mm)
        end

        def self.usual_mm(layout) = told(layout, :usual)
        # Below it hands cannot draw it down.
        def self.least_mm(layout) = told(layout, :tight)

        def self.told(layout, key)
          return DOUBLED[key] * wire_mm(layout) if doubled?(layout)
          return Braid::PlainFigure::SHAPES.fetch(layout.strands.size)[key] * layout.d if layout.known?

          per = (key == :usual) ? Braid::RelaxedFigure::USUAL : Braid::RelaxedFigure::TIGHT
          per.call(layout.strands.size) * layout.scheme.layers.size * layout.d
        end

        def self.doubled?(layout)
          layout.known? && layout.strands.size == 3 && layout.strands.all? { |one| one.size == 2 && !one.twisted? }
        end

        def self.wire_mm(layout) = layout.strands.sum(&:wire_mm) / layout.strands.size
        private_class_method :told, :doubled?, :wire_mm
      end
    end
  end
end
