# frozen_string_literal: true

module Meander
  module Built
    # A chain of frames alike on two base wires that cross at every waist between them.
    class Waists < WovenSection
      STEPS = 24

      def copies = section[:form][:frames]
      def crossing_mm = base.sum { |wire| plan.piece.wire(wire).mm }
      def cell_mm = opening.length_mm
      def pitch_mm = cell_mm + crossing_mm
      def finish_mm = (copies * cell_mm) + ((copies - 1) * crossing_mm)
      def ends(wire) = [side(wire) * plan.piece.wire(wire).mm / 2, (copies.odd? ? 1 : -1) * side(wire) * plan.piece.wire(wire).mm / 2]

      def run_mm(wire) = once(:run, wire) { (copies * cell_run_mm(wire)) + ((copies - 1) * Form::Trace.smooth_mm(crossing(wire, 0))) }

      def lying(along, across) = ground.repeated_mm(pitch_mm).map { |more| way.at(along + more, across, 0.0) }

      # Start and end of every frame's weave, and every crossing between.
      def marks(wire) = once(:marks, wire) { marked(wire) }

      private

      def marked(wire)
        step = cell_run_mm(wire) + Form::Trace.smooth_mm(crossing(wire, 0))
        copies.times.flat_map do |k|
          from, to = [woven_from, woven_to].map { |along| (k * step) + [share_mm(wire, along), cell_run_mm(wire)].min }
          number = (copies > 1) ? " #{k + 1}" : ""
          [[from, "start of frame#{number}"], [to, "end of frame#{number}"], *([[((k + 1) * step) - ((step - cell_run_mm(wire)) / 2), "crossing #{k + 1}"]] if k < copies - 1)]
        end
      end

      def cell_run_mm(wire) = Form::Trace.smooth_mm(opening.edge(side(wire), plan.piece.wire(wire).mm).map { |along, off| [off, along, 0.0] })
      def frame_side(wire, number) = side(wire) * (number.even? ? 1 : -1)

      def path(wire)
        copies.times.flat_map do |k|
          cell = opening.edge(frame_side(wire, k), plan.piece.wire(wire).mm).map { |along, off| way.at((k * pitch_mm) + along, off, 0.0) }
          (k < copies - 1) ? cell + crossing(wire, k)[1..-2] : cell
        end
      end

      # Over from one side to the other, evenly turned out of and into the line of the chain.
      def crossing(wire, number)
        half = frame_side(wire, number) * plan.piece.wire(wire).mm / 2
        at = (number * pitch_mm) + cell_mm
        (0..STEPS).map { |i| (i / STEPS.to_f).then { |t| way.at(at + (t * crossing_mm), half * (1 - (2 * t * t * (3 - (2 * t)))), 0.0) } }
      end

      # At each waist one wire lies over the other: the one that comes from the left, or from the right, or in turn.
      def over?(wire, number)
        left = frame_side(wire, number).negative?
        case section[:form][:crossing]
        when "left" then left
        when "right" then !left
        else number.even? ? left : !left
        end
      end

      def draw(picture)
        base.each { |wire| lay(picture, 0, wire, plan.piece.wire(wire).mm, trace(wire)) }
        (copies - 1).times { |k| base.each { |wire| picture.line(5, wire, plan.piece.wire(wire).mm, crossing(wire, k)) if over?(wire, k) } }
        each_pass do |face, wire, points|
          copies.times { |k| lay(picture, face, wire, plan.layout.frame.wire_mm, points.map { |x, y, z| [x, y + (k * pitch_mm), z] }) }
        end
      end
    end
  end
end
