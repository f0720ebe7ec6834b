# frozen_string_literal: true

require "digest"

module Meander
  module Picture
    # A picture that is named by what it is drawn from and drawn only once somebody asks to see it. Safe between
    # threads.
    class OnAsking
      attr_reader :content_hash

      # from: text that tells all the picture depends on; the block answers the picture.
      def initialize(from, &draw)
        @content_hash = Digest::SHA256.hexdigest(from)[0, 32].freeze
        @draw = draw
        @lock = Mutex.new
      end

      def json = picture.json

      # What of a finished picture is drawn.
      def groups = picture.groups

      private

      # Once it is drawn, what it is drawn from is let go.
      def picture
        @lock.synchronize do
          @picture ||= @draw.call
          @draw = nil
          @picture
        end
      end
    end
  end
end
