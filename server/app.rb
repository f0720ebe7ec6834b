# frozen_string_literal: true

require "rack/deflater"
require "sinatra/base"
require_relative "../core/meander"
require_relative "problem"
require_relative "middleware/local_only"
require_relative "middleware/whole_answers"
require_relative "middleware/secure_headers"
require_relative "database"
require_relative "models/piece"
require_relative "models/piece_version"
require_relative "models/weave"
require_relative "models/maker"
require_relative "models/bead"
require_relative "models/making"
require_relative "models/making_event"
require_relative "models/photo"
require_relative "models/practised"
require_relative "planning"
require_relative "planners"
require_relative "shelf_rows"
require_relative "request_body"
require_relative "routes/plans"
require_relative "routes/weaves"
require_relative "routes/tray"
require_relative "routes/pieces"
require_relative "routes/exports"
require_relative "routes/makings"
require_relative "routes/photos"
require_relative "path"
require_relative "routes/learning"
require_relative "routes/pages"

Meander::Loader.everything # threads find all of it there

module Server
  # The web application: an API over the core, and the built pages. No craft rules here.
  class App < Sinatra::Base
    set :protection, false # LocalOnly and SecureHeaders do this, answering in problem+json
    set :host_authorization, {permitted_hosts: []}
    set :static, false
    set :show_exceptions, false
    set :raise_errors, false
    set :logging, false
    set :dump_errors, false

    # On one machine packing an answer takes longer than sending it, unless it is large.
    LARGE_BYTES = 150_000
    use Rack::Deflater, if: ->(_, _, _, body) { body.respond_to?(:sum) && body.sum(&:bytesize) > LARGE_BYTES }
    use Middleware::WholeAnswers
    use Middleware::SecureHeaders
    use Middleware::LocalOnly

    helpers do
      def json(value, status: 200) = text_json(JSON.generate(value), status:)

      def text_json(text, status: 200)
        content_type "application/json"
        cache_control :no_store
        halt status, said(text)
      end

      # Sentences in the unit of who asks.
      def said(text) = Meander::Units::Said.call(text, units)

      # mm, unless the request asks for inches.
      def units
        Routes::Exports.choice({"units" => params["units"] || request.env["HTTP_MEANDER_UNITS"]}, "units",
          Meander::Units::Said::UNITS)
      end

      def problem(error)
        error.response.then { |status, headers, body| halt status, headers, body.map { |text| told(text) } }
      end

      # What is wrong is told even where the unit that was asked for is none.
      def told(text)
        said(text)
      rescue Meander::InvalidInput
        Meander::Units::Said.call(text)
      end

      def given = @given ||= RequestBody.read(request)

      # The document in the request.
      # @raise [Meander::InvalidInput] when there is none
      def given_document
        given.fetch("document") do
          raise Meander::InvalidInput.new(
            [Meander::Fault.new(path: "/document", code: "missing", message: "document is missing", given: nil,
              accepted: "a piece")]
          )
        end
      end

      # The request itself, which has a document.
      def asked = given_document && given
    end

    after { ActiveRecord::Base.connection_handler.clear_active_connections!(:all) }

    error(Problem) { |error| problem(error) }
    error(Meander::InvalidInput) { |error| problem(Problem.invalid(error)) }
    error(Piece::Stale) do |error|
      current = JSON.parse(Routes::Pieces.full(error.current, waiting: request))
      problem(Problem.new(409, "stale-save", "this piece was saved elsewhere meanwhile", current:))
    end
    error(Planners::Pool::Unwanted) { halt Middleware::WholeAnswers::GONE }
    error(Sinatra::BadRequest) { problem(Problem.new(400, "bad-request", "the address or the form cannot be read")) }
    error(ActiveRecord::StatementInvalid) { |error| problem(Database.problem(error)) }
    error(Planners::Pool::TooMuch) do
      problem(Problem.new(503, "too-much-work",
        "this takes more work than Meander can do at once: fewer sections, repeats or beads would do"))
    end
    error(ActiveRecord::RecordNotFound) { problem(Problem.new(404, "not-found", "there is no such piece or weave")) }
    error do |error|
      if error.is_a?(Rack::BadRequest)
        problem(Problem.new(400, "bad-request", "the address or the form cannot be read"))
      end
      warn "#{error.class}: #{error.message}\n#{error.backtrace&.first(8)&.join("\n")}"
      problem(Problem.new(500, "our-mistake", "Meander made a mistake; your work is kept as it was last saved"))
    end
    not_found { problem(Problem.new(404, "not-found", "there is nothing at #{request.path_info.scrub("?")[0, 80]}")) }

    register Routes::Plans
    register Routes::Weaves
    register Routes::Tray
    register Routes::Pieces
    register Routes::Exports
    register Routes::Makings
    register Routes::Photos
    register Routes::Learning
    register Routes::Pages
  end
end
