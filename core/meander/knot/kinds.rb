# frozen_string_literal: true

module Meander
  module Knot
    # Kinds of knots: key => Kind.
    module Kinds
      # letter: in short notation; cords: how many one may take; usual: how many where nothing is said; hands: what its
      # sides are called; ties: moves of the hand it takes, by how many cords it has.
      Kind = Struct.new(:key, :letter, :name, :cords, :usual, :hands, :ties, keyword_init: true) do
        def words(hand) = hands ? "#{name} #{hands.fetch(hand)}" : name
      end

      FROM = {"left" => "from the left", "right" => "from the right"}.freeze
      ONWARD = {"left" => "to the left", "right" => "to the right"}.freeze
      ROUND = {"left" => "worked anticlockwise", "right" => "worked clockwise"}.freeze

      ALL = [
        ["square", "s", "square knot", 3..9, 4, FROM, ->(_) { 2 }],
        ["half", "h", "half knot", 3..9, 4, FROM, ->(_) { 1 }],
        ["bar", "b", "bar of double half hitches", 2..60, 4, ONWARD, ->(cords) { 2 * (cords - 1) }],
        ["diagonal", "d", "diagonal of double half hitches", 2..60, 4, ONWARD, ->(cords) { 2 * (cords - 1) }],
        ["vertical", "v", "row of vertical double half hitches", 2..60, 4, ONWARD, ->(cords) { 2 * (cords - 1) }],
        ["overhand", "o", "overhand knot", 1..16, 4, nil, ->(_) { 1 }],
        ["wrap", "w", "gathering wrap", 2..16, 4, nil, ->(_) { 5 }],
        ["crown", "c", "crown knot", 3..6, 4, ROUND, ->(cords) { cords + 1 }],
        ["exchange", "e", "exchange of working cords and fillers", 4..4, 4, nil, ->(_) { 1 }]
      ].to_h { |values| [values.first, Kind.new(**Kind.members.zip(values).to_h).freeze] }.freeze

      # Those that a bead may follow on the cords they are tied round, or that carry one at a side.
      AROUND = %w[square half].freeze
      # Those whose loops reach a little over their knot.
      LOOPED = [*AROUND, "crown"].freeze
      # Those in which one cord goes over from one side to the other.
      HITCHED = %w[bar diagonal vertical].freeze

      def self.fetch(key) = ALL.fetch(key)
    end
  end
end
