# frozen_string_literal: true

module Meander
  module Crafts
    module Knotting
      module Advice
        # Cords that run nearly level from one knot to the next, as where they hang far apart, and pull both aside. To a
        # bar, which holds them, and into a bundle they may.
        module Level
          # Flatter than so many degrees, where it goes further than so many cords (our choice, no source).
          FLATTEST, FURTHER = 30, 4

          def self.call(knotted)
            across, down = flattest(knotted) || return
            needs = (across * Math.tan(FLATTEST * Math::PI / 180)) - down
            AdviceItem.of("knot-rows-level", "note", "/rows", "Cords run nearly level from row to row",
              "From a knot to its next one a cord goes #{Units::Text.length(across)} across and " \
              "#{Units::Text.length(down)} down, and pulls both aside.",
              "About #{Units::Text.length(needs)} more of bare cord before that row, or cords closer together.",
              across_mm: across, down_mm: down, needs_mm: needs)
          end

          # How far across and how far down the flattest way of two repeats goes, nil where none is too flat.
          def self.flattest(knotted)
            ways = knotted.base.each_index.flat_map do |cord|
              far = FURTHER * knotted.base[cord].mm
              knotted.course.passes_of(cord, [knotted.repeats, 2].min).each_cons(2).filter_map do |one, other|
                way(one, other) if other.gap_mm > far && Knot::Kinds::AROUND.include?(other.knot.kind)
              end
            end
            ways.min_by { |across, down| down / across }
              &.then { |across, down| [across, down] if down < across * Math.tan(FLATTEST * Math::PI / 180) }
          end

          def self.way(from, to)
            down = to.enters[1] - from.leaves[1]
            [Math.sqrt([(to.gap_mm**2) - (down**2), 1e-12].max), [down, 0.0].max]
          end
          private_class_method :flattest, :way
        end
      end
    end
  end
end
