# frozen_string_literal: true

module Server
  module Middleware
    # Everything the pages need comes from Meander itself; nothing inline runs.
    class SecureHeaders
      POLICY = "default-src 'none'; script-src 'self'; style-src 'self'; img-src 'self' data: blob:; font-src " \
               "'self'; " \
               "connect-src 'self'; base-uri 'none'; form-action 'none'; frame-ancestors 'none'"
      HEADERS = {"content-security-policy" => POLICY, "x-content-type-options" => "nosniff",
        "referrer-policy" => "no-referrer",
                  "cross-origin-opener-policy" => "same-origin", "cross-origin-resource-policy" => "same-origin"}.freeze

      def initialize(app)
        @app = app
      end

      def call(env)
        status, headers, body = @app.call(env)
        [status, headers.merge(HEADERS), body]
      end
    end
  end
end
