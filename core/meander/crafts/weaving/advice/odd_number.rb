# frozen_string_literal: true

module Meander
  module Crafts
    module Weaving
      module Advice
        # A pattern built outwards from one wire needs as many base wires on the one side of it as on the other.
        module OddNumber
          def self.call(woven)
            count = woven.frame.count
            centre = count.even? && centre_wire(woven.repeat.passes)
            return unless centre

            AdviceItem.new(id: "odd-number-needed", severity: "warn", place: "/base",
              title: "This pattern needs an odd number of base wires",
              why: "Its wraps are centred on wire #{centre}, and #{count} wires have no middle one: one side " \
                   "stays wider than the other.",
              remedy: "Lay #{count - 1} or #{count + 1} base wires, and centre the pattern on the middle one.",
              figures: {base_wires: count, centre_wire: centre})
          end

          # The one wire round which all wraps of a face grow and shrink (on the other face the wire steps from width to
          # width); nil where there is none.
          def self.centre_wire(passes)
            passes.group_by(&:face).each_value do |face|
              middles = face.map { |pass| pass.wires.first + pass.wires.last }.uniq
              if middles.size == 1 && middles.first.even? && face.map { |pass| pass.wires.size }.uniq.size > 1
                return (middles.first / 2) + 1
              end
            end
            nil
          end
          private_class_method :centre_wire
        end
      end
    end
  end
end
