# frozen_string_literal: true

module Server
  # The pictures of recent plans by content hash, the oldest let go first. Safe between threads.
  class PictureShelf
    LIMIT = 160

    def initialize(limit = LIMIT)
      @limit = limit
      @pictures = {}
      @lock = Mutex.new
    end

    # Answers whether the picture is a new one.
    def put(picture)
      key = picture.content_hash
      @lock.synchronize do
        had = @pictures.delete(key)
        @pictures[key] = picture
        @pictures.shift if @pictures.size > @limit
        had.nil?
      end
    end

    def forget = @lock.synchronize { @pictures.clear }

    # The picture, or nil when it was let go.
    def get(key) = @lock.synchronize { @pictures[key] }
  end
end
