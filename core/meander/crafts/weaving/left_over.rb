# frozen_string_literal: true

module Meander
  module Crafts
    module Weaving
      # What is left of a weaving wire, bent to an ending where its weave begins or ends.
      module LeftOver
        # Endings that clear what is there by themselves; all others are brought to the front.
        FOLDED = %w[tuck swept rolled].freeze

        # layout: Layout; side: of the section, start or end.
        # @return an ending as Endings::Registry makes it, nil where the tail is cut off
        def self.call(layout, side)
          fields = layout.whole.ended(side) or return
          centres = layout.across(side)
          wire = layout.section.working_wire
          bent = Endings::Registry.build(fields, numbers: [centres.size],
            wires: layout.section.base, centres:, weaving_mm: layout.worked_round_mm,
            worked: [wire, x(layout, side, centres, wire.mm)])
          FOLDED.include?(fields[:kind]) ? bent : Endings::Raised.new(bent, front_mm(layout, fields, wire.mm))
        end

        # The height at which it lies on the front: clear of the weave, a coil with its lower side.
        def self.front_mm(layout, fields, wire_mm)
          on = (layout.section.base.map(&:mm).max / 2) + layout.worked_round_mm + (wire_mm / 2)
          (fields[:kind] == "coil") ? on + ((fields[:inside].mm + wire_mm) / 2) : on
        end

        # Where it leaves the weave, across the section from its middle line: in a gap, or beside an outermost wire.
        def self.x(layout, side, centres, wire_mm)
          strip = layout.strip(layout.sides)
          gap = (side == "start") ? strip.pass_at(0).from : strip.pass_at(strip.pass_count - 1).to
          beside = ->(number) { (layout.section.base[number].mm + wire_mm) / 2 }
          return centres.first - beside.call(0) if gap.zero?
          return centres.last + beside.call(-1) if gap == centres.size

          (centres[gap - 1] + centres[gap]) / 2
        end
        private_class_method :front_mm, :x
      end
    end
  end
end
