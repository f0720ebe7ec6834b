# frozen_string_literal: true

module Meander
  module Crochet
    # A row, or a round. Places are counted from 0 in the order they are worked.
    class Row
      # A stitch of it. feet: places of the row below that it is worked into; head: its own place, nil where it has
      # none; shares: which of those into one place it is, and how many there are: [0, 2].
      Stitch = Struct.new(:kind, :feet, :head, :shares)

      attr_reader :items

      # items: Item values.
      def initialize(items)
        @items = items.freeze
        @heads = items.sum(&:heads)
        @takes = items.sum(&:takes)
        freeze
      end

      attr_reader :heads, :takes

      def stitches = items.sum(&:stitches)

      # How many of each kind: { kind => count }.
      def tally
        items.reject { |item| item.kind == "skip" }.each_with_object(Hash.new(0)) { |item, all|
          all[item.kind] += item.stitches
        }
      end

      # So many heads less than stitches that are drawn together: of each kind.
      def joined
        items.each_with_object(Hash.new(0)) do |item, all|
          all[item.kind] += item.times * (item.over - 1) if item.over > 1
        end
      end

      # The tallest kind of it, which its turn is made for.
      def tallest
        items.map(&:kind).select { |kind| Stitches::ALL.key?(kind) }.max_by { |kind| Stitches.fetch(kind).height }
      end

      # All of its stitches, in order: Stitch values.
      def each_stitch
        return enum_for(:each_stitch) unless block_given?

        below = head = 0
        items.each do |item|
          next below += item.takes if item.kind == "skip"

          item.times.times do
            feet = item.worked? ? (below...(below + item.over)).to_a : []
            item.into.times do |share|
              yield Stitch.new(item.kind, feet, (head if item.heads.positive?), [share, item.into])
              head += 1 if item.heads.positive?
            end
            below += item.over if item.worked?
          end
        end
      end

      def ==(other) = other.is_a?(Row) && items == other.items
    end
  end
end
