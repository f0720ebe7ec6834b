# frozen_string_literal: true

module Meander
  module Crafts
    module Weaving
      module Advice
        # Bends too tight for what is woven, and frames too soft or too stiff for their span.
        module Bend
          # A frame so many times as long as its wire is thick gives way (soft wire) or springs back (hardened wire).
          # Our choice, no source.
          SOFT_SPAN = 60
          SPRINGY_SPAN = 12
          EDGEWISE = %w[arc ring].freeze
          # A wire covered so far cannot be pressed together at all; coils that open so far are seen at once.
          COVERED = 0.98
          WIDE = 0.15

          def self.call(woven) = [coils(woven), closed(woven), turn(woven), span(woven)].compact

          # Wire cannot be compressed: where the wire that lies inside is covered, its coils set the tightest bend, R_i
          # = c s / (1 - c) for the covered share c and wires s apart; beyond it those outside open.
          def self.coils(woven)
            form = woven.form
            return unless EDGEWISE.include?(form[:kind]) && woven.base.size > 1 && !woven.shaped_first?

            spread = woven.layout.frame.centres.then { |centres| centres.last - centres.first }
            inside = (form[:radius]&.mm || (woven.length_mm / (2 * Math::PI))) - (spread / 2)
            shares = [0, woven.base.size - 1].map { |wire| woven.layout.cover.share(wire) }
            inner, outer = (form[:towards] == "near") ? shares : shares.reverse
            least = least_mm(inner, spread)
            return if least && inside >= least

            opened(spread, inside, least, chosen: inner > outer + 1e-6, inner:)
          end

          def self.least_mm(share, spread) = (share > COVERED) ? nil : share * spread / (1 - share)

          # chosen: whether the fuller side lies inside, as some makers like it: that is theirs to choose and only told.
          def self.opened(spread, inside, least, chosen:, inner:)
            opens = ((inside + spread) / [inside, 0.01].max) - 1
            if least
              why = "Coils on the inside wire touch at #{Units::Text.length(least)} inside; this bend is " \
                    "#{Units::Text.length(inside)}."
            end
            remedy = chosen ? "Wraps inside hold the outline; with the barer wire inside fewer open." :
              "A wider bend, or a weave that leaves its inside wire barer."
            AdviceItem.of(chosen ? "bend-opens" : "bend-too-tight", (opens > WIDE && !chosen) ? "warn" : "note",
              "/form", "Bent so far, the coils outside open by #{Units::Text.percent(opens)}",
              why || "The inside wire is covered for #{Units::Text.percent(inner)}, and coils cannot be pushed " \
                     "together any further.", remedy, inside_radius_mm: inside, least_mm: least, opens:)
          end

          def self.closed(woven)
            form = woven.form
            return unless form[:kind] == "arc" && woven.length_mm > 2 * Math::PI * form[:radius].mm

            AdviceItem.of("bend-overlaps", "stop", "/form/radius", "The arc goes round more than once",
              "#{Units::Text.length(woven.length_mm)} on a radius of #{Units::Text.length(form[:radius].mm)} closes " \
              "after #{Units::Text.length(2 * Math::PI * form[:radius].mm)}.",
              "A larger radius, fewer repeats, or a helix.", length_mm: woven.length_mm,
              round_mm: 2 * Math::PI * form[:radius].mm)
          end

          def self.turn(woven)
            form, wide = woven.form, woven.width_mm
            return unless form[:kind] == "helix" && form[:rise].mm.positive? && form[:rise].mm < wide

            AdviceItem.of("helix-overlaps", "warn", "/form/rise",
              "The turns would lie on each other; it is planned at #{Units::Text.length(wide)}",
              "A turn rises #{Units::Text.length(form[:rise].mm)}, the strip is #{Units::Text.length(wide)} wide.",
              "A greater rise, or 0 for turns side by side.", rise_mm: form[:rise].mm, width_mm: wide)
          end

          def self.span(woven)
            return unless woven.opening

            wire = woven.base.min_by(&:mm)
            ratio = woven.opening.length_mm / wire.mm
            id = gives(ratio, wire.temper)
            return unless id

            remedy = (id == "frame-soft") ? "Thicker or harder wire, hammering before weaving, or a shorter frame." :
              "Softer wire, or anneal it before shaping."
            AdviceItem.of(id, "warn", "/form/length", "The frame is #{id.delete_prefix("frame-")} for its span",
              "It is #{Units::Text.number(ratio, 0)} times as long as its #{wire.words} is thick.", remedy, span: ratio)
          end

          def self.gives(ratio, temper)
            return "frame-soft" if ratio > SOFT_SPAN && temper == "soft"

            "frame-springy" if ratio < SPRINGY_SPAN && temper == "hard"
          end
          private_class_method :coils, :least_mm, :opened, :closed, :turn, :span, :gives
        end
      end
    end
  end
end
