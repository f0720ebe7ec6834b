# frozen_string_literal: true

module Meander
  module Beads
    # Which beads of a tray fill a gap evenly, and which of them a wire passes.
    module Fitting
      # kind; count: how many in a row; left_mm: what they leave of the gap; each_mm: that shared out between and beside
      # them; passes: whether the wires go through together; need_mm: the hole they need.
      Fit = Struct.new(:kind, :count, :left_mm, :each_mm, :passes, :need_mm, keyword_init: true) do
        def to_h
          {id: kind.id, name: kind.name, words: kind.words, count:, left_mm:, each_mm:, passes:, need_mm:,
            hole_mm: kind.hole_mm, guessed: kind.guessed}
        end
      end

      # Best first: those the wires pass, then those that leave least for each place between.
      # gap_mm: clear width to fill; wires: diameters that go through a hole together.
      def self.call(kinds, gap_mm:, wires:, most: 40)
        need = Bundle.needs_mm(wires)
        fits = kinds.filter_map { |kind| fit(kind, gap_mm, need) }
        fits.sort_by { |one| [one.passes ? 0 : 1, one.each_mm, one.count] }.first(most)
      end

      def self.fit(kind, gap_mm, need)
        count = ((gap_mm + 1e-9) / kind.along_mm).floor
        return if count.zero?

        left = gap_mm - (count * kind.along_mm)
        Fit.new(kind:, count:, left_mm: left, each_mm: left / (count + 1), passes: need <= kind.hole_mm + 1e-9,
          need_mm: need).freeze
      end
      private_class_method :fit
    end
  end
end
