# frozen_string_literal: true

# A process apart from the one that answers requests: it loads the core once, and forks a planner for every socket it is
# sent. Planning there holds nobody else up, can be given up at any moment, and what it takes of memory goes with it.
#   ruby server/planners/process.rb   its standard input is the socket it is asked over
# With MEANDER_WARM=no it places nothing while nobody asks, as in tests, where that would only take their time.
require "socket"
require_relative "../../core/meander"
require_relative "../planning"
require_relative "planner"

Signal.trap("INT", "IGNORE") # Ctrl C in a terminal reaches it, too; it ends when the server does
# So long nobody asks before something more is placed.
QUIET_S = 1.0
asked = UNIXSocket.for_fd($stdin.fileno)
Meander::Loader.everything # once, and not in every planner that is forked
warmth = (ENV["MEANDER_WARM"] == "no") ? [] : Server::Planning.warmth

loop do
  # While nobody asks, weaves of the collection are placed that every planner forked later knows.
  unless asked.wait_readable((QUIET_S if warmth.any?))
    warmth.shift.call
    next
  end
  socket = asked.recv_io(UNIXSocket)
  pid = fork do
    asked.close
    Server::Planners::Planner.new(socket).work
    exit!(0)
  end
  socket.close
  Process.detach(pid)
  asked.write([pid].pack("N"))
rescue SocketError, EOFError, SystemCallError
  break # the server is gone
end
