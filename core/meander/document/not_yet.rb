# frozen_string_literal: true

module Meander
  module Document
    # What has its place in a document and is checked for sense, but cannot be planned yet.
    module NotYet
      def self.call(document, reading)
        refuse = ->(path, given, accepted) {
          reading.fault(path, "not_yet", given, message: "this cannot be planned yet", accepted:)
        }
        refuse.call("/stones", "#{document[:stones].size} of them", "none") if document[:stones].any?
        document[:sections].each_with_index do |section, i|
          refuse.call("/sections/#{i}/copies", section[:copies], "1") if section[:copies] > 1
        end
      end
    end
  end
end
