# frozen_string_literal: true

module Meander
  module Crafts
    module Lacing
      # The lines of a lacing in the finished picture: its wraps across the wires at each place, its crossings before
      # them, its way on to the next place behind.
      module Drawing
        BEFORE, BEHIND = 6, 3

        # lines: of both rows, as they lie in the finished piece.
        def self.call(picture, lacing, lines)
          draw = ->(layer, points) { picture.line(layer, lacing.wire.id, lacing.wire.mm, points) }
          lacing.places.each { |one| place(one, lacing, lines).each { |points| draw.call(BEFORE, points) } }
          lacing.places.each_cons(2) { |one, other| draw.call(BEHIND, [one.met.other.place, other.met.one.place]) }
        end

        def self.place(one, lacing, lines)
          ends = [one.met.one, one.met.other]
          if one.tied?(lacing.wire.mm)
            middle = ends[0].place.zip(ends[1].place).map { |a, b| (a + b) / 2 }
            return wraps(middle, along(lines[0][ends[0].line], ends[0].point), one.thick.sum + lacing.wire.mm, lacing)
          end

          ends.each_with_index.flat_map { |on, i|
            wraps(on.place, along(lines[i][on.line], on.point), one.thick[i] + lacing.wire.mm,
              lacing)
          } << ends.map(&:place)
        end

        def self.wraps(place, direction, across_mm, lacing)
          Form::Turns.about(place, direction, lacing.section[:wraps], lacing.wire.mm, across_mm)
        end

        def self.along(line, point)
          Form::Turns.direction(line[[point - 1, 0].max], line[[point + 1, line.size - 1].min])
        end
        private_class_method :place, :wraps, :along
      end
    end
  end
end
