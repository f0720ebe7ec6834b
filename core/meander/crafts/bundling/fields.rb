# frozen_string_literal: true

module Meander
  module Crafts
    module Bundling
      # What a binding holds: the wires it goes round, each by the end of a section that it leaves and how far out, and
      # how many wraps.
      module Fields
        include Document::Shape

        AROUND = Record.new({section: Id.new, side: Choice.new(%w[start end]), seat: Count.new(1..25),
          out: Common.size("how far out it is bound", 0.0..300.0, 0.0..40.0)})
        SECTION = {around: Common.list(AROUND, 1..12), wraps: Count.new(1..60)}.freeze
      end
    end
  end
end
