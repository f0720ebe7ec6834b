# frozen_string_literal: true

require "digest"

module Meander
  module Picture
    # A strip's picture that is named by what it is drawn from and drawn only once somebody asks to see it.
    class OnAsking
      attr_reader :content_hash

      # from: text that tells all the picture depends on; the block answers the DisplayList.
      def initialize(from, &draw)
        @content_hash = Digest::SHA256.hexdigest(from)[0, 32].freeze
        @draw = draw
        freeze
      end

      def json = @draw.call.json
    end
  end
end
