# frozen_string_literal: true

module Server
  module Middleware
    # Whatever goes wrong, wherever: the answer is a problem (RFC 9457), never a page or a backtrace.
    class WholeAnswers
      KINDS = {400 => "bad-request", 404 => "not-found", 405 => "not-found", 413 => "too-large",
        414 => "too-large"}.freeze

      def initialize(app)
        @app = app
      end

      def call(env)
        status, headers, body = @app.call(env)
        if status < 400 || headers["content-type"].to_s.start_with?(Problem::TYPE) || status == GONE
          return [status, headers, body]
        end

        body.close if body.respond_to?(:close)
        Problem.new(status, KINDS.fetch(status, "refused"),
          "this request cannot be read, or is not one Meander answers").response
      rescue => e
        warn "#{e.class}: #{e.message}\n#{e.backtrace&.first(8)&.join("\n")}"
        Problem.new(500, "our-mistake", "Meander made a mistake; your work is kept as it was last saved").response
      end

      # Nobody waits for the answer any more.
      GONE = 499
    end
  end
end
