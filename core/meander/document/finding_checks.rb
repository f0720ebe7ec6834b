# frozen_string_literal: true

module Meander
  module Document
    # Checks of what is hung on a piece's endings: something must be there to hang it on.
    module FindingChecks
      # Loops a hook with two eyes can hang in, one eye in each.
      LOOPS = %w[loop eye curl].freeze
      CLOSED = %w[cuff ring].freeze

      def self.call(document, reading)
        document[:findings].each_with_index do |finding, i|
          if CLOSED.include?(document[:body][:kind])
            reading.fault("/findings/#{i}/kind", "finding", finding[:kind], message: "a #{document[:body][:kind]} is worn without one", accepted: "none")
          elsif document[:endings].none? { |ending| holds?(ending, finding[:side]) }
            reading.fault("/findings/#{i}/side", "finding", finding[:side], message: "at the #{finding[:side]} there is nothing to hang it on",
                          accepted: "a side with a loop, an eye, a hook, a bail, a ribbon end or a ring at the fold")
          elsif finding[:kind] == "two_eye_hook"
            two_loops(document, finding, i, reading)
          end
        end
      end

      def self.two_loops(document, finding, index, reading)
        loops = document[:endings].count { |ending| ending[:side] == finding[:side] && LOOPS.include?(ending[:kind]) }
        return if loops >= 2

        reading.fault("/findings/#{index}/kind", "finding", "two_eye_hook", message: "a hook with two eyes hangs in two loops, at the #{finding[:side]} there #{(loops == 1) ? "is one" : "are none"}",
                      accepted: "two loops at one side")
      end
      private_class_method :two_loops

      def self.holds?(ending, side) = ending[:side] == side && (Endings::Registry::HOLDS.include?(ending[:kind]) || (ending[:kind] == "fold" && !ending[:ring].nil?))
    end
  end
end
