# frozen_string_literal: true

module Meander
  module Crafts
    module Braiding
      # One strand of a braid: a wire, several side by side, or several twisted to a cord. Lengths in mm.
      class Strand
        # Wires side by side take so much more room each, of what one takes.
        BESIDE = 0.45
        # Points of a turn of a cord.
        TURN_POINTS = 12

        attr_reader :numbers, :lay_mm, :wire_mm, :hand

        # The strands of a braid. strands: as read; wires: Document::Wire values of its base seats, in their order.
        def self.all(strands, wires)
          from = 0
          strands.map do |fields|
            numbers = (from...(from + fields[:wires])).to_a
            from += fields[:wires]
            new(fields, numbers, wires.values_at(*numbers).compact.map(&:mm))
          end
        end

        # Across a heading in the plane, and square to both.
        def self.frame((x, y, z))
          flat = Math.hypot(x, y)
          across = [y / flat, -x / flat, 0.0]
          [across, [(across[1] * z), -(across[0] * z), (across[0] * y) - (across[1] * x)]]
        end

        # numbers: of its wires in the section; mm: how thick those are.
        def initialize(fields, numbers, mm)
          @numbers = numbers.freeze
          @wire_mm = mm.sum / mm.size
          @lay_mm = fields[:twist] && fields[:twist][:lay].mm
          @hand = fields.dig(:twist, :hand)
          freeze
        end

        def size = numbers.size
        def twisted? = !lay_mm.nil? && size > 1

        # How wide it is taken to be where it crosses others, and how thick.
        def wide_mm = twisted? ? Beads::Bundle::EQUAL[size - 1] * wire_mm : wire_mm * (1 + (BESIDE * (size - 1)))
        def thick_mm = twisted? ? wide_mm : wire_mm

        # How wide it lies where it runs along the braid, as at its edges.
        def across_mm = twisted? ? wide_mm : wire_mm * size

        # How far from its middle line the wires of a cord lie.
        def radius_mm = (wide_mm - wire_mm) / 2

        # Wire a mm of cord: that of a helix, sqrt(1 + (2 pi r / lay)^2), any text on helices.
        def take_up = twisted? ? Math.hypot(1, 2 * Math::PI * radius_mm / lay_mm) : 1.0

        # The shortest turn of a cord whose wires keep in contact: they climb at 45 degrees.
        def least_lay_mm = 2 * Math::PI * radius_mm
        def turns_per_cm = 10 / lay_mm

        # The ways of its wires round or beside its middle line, in the order of its numbers.
        def lines(points)
          return [points] if size == 1

          twisted? ? helices(points) : beside(points)
        end

        # "two wires side by side", "a cord of two wires, 3 turns to a cm"
        def words
          return "one wire" if size == 1

          number = {2 => "two", 3 => "three", 4 => "four"}.fetch(size)
          twisted? ? "a cord of #{number} wires, #{Units::Text.number(turns_per_cm, 1)} turns to a cm" :
            "#{number} wires side by side"
        end

        private

        # Side by side across it, in its plane.
        def beside(points)
          normals = headings(points).map { |x, y, _| [y / Math.hypot(x, y), -x / Math.hypot(x, y)] }
          numbers.each_index.map do |i|
            off = wire_mm * (i - ((size - 1) / 2.0))
            points.zip(normals).map { |(x, y, z), (nx, ny)| [x + (off * nx), y + (off * ny), z] }
          end
        end

        def helices(points)
          fine = Form::Trace.fine(points, lay_mm / TURN_POINTS)
          past = 0.0
          runs = [0.0, *fine.each_cons(2).map { |pair| past += Form::Trace.polyline_mm(pair) }]
          frames = headings(fine).map { |heading| Strand.frame(heading) }
          numbers.each_index.map do |i|
            fine.each_index.map do |at|
              angle = ((hand == "left") ? -2 : 2) * Math::PI * ((runs[at] / lay_mm) + (i / size.to_f))
              across, up = frames[at]
              fine[at].each_with_index.map do |mm, axis|
                mm + (radius_mm * ((Math.cos(angle) * across[axis]) + (Math.sin(angle) * up[axis])))
              end
            end
          end
        end

        # Which way it leads at each point.
        def headings(points)
          points.each_index.map do |i|
            from, to = points[[i - 1, 0].max], points[[i + 1, points.size - 1].min]
            step = from.zip(to).map { |a, b| b - a }
            length = Math.sqrt(step.sum { |mm| mm**2 })
            step.map { |mm| mm / length }
          end
        end
      end
    end
  end
end
