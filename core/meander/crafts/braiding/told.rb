# frozen_string_literal: true

module Meander
  module Crafts
    module Braiding
      # A braid as it goes out: schema answer, braid.
      module Told
        # braided: Braided.
        def self.call(braided)
          layout, scheme = braided.layout, braided.layout.scheme
          {repeats: braided.repeats, woven_mm: braided.braided_mm, bare_mm: braided.bare_mm, pitch_mm: layout.pitch_mm,
            flat: layout.flat?, notation: scheme.to_s, moves: Words.moves(scheme),
            crossings: scheme.crossings.map { |one| {gap: one.gap, over: one.over} },
            orders: [0, 1].map { |more| scheme.after(braided.repeats + more).map { |place| place + 1 } },
            strands: layout.strands.each_with_index.map { |strand, i| strand_h(braided, strand, i) },
            width_mm: layout.width_mm, thickness_mm: layout.thickness_mm, take_up: braided.take_up,
            assumed: braided.assumed?, beaded: beaded(braided), curve: braided.curve}
        end

        def self.beaded(braided)
          kinds = braided.course.kinds
          kinds.each_index.select { |i| kinds[i].any? }.map { |i| i + 1 }
        end

        def self.strand_h(braided, strand, index)
          {wires: strand.numbers.map { |number| braided.base[number].id }, words: strand.words,
            run_mm: braided.strand_mm[index], beads: braided.beads.count { |one| one.strand == index }}
        end
        private_class_method :beaded, :strand_h
      end
    end
  end
end
