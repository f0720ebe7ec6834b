# frozen_string_literal: true

require "uri"

module Server
  module Middleware
    # Answers only browsers on this machine: the Host must be a loopback name, and a page from elsewhere may not write.
    class LocalOnly
      HOSTS = %w[127.0.0.1 localhost [::1]].freeze

      def initialize(app)
        @app = app
      end

      def call(env)
        return refuse("host", env["HTTP_HOST"]) unless loopback?(env["HTTP_HOST"])
        return refuse("origin", env["HTTP_ORIGIN"]) unless same_origin?(env)

        @app.call(env)
      end

      private

      def loopback?(host) = HOSTS.include?(host.to_s.downcase.sub(/:\d+\z/, ""))

      def same_origin?(env)
        origin = env["HTTP_ORIGIN"]
        origin.nil? || origin == "http://#{env["HTTP_HOST"]}"
      end

      def refuse(what, given)
        Problem.new(403, "foreign-#{what}",
          "this #{what} is not served: #{given.to_s.scrub("?")[0, 80]}; open Meander by its address on this machine")
            .response
      end
    end
  end
end
