# frozen_string_literal: true

module Meander
  module Crochet
    # Rows of one kind of stitch that grow or shrink.
    module Increases
      # All alike, one into each.
      def self.plain(kind, count) = Row.new([Item.new(kind:, times: count)])

      # From so many places to so many, spread evenly.
      def self.row(kind, from, to)
        Row.new((to >= from) ? grown(kind, from, to - from) : drawn_in(kind, from, from - to))
      end

      # More than one into some places.
      def self.grown(kind, places, more)
        runs = (0...places).map { |i| 1 + ((i + 1) * more / places) - (i * more / places) }
        runs.chunk_while { |one, other| one == other }.map { |run| Item.new(kind:, times: run.size, into: run.first) }
      end

      # Two places drawn together here and there; no more often than there are pairs.
      def self.drawn_in(kind, places, fewer)
        fewer = [fewer, places / 2].min
        past = 0
        items = (0...fewer).flat_map do |i|
          plain = (i * places / fewer) - past
          past += plain + 2
          [(Item.new(kind:, times: plain) if plain.positive?), Item.new(kind:, over: 2)].compact
        end
        Item.together((past < places) ? [*items, Item.new(kind:, times: places - past)] : items)
      end
      private_class_method :grown, :drawn_in
    end
  end
end
