# frozen_string_literal: true

require "zlib"
require_relative "planners/pool"

module Server
  # What routes ask planners, and the pictures that came of it.
  module Planners
    POOL = Pool.new
    at_exit { POOL.stop }
    # Pictures as JSON text, and of those that are drawn when they are asked for what tells the job they come of.
    DRAWN = Meander::Kept.new(80)
    JOBS = Meander::Kept.new(10_000)
    # Pictures are asked for many at a time; one after another they go to the planner that has them.
    ONE_BY_ONE = Mutex.new

    # What a planner says to a job of Planning. waiting: the request that waits for it, if any.
    # @raise [Meander::InvalidInput] and what Pool#ask raises
    def self.ask(name, *arguments, waiting: nil)
      value, offered = POOL.ask(name, *arguments, wanted: waiting ? -> { waiting?(waiting) } : -> { true })
      offered(offered, packed(Zlib.deflate(Marshal.dump([name, arguments])))) unless offered.empty?
      value
    end

    # Pictures that can be asked for; job: answers which job they come of, [name, arguments], when it is called.
    # Thousands of them are kept, so they hold little.
    def self.offered(hashes, job) = hashes.each { |hash| JOBS.fetch(hash) { job } }

    # What a plan was asked with is kept small: as values documents take a hundred times as much.
    def self.packed(job) = -> { Marshal.load(Zlib.inflate(job)) } # rubocop:disable Security/MarshalLoad -- our own

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
    private_class_method :packed, :waiting?
  end
end
