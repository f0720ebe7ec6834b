# frozen_string_literal: true

module Meander
  module Crafts
    module Weaving
      # A chain of frames alike on two base wires that cross at every waist between them.
      class Chain < Woven
        STEPS = 24

        def copies = form[:frames]
        def crossing_mm = base.sum(&:mm)
        def cell_mm = opening.length_mm
        def pitch_mm = cell_mm + crossing_mm
        def finish_mm = (copies * cell_mm) + ((copies - 1) * crossing_mm)

        def run_mm(number)
          once(:run, number) do
            (copies * cell_run_mm(number)) + ((copies - 1) * Form::Trace.smooth_mm(crossing(number, 0)))
          end
        end

        def lying(along, across) = site.repeated_mm(pitch_mm).map { |more| way.at(along + more, across, 0.0) }

        private

        # Start and end of every frame's weave, and every crossing between.
        def told_marks(number)
          cell = cell_run_mm(number)
          step = cell + Form::Trace.smooth_mm(crossing(number, 0))
          copies.times.flat_map do |k|
            from, to = [woven_from, woven_to].map { |along| (k * step) + [share_mm(number, along), cell].min }
            named = (copies > 1) ? " #{k + 1}" : ""
            [[from, "start of frame#{named}"], [to, "end of frame#{named}"],
              *([[((k + 1) * step) - ((step - cell) / 2), "crossing #{k + 1}"]] if k < copies - 1)]
          end
        end

        def cell_run_mm(number)
          once(:cell, number) do
            Form::Trace.smooth_mm(
              opening.edge(layout.side_of(number), base[number].mm).map { |along, off| [off, along, 0.0] }
            )
          end
        end

        def frame_side(number, frame) = layout.side_of(number) * (frame.even? ? 1 : -1)

        def path(number)
          copies.times.flat_map do |k|
            cell = opening.edge(frame_side(number, k), base[number].mm).map do |along, off|
              way.at((k * pitch_mm) + along, off, 0.0)
            end
            (k < copies - 1) ? cell + crossing(number, k)[1..-2] : cell
          end
        end

        # Over from one side to the other, evenly turned out of and into the line of the chain.
        def crossing(number, frame)
          half = frame_side(number, frame) * base[number].mm / 2
          at = (frame * pitch_mm) + cell_mm
          (0..STEPS).map do |i|
            (i / STEPS.to_f).then { |t| way.at(at + (t * crossing_mm), half * (1 - (2 * t * t * (3 - (2 * t)))), 0.0) }
          end
        end

        # At each waist one wire lies over the other: the one that comes from the left, or from the right, or in turn.
        def over?(number, frame)
          left = frame_side(number, frame).negative?
          case form[:crossing]
          when "left" then left
          when "right" then !left
          else frame.even? ? left : !left
          end
        end

        def draw(picture)
          base.each_index { |number| lay(picture, 0, base[number], base[number].mm, trace(number)) }
          (copies - 1).times do |k|
            base.each_index do |number|
              picture.line(5, base[number].id, base[number].mm, crossing(number, k)) if over?(number, k)
            end
          end
          each_pass do |face, wire, points|
            copies.times do |k|
              lay(picture, face, wire, weaving_mm, points.map { |x, y, z| [x, y + (k * pitch_mm), z] })
            end
          end
        end
      end
    end
  end
end
