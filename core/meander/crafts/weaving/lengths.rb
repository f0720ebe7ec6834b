# frozen_string_literal: true

module Meander
  module Crafts
    module Weaving
      # The lengths a strip is woven with, as they are cut: Crafts::Length values. What is kept for later is kept once
      # for all copies.
      module Lengths
        # called: the section in words, nil where it is all of the piece.
        def self.call(strip, copies:, called:)
          rows = strip.account.lengths.reject(&:comes_on?).flat_map do |length|
            use = "weaves #{"#{called}, " if called}#{repeats(strip, length)}#{half(strip, length)}" \
                  "#{onward(strip, length)}"
            length.strands.product(counted(length, copies)).map do |strand, (kept, count)|
              wire = strip.section.strands[strand]
              Length.new(wire:, ids: [wire.id], count:, cut_mm: length.whole_mm(kept:), use:,
                parts: strip.account.parts(length, kept:))
            end
          end
          rows.group_by { |one| [one.wire.kind, *one.to_h.except(:count, :wire, :ids).values] }.values.map do |alike|
            together(alike)
          end
        end

        # Lengths of one kind that are cut alike as one row.
        def self.together(alike)
          alike.first.dup.tap { |one| one.count, one.ids = alike.sum(&:count), alike.flat_map(&:ids).uniq }.freeze
        end

        # How many of the copies of a length keep a tail for later, and how many do not: [[true, 1], [false, 3]].
        def self.counted(length, copies)
          first = length.kept_mm.positive? ? 1 : copies
          [[true, first], [false, copies - first]].reject { |_, count| count.zero? }
        end

        def self.repeats(strip, length)
          "#{"every other of " if length.strands.size < strip.section.strands.size}repeats #{length.first} to " \
          "#{length.last}"
        end

        # Other sections that it goes on to.
        def self.onward(strip, length)
          return "" unless length.goes_on?

          ids = strip.section.piece.sections.map(&:id)
          numbers = length.on.others.sort_by { |id| ids.index(id) }.map { |id| ids.index(id) + 1 }
          ", and on in section#{"s" if numbers.size > 1} #{Units::Text.list(numbers)}"
        end

        def self.half(strip, length)
          return "" if length.half.nil? || strip.layout.sides == 1

          length.half.zero? ? ", first half" : ", second half"
        end
        private_class_method :together, :onward
      end
    end
  end
end
