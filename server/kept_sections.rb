# frozen_string_literal: true

module Server
  # Sections of built pieces as they were planned lately, the oldest let go first, so that only what changed is planned again. Safe
  # between threads.
  class KeptSections
    LIMIT = 40

    def initialize
      @sections = {}
      @lock = Mutex.new
    end

    # The section kept under a key, or the block's.
    def fetch(key)
      kept = @lock.synchronize { @sections.delete(key)&.tap { |section| @sections[key] = section } }
      return kept if kept

      yield.tap do |section|
        @lock.synchronize do
          @sections[key] = section
          @sections.shift if @sections.size > LIMIT
        end
      end
    end
  end
end
