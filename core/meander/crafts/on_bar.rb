# frozen_string_literal: true

module Meander
  module Crafts
    # A section that may be worked onto the wire another one is bent of: where its middle comes to lie is marked there.
    # What includes it answers layout, that bar, a Form::Bar, or nil where it stands otherwise.
    module OnBar
      def marks_on(worked, _number, pose)
        bar = layout.bar
        return [] unless bar && worked.id == section[:at][:section]

        [[bar.middle_mm, middle_mark, pose.at(bar.middle)]]
      end

      # What that mark is called.
      def middle_mark
        "middle of section #{section.piece.document[:sections].index { |one| one[:id] == id } + 1}"
      end
    end
  end
end
