# frozen_string_literal: true

module Meander
  module Crochet
    # What is made again and again within a row.
    module Again
      # before, block, after: parts of the row, one after the other; times: how often the block is made.
      Run = Struct.new(:before, :block, :times, :after)
      # Longer rows are looked at only whole.
      MOST = 60

      # The run that says most of a row at once.
      # @return [Run, nil] nil where nothing is
      # @example
      #   run = Again.call(%w[a b c b c d])
      #   [run.before, run.block, run.times, run.after] #=> [["a"], ["b", "c"], 2, ["d"]]
      def self.call(items)
        whole(items) || (longest(items) if items.size <= MOST)
      end

      def self.whole(items)
        long = (2..(items.size / 2)).find { |n| (items.size % n).zero? && items.each_slice(n).uniq.one? } or return

        Run.new([], items.first(long), items.size / long, [])
      end

      def self.longest(items)
        found = (2..(items.size / 2)).flat_map { |long|
          (0..(items.size - (2 * long))).map { |at| run(items, at, long) }
        }
        best = found.max_by { |one| (one.times - 1) * one.block.size }
        best if best && best.times > 1
      end

      def self.run(items, at, long)
        block = items[at, long]
        times = 1
        times += 1 while items[at + (times * long), long] == block
        Run.new(items.first(at), block, times, items.drop(at + (times * long)))
      end
      private_class_method :whole, :longest, :run
    end
  end
end
