# frozen_string_literal: true

module Meander
  module Crafts
    # A section that may be worked onto the wire another one is bent of, or the edge of one that is woven: where its
    # middle comes to lie is marked on the wire, or measured along the weave that would cover a mark.
    # What includes it answers layout, that bar, a Form::Bar, or nil where it stands otherwise.
    module OnBar
      def marks_on(worked, _number, pose)
        bar = layout.bar
        return [] unless bar&.wire? && worked.id == section[:at][:section]

        [[bar.middle_mm, middle_mark, pose.at(bar.middle)]]
      end

      # Where it stands. wire: the pose of what it is worked onto; onto: that, as it is worked: its weave begins
      # elsewhere than it was taken to where its bare ends gave.
      def pose_on(wire, onto)
        bar = layout.bar
        bar.pose(bar.edge? ? wire.on([0.0, onto.woven_from - bar.woven.from_mm, 0.0], 0.0) : wire)
      end

      # The place its middle comes to lie at, in words.
      def about
        bar = layout.bar
        return "the mark “#{middle_mark}”" if bar.wire?

        "the place #{Units::Text.length(bar.middle_mm)} from #{bar.edge? ? "the start of the weave" : told_from}"
      end

      # The end of a row of knots that its places are told from.
      def told_from = (section[:at][:side] == "far") ? "its right end" : "its left end"

      # How the way of what passes through a weave is opened, or through a row of knots, nothing elsewhere. passes: "the
      # hook passes".
      def opened(passes)
        return " Draw each loop through between the cords there with a hook." if layout.bar&.row?

        layout.bar&.edge? ? " Open the wraps of the weave with an awl where #{passes}." : ""
      end

      # What that mark is called.
      def middle_mark
        "middle of section #{section.piece.document[:sections].index { |one| one[:id] == id } + 1}"
      end
    end
  end
end
