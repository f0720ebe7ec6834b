# frozen_string_literal: true

module Meander
  module Crafts
    module Weaving
      # Every pass of a woven section, bent to its form.
      class BentPasses
        # How far a drawn step of a pass may turn in the finished picture.
        TURN_RAD = Math::PI / 5

        # woven: Woven; yields the face of each pass, its wire and its points [[x, y, z], ...].
        def self.each(woven, &) = new(woven).each(&)

        def initialize(woven)
          @woven = woven
          @list = Picture::DrawStrip.call(woven.strip, turn_rad: TURN_RAD)
          @shapes = @list.shapes.map { |shape| parted(shape[:points]) }
          @wires = woven.section.strands.to_h { |wire| [wire.id, wire] }
        end

        def each
          @list.placements.each do |place|
            rows = @list.cells[place[:cell]].passes
            place[:count].times do |copy|
              at = @woven.woven_from + place[:at] + (copy * place[:step])
              rows.each { |row| yield @list.shapes[row[0]][:face], @wires.fetch(place[:wire]), bent(row, at) }
            end
          end
        end

        private

        def bent((shape, *heights), at)
          middle, way = @woven.layout.middle_mm, @woven.way
          @shapes[shape].map do |x, z, part, share|
            low, high = heights[part], heights[part + 1]
            way.at(at + low + (share * (high - low)), x - middle, z)
          end
        end

        # The points of a pass with the station before each and the share of the way to the next one.
        def parted(points)
          last = [points.last[2].round - 1, 0].max
          points.map { |x, z, u| u.floor.clamp(0, last).then { |part| [x, z, part, u - part] } }
        end
      end
    end
  end
end
