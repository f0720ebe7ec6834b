# frozen_string_literal: true

module Meander
  # What was worked out lately, by what it depends on; the longest unused is let go first. Safe between threads.
  class Kept
    # limit: so many are kept.
    def initialize(limit)
      @limit = limit
      @kept = {}
      @lock = Mutex.new
    end

    # What is kept under a key, or the block's value, which then is. Two who ask at once may both work it out.
    def fetch(key)
      found = @lock.synchronize { @kept.delete(key)&.tap { |one| @kept[key] = one } }
      return found if found

      yield.tap do |made|
        @lock.synchronize do
          @kept[key] = made
          @kept.shift if @kept.size > @limit
        end
      end
    end
  end
end
