# frozen_string_literal: true

require_relative "planners/pool"

module Server
  # What routes ask planners, and the pictures that came of it.
  module Planners
    POOL = Pool.new
    at_exit { POOL.stop }
    # Pictures as JSON text, and of those that are drawn when they are asked for which job they come of.
    DRAWN = Meander::Kept.new(80)
    JOBS = Meander::Kept.new(10_000)
    # Pictures are asked for many at a time; one after another they go to the planner that has them.
    ONE_BY_ONE = Mutex.new

    # What a planner says to a job of Planning. waiting: the request that waits for it, if any.
    # @raise [Meander::InvalidInput] and what Pool#ask raises
    def self.ask(name, *arguments, waiting: nil)
      value, offered = POOL.ask(name, *arguments, wanted: waiting ? -> { waiting?(waiting) } : -> { true })
      offered(offered) { [name, arguments] }
      value
    end

    # Pictures that can be asked for; the block says which job they come of: [name, arguments].
    def self.offered(hashes, &job) = hashes.each { |hash| JOBS.fetch(hash) { job } }

    # A picture of a recent plan by its content hash, as JSON text; nil when it is no longer known.
    def self.picture(hash, waiting: nil)
      DRAWN.fetch(hash) do
        job = JOBS.fetch(hash) { return }
        ONE_BY_ONE.synchronize { ask(:picture, hash, *job.call, waiting:) } || return
      end
    end

    # Whether the browser is still there: a connection that was closed reads as its end.
    def self.waiting?(request)
      socket = request.env["puma.socket"]&.to_io or return true
      return true unless socket.wait_readable(0)

      !socket.recv_nonblock(1, Socket::MSG_PEEK).to_s.empty?
    rescue SystemCallError, IOError
      false
    end
    private_class_method :waiting?
  end
end
