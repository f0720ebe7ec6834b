# frozen_string_literal: true

module Server
  module Routes
    # The built interface: one page for every address, and its assets.
    module Pages
      NAME = /\A[\w-][\w.-]*\z/
      DIST = File.expand_path("../../web/dist", __dir__)
      TYPES = {".js" => "text/javascript", ".css" => "text/css", ".woff2" => "font/woff2", ".woff" => "font/woff",
        ".svg" => "image/svg+xml"}.freeze

      PAGES = %w[/ /weaves /tray /learn /makings /makings/beside/:piece /makings/:id /pieces/:id
        /pieces/:id/print].freeze

      def self.registered(app)
        app.get("/assets/:file") do |file|
          path = File.join(DIST, "assets", file) if file.match?(NAME)
          raise Problem.new(404, "not-found", "there is no such asset") unless path && File.file?(path)

          cache_control :public, :immutable, max_age: 31_536_000
          send_file path, type: TYPES.fetch(File.extname(path), "application/octet-stream")
        end

        PAGES.each do |address|
          app.get(address) do
            cache_control :no_cache
            send_file File.join(DIST, "index.html"), type: "text/html"
          end
        end
      end
    end
  end
end
