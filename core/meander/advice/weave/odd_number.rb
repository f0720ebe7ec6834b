# frozen_string_literal: true

module Meander
  module Advice
    module Weave
      # A pattern built outwards from one wire needs as many base wires on the one side of it as on the other.
      module OddNumber
        def self.call(woven)
          count = woven.frame.count
          return unless count.even? && centred_on_a_wire?(woven.repeat.passes)

          Item.new(id: "odd-number-needed", severity: "warn", place: "/sections/0/base",
                   title: "This pattern needs an odd number of base wires",
                   why: "Every wrap is centred on one wire, and #{count} wires have no middle one: one side stays wider than the other.",
                   remedy: "Lay #{count - 1} or #{count + 1} base wires, and centre the pattern on the middle one.",
                   figures: {base_wires: count, centre_wire: (passes_centre(woven.repeat.passes.first) + 1).to_i})
        end

        # Widths that grow and shrink round one and the same wire.
        def self.centred_on_a_wire?(passes)
          centres = passes.map { |pass| passes_centre(pass) }.uniq
          centres.size == 1 && centres.first % 1 == 0 && passes.map { |pass| pass.wires.size }.uniq.size > 1
        end

        def self.passes_centre(pass) = (pass.wires.first + pass.wires.last) / 2.0
        private_class_method :centred_on_a_wire?, :passes_centre
      end
    end
  end
end
