# frozen_string_literal: true

module Meander
  module Document
    # Checks of what is hung on a piece's endings: something must be there to hang it on.
    module FindingChecks
      # Endings that hold a ring.
      HOLDS = %w[loop hook eye doubled_hook bail curl].freeze
      CLOSED = %w[cuff ring].freeze

      def self.call(document, reading)
        document[:findings].each_with_index do |finding, i|
          if CLOSED.include?(document[:body][:kind])
            reading.fault("/findings/#{i}/kind", "finding", finding[:kind], message: "a #{document[:body][:kind]} is worn without one", accepted: "none")
          elsif document[:endings].none? { |ending| holds?(ending, finding[:side]) }
            reading.fault("/findings/#{i}/side", "finding", finding[:side], message: "at the #{finding[:side]} there is nothing to hang it on",
                          accepted: "a side with a loop, an eye, a hook, a bail or a ring at the fold")
          end
        end
      end

      def self.holds?(ending, side) = ending[:side] == side && (HOLDS.include?(ending[:kind]) || (ending[:kind] == "fold" && !ending[:ring].nil?))
    end
  end
end
