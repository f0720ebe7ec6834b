# frozen_string_literal: true

module Meander
  module Advice
    module Built
      # What sections and endings ask of each other: crossings, centres, frames and what is woven in them.
      module Joining
        # A hole smaller than this is covered by the folds round it.
        COVERED_MM = 1.0

        # A lacing that spans more than this hangs loose. Our choice, no source.
        LOOSE_MM = 8.0

        def self.call(plan)
          plan.sections.each_with_index.flat_map do |section, i|
            next [loose(section, i)] if section.laced?

            section.woven? ? [crossing(section, i), longer(section, i)] : [centre(section, i, plan)]
          end.compact
        end

        def self.loose(lacing, index)
          return if lacing.widest_mm <= LOOSE_MM

          Bend.item("lacing-loose", "warn", "/sections/#{index}/rows", "The two rows stand up to #{Units::Text.length(lacing.widest_mm)} apart where they are laced",
            "A wire led so far from row to row stays loose and catches.", "Set the rows nearer, or lace them at more places.", widest_mm: lacing.widest_mm)
        end

        def self.crossing(section, index)
          form = section.section[:form]
          return unless form[:kind] == "waists" && form[:crossing] == "in_turn" && form[:frames] > 2

          Bend.item("waists-differ", "warn", "/sections/#{index}/form/crossing", "The waists do not all cross the same way over",
            "Wires that cross now one way, now the other untwist against each other and look uneven.",
                    "Let the same side lie over at every waist.", crossings: form[:frames] - 1)
        end

        def self.longer(section, index)
          return unless section.opening

          room, step = section.stretch[1] - section.stretch[0], section.plan.layout.pattern.advance_mm
          over = section.plan.fit.woven_mm - room
          return if over <= step / 2

          Bend.item("section-too-long", "stop", "/sections/#{index}/extent", "The weave is #{Units::Text.length(over)} longer than its frame", "The frame has room for #{Units::Text.length(room)}.",
"Fewer repeats, or a longer frame.", over_mm: over, room_mm: room)
        end

        def self.centre(section, index, plan)
          bend = section.section[:bend]
          return unless bend[:kind] == "rosette" && plan.places.values.compact.none? { |at| at[:kind] == "centre" && at[:section] == section.id }

          radius = Form::Bends.centre_mm(bend, section.wire.mm)
          hole = (2 * radius) - section.wire.mm
          return if hole <= COVERED_MM

          asked = bend[:centre].mm / 2 >= radius - 1e-9
          folds = asked ? "The folds lie on a circle of #{Units::Text.length(2 * radius)}." : "The legs of #{bend[:petals]} petals stand side by side on a circle no smaller."
          Bend.item("centre-open", "warn", "/sections/#{index}/bend/centre", "The centre of the rosette stays open by #{Units::Text.length(hole)}",
            folds,
                    "Fewer petals, tighter folds, or something that covers it.", hole_mm: hole)
        end
        private_class_method :loose, :crossing, :longer, :centre
      end
    end
  end
end
