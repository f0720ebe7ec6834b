# frozen_string_literal: true

require "cgi/escape"

module Meander
  module Output
    # Any words as the text of an SVG: marks are escaped, and what no XML may hold (XML 1.0, section 2.2) is left out.
    module SvgText
      NONE = /[^\t\n\r\u0020-\uD7FF\uE000-\uFFFD\u{10000}-\u{10FFFF}]/

      def self.call(words) = CGI.escapeHTML(words.scrub("").gsub(NONE, ""))
    end
  end
end
