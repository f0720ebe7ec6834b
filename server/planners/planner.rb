# frozen_string_literal: true

module Server
  module Planners
    # One planner: takes one job after another over its socket, and answers each. Lives in a process of its own.
    class Planner
      # More than this, in bytes, no planner may take.
      MOST_BYTES = 1_500_000_000

      def initialize(socket)
        @socket = socket
        Process.setrlimit(Process::RLIMIT_AS, MOST_BYTES)
      end

      # Until the other side is gone.
      def work
        loop { Marshal.dump(answer(*Marshal.load(@socket)), @socket) } # rubocop:disable Security/MarshalLoad -- between processes of ours
      rescue EOFError, SystemCallError
        nil
      end

      private

      # [how it went, what came of it, the pictures that can be asked for now].
      def answer(name, *arguments)
        Planning.offered.clear
        value = Planning.public_send(name, *arguments)
        [:done, value, Planning.offered.dup]
      rescue Meander::InvalidInput => e
        [:invalid, e.faults, []]
      rescue NoMemoryError
        [:too_much, nil, []]
      rescue StandardError, SystemStackError => e
        [:broken, "#{e.class}: #{e.message[0, 300]}\n#{e.backtrace&.first(8)&.join("\n")}", []]
      end
    end
  end
end
