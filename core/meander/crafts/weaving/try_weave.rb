# frozen_string_literal: true

module Meander
  module Crafts
    module Weaving
      # A weave tried in a section's own wires: a short straight strip, for looking at and comparing.
      module TryWeave
        # How long a strip is tried, in mm; at least two repeats are shown.
        TRIED_MM = 30.0
        LEAST_REPEATS = 2
        BARE_MM = 3.0

        # sample: see Weave::Samples. Every base wire is like the section's first, the weaving wire its first.
        # @return [Strip]
        def self.call(section, sample)
          layout = Layout.new(tried(section, sample), Calibration.usual)
          Strip.new(layout, [(TRIED_MM / layout.pattern.advance_mm).round, LEAST_REPEATS].max, BARE_MM)
        end

        # What a weave comes to in these wires. Lengths in mm; wire_per_cm_mm: weaving wire for a centimetre of strip.
        def self.figures(strip)
          pattern = strip.layout.pattern
          bend = Advice::TightestBend.call(strip.checked)
          {advance_mm: pattern.advance_mm, wire_per_cm_mm: 10 * pattern.wire_mm / pattern.advance_mm,
            width_mm: strip.layout.width_mm,
            bend_mm: bend&.figures&.fetch(:inside_radius_mm), bare_mm: strip.layout.cover.faces.map(&:longest_mm).max}
        end

        def self.tried(section, sample)
          clear = sample.clear && Units::Size.of(sample.clear * section.working_wire.mm)
          base = Array.new(sample.base) { |i| section.base.first.named("b#{i + 1}") }
          section.with(base:, working: [section.working_wire],
            seating: {**section.seating, cut_away: [], in_turn: false},
            from: "end", form: {kind: "straight"}, rise: {kind: "packed"},
            pattern: {kind: "walk", gaps: sample.gaps, before: sample.before, after: sample.after}, threaded: [],
            spacing: clear ? {kind: "apart", clear: Array.new(sample.base - 1, clear)} : {kind: "tight"})
        end
        private_class_method :tried
      end
    end
  end
end
