# frozen_string_literal: true

module Meander
  module Advice
    module Built
      # Bends too tight for what is bent, and frames too soft or too stiff for their span.
      module Bend
        # Wire bent round less than its own thickness is likely to crack. Common practice, no source.
        LEAST_WIRES = 1.0
        # A frame so many times as long as its wire is thick gives way (soft wire) or springs back (hardened wire). Our choice, no source.
        SOFT_SPAN = 60
        SPRINGY_SPAN = 12
        EDGEWISE = %w[arc ring].freeze
        # A wire covered so far cannot be pressed together at all; coils that open so far are seen at once.
        COVERED = 0.98
        WIDE = 0.15

        def self.call(plan)
          plan.sections.each_with_index.flat_map do |section, i|
            next [] if section.laced?

            section.woven? ? [coils(section, i), closed(section, i), turn(section, i), span(section, i)] : [wire(section, i)]
          end.compact
        end

        # Wire cannot be compressed: where the wire that lies inside is covered, its coils set the tightest bend, R_i = c s / (1 - c) for
        # the covered share c and wires s apart; beyond it those outside open.
        def self.coils(section, index)
          form = section.section[:form]
          return unless EDGEWISE.include?(form[:kind]) && section.base.size > 1 && !section.shaped_first?

          spread = section.plan.layout.frame.centres.then { |centres| centres.last - centres.first }
          inside = (form[:radius]&.mm || (section.length_mm / (2 * Math::PI))) - (spread / 2)
          shares = [0, section.base.size - 1].map { |wire| section.plan.layout.cover.share(wire) }
          inner, outer = (form[:towards] == "near") ? shares : shares.reverse
          least = least_mm(inner, spread)
          return if least && inside >= least

          opened(index, spread, inside, least, chosen: inner > outer + 1e-6, inner:)
        end

        def self.least_mm(share, spread) = (share > COVERED) ? nil : share * spread / (1 - share)

        # chosen: whether the fuller side lies inside, as some makers like it: that is theirs to choose and only told.
        def self.opened(index, spread, inside, least, chosen:, inner:)
          opens = ((inside + spread) / [inside, 0.01].max) - 1
          why = "Coils on the inside wire touch at #{Units::Text.length(least)} inside; this bend is #{Units::Text.length(inside)}." if least
          remedy = chosen ? "Wraps inside hold the outline; with the barer wire inside fewer open." : "A wider bend, or a weave that leaves its inside wire barer."
          item(chosen ? "bend-opens" : "bend-too-tight", (opens > WIDE && !chosen) ? "warn" : "note", "/sections/#{index}/form", "Bent so far, the coils outside open by #{Units::Text.percent(opens)}",
            why || "The inside wire is covered for #{Units::Text.percent(inner)}, and coils cannot be pushed together any further.", remedy, inside_radius_mm: inside, least_mm: least, opens:)
        end

        def self.closed(section, index)
          form = section.section[:form]
          return unless form[:kind] == "arc" && section.length_mm > 2 * Math::PI * form[:radius].mm

          item("bend-overlaps", "stop", "/sections/#{index}/form/radius", "The arc goes round more than once",
               "#{Units::Text.length(section.length_mm)} on a radius of #{Units::Text.length(form[:radius].mm)} closes after #{Units::Text.length(2 * Math::PI * form[:radius].mm)}.",
               "A larger radius, fewer repeats, or a helix.", length_mm: section.length_mm, round_mm: 2 * Math::PI * form[:radius].mm)
        end

        def self.turn(section, index)
          form = section.section[:form]
          return unless form[:kind] == "helix" && form[:rise].mm.positive? && form[:rise].mm < section.plan.layout.width_mm

          item("helix-overlaps", "warn", "/sections/#{index}/form/rise", "The turns would lie on each other; it is planned at #{Units::Text.length(section.plan.layout.width_mm)}",
               "A turn rises #{Units::Text.length(form[:rise].mm)}, the strip is #{Units::Text.length(section.plan.layout.width_mm)} wide.", "A greater rise, or 0 for turns side by side.",
               rise_mm: form[:rise].mm, width_mm: section.plan.layout.width_mm)
        end

        def self.span(section, index)
          return unless section.opening

          wire = section.base.map { |id| section.plan.piece.wire(id) }.min_by(&:mm)
          ratio = section.opening.length_mm / wire.mm
          id = gives(ratio, wire.temper)
          return unless id

          remedy = (id == "frame-soft") ? "Thicker or harder wire, hammering before weaving, or a shorter frame." : "Softer wire, or anneal it before shaping."
          item(id, "warn", "/sections/#{index}/form/length", "The frame is #{id.delete_prefix("frame-")} for its span",
            "It is #{Units::Text.number(ratio, 0)} times as long as its #{wire.words} is thick.", remedy, span: ratio)
        end

        def self.gives(ratio, temper)
          return "frame-soft" if ratio > SOFT_SPAN && temper == "soft"

          "frame-springy" if ratio < SPRINGY_SPAN && temper == "hard"
        end

        def self.wire(section, index)
          least = section.bent.least_mm
          return unless least && least < LEAST_WIRES * section.wire.mm

          item("wire-bent-tight", "warn", "/sections/#{index}/bend", "The wire is bent tighter than it is thick",
            "Its tightest inside radius is #{Units::Text.length([least, 0].max)}, the wire #{Units::Text.wire(section.wire.mm)}: it may crack or kink.",
               "Softer or thinner wire, or a wider bend.", inside_radius_mm: least, wire_mm: section.wire.mm)
        end

        def self.item(id, severity, place, title, why, remedy, **figures) = Item.new(id:, severity:, place:, title:, why:, remedy:, figures:)
        private_class_method :coils, :least_mm, :opened, :closed, :turn, :span, :gives, :wire
      end
    end
  end
end
