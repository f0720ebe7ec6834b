# frozen_string_literal: true

module Meander
  module Crochet
    # The stitches of crochet, by their usual names.
    module Stitches
      # key: as a document has it; letter: in short notation; name: in words; height: in hooks, 0 where it has none of
      # its own (assumed, no source); turn: how many chains lead up to its row; taut: what it takes at the least, drawn
      # tight without friction, as shares of [stitch, height, hook, wire] (relaxed as tubes for single, half double and
      # double; carried on to slip stitch and treble), nil of a chain, see Gauge.
      Stitch = Struct.new(:key, :letter, :name, :plural, :height, :turn, :taut, keyword_init: true) do
        def words(count) = "#{count} #{(count == 1) ? name : plural}"
      end

      ALL = [
        ["chain", "c", "chain", "chains", 0.0, 0, nil],
        ["slip", "l", "slip stitch", "slip stitches", 0.5, 0, [1.2, 1.4, 2.0, 10.0]],
        ["single", "s", "single", "singles", 1.2, 1, [1.4, 1.9, 2.9, 20.7]],
        ["half", "h", "half double", "half doubles", 1.8, 2, [1.6, 1.9, 2.75, 29.4]],
        ["double", "d", "double", "doubles", 2.4, 3, [1.9, 2.1, 2.0, 36.7]],
        ["treble", "t", "treble", "trebles", 3.0, 4, [2.2, 2.2, 1.4, 44.5]]
      ].to_h { |values| [values.first, Stitch.new(**Stitch.members.zip(values).to_h).freeze] }.freeze

      # Those that have a height, so that rows are made of them.
      TALL = %w[single half double treble].freeze
      LETTERS = ALL.values.to_h { |one| [one.letter, one.key] }.freeze

      def self.fetch(key) = ALL.fetch(key)
    end
  end
end
