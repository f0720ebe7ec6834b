# frozen_string_literal: true

require "socket"
require "rbconfig"

module Server
  module Planners
    # The planners there are: who is free, who works. Safe between threads, each of which waits for its own job only.
    class Pool
      # So many work at once at the most; so many are kept when there is nothing to do.
      MOST, KEPT = 10, 3
      # So long a planner may go on with what nobody waits for any more, in s: it knows more afterwards.
      LINGER = 2.0
      # A job that takes as long is given up, in s.
      GIVEN_UP = 60.0
      # How often is looked whether anybody still waits for an answer, in s.
      LOOK = 0.05
      # A planner that has grown beyond this, in bytes, is not used again.
      GROWN = 250_000_000
      PROCESS = File.expand_path("process.rb", __dir__)

      # A planner as it is seen from here.
      Hand = Struct.new(:pid, :socket)

      # Nobody waits for the answer any more.
      class Unwanted < StandardError
      end

      # It took longer, or more memory, than a job may.
      class TooMuch < StandardError
      end

      # It could not be answered: a mistake of ours.
      class Broken < StandardError
      end

      # The planner was gone before it had answered.
      class Ended < Broken
      end

      def initialize
        @lock = Mutex.new
        @changed = ConditionVariable.new
        @free = []
        @count = 0
      end

      # What a planner says to a job, see Planning.
      # wanted: asked now and then whether anybody still waits.
      # @return [Array] [value, hashes of the pictures that can be asked for]
      # @raise [Meander::InvalidInput, Unwanted, TooMuch, Broken]
      def ask(name, *arguments, wanted: -> { true })
        told([name, *arguments], wanted)
      rescue Ended # as where it was killed while it was free; once more by another one
        told([name, *arguments], wanted)
      end

      # Starts the process planners come from, so that it is there when the first is asked for.
      def ready = @lock.synchronize { @source ||= start }

      # Ends every planner, and the process they come from.
      def stop
        @lock.synchronize do
          @free.each { |hand| finish(hand) }
          @free.clear
          @source&.close
          @source = nil
        end
      end

      private

      def told(job, wanted)
        hand = take(wanted)
        kind, value, offered = talk(hand, job, wanted)
        give_back(hand)
        hand = nil
        raise Meander::InvalidInput.new(value) if kind == :invalid
        raise TooMuch if kind == :too_much
        raise Broken, value if kind == :broken

        [value, offered]
      rescue Unwanted
        hand && linger(hand)
        hand = nil
        raise
      ensure
        drop(hand) if hand
      end

      def linger(hand)
        Thread.new do
          hand.socket.wait_readable(LINGER) ? Marshal.load(hand.socket) && give_back(hand) : drop(hand) # rubocop:disable Security/MarshalLoad -- from a process of ours
        rescue EOFError, SystemCallError, TypeError
          drop(hand)
        end
      end

      # The planner used last, as it knows most of what is asked next; else a new one, where there may be one more.
      def take(wanted)
        @lock.synchronize do
          until (hand = @free.pop)
            raise Unwanted unless wanted.call
            break if @count < MOST

            @changed.wait(@lock, LOOK)
          end
          @count += 1 unless hand
          hand
        end || hire
      end

      def hire
        ours, theirs = UNIXSocket.pair
        pid = @lock.synchronize do
          @source ||= start
          @source.send_io(theirs)
          (@source.read(4) || raise(EOFError)).unpack1("N")
        end
        theirs.close
        Hand.new(pid, ours)
      rescue SystemCallError, IOError # the process they come from was gone: there is a new one next time
        @lock.synchronize { (@count -= 1) && (@source = nil) }
        raise Ended, "no planner could be started"
      end

      def start
        ours, theirs = UNIXSocket.pair
        pid = spawn(RbConfig.ruby, PROCESS, in: theirs, out: File::NULL)
        Process.detach(pid)
        theirs.close
        ours
      end

      def talk(hand, job, wanted)
        start = now
        Marshal.dump(job, hand.socket)
        until hand.socket.wait_readable(LOOK)
          raise Unwanted unless wanted.call
          raise TooMuch, "#{job.first} was given up after #{GIVEN_UP} s" if now - start > GIVEN_UP
        end
        Marshal.load(hand.socket) # rubocop:disable Security/MarshalLoad -- from a process of ours
      rescue EOFError, SystemCallError, TypeError
        raise Ended, "a planner ended before it had answered #{job.first}"
      end

      def now = Process.clock_gettime(Process::CLOCK_MONOTONIC)

      # One that has grown stays large.
      def give_back(hand)
        return drop(hand) if grown?(hand)

        @lock.synchronize do
          @free << hand
          surplus = (@free.shift if @free.size > KEPT)
          surplus && finish(surplus) && @count -= 1
          @changed.signal
        end
      end

      def drop(hand)
        @lock.synchronize do
          finish(hand)
          @count -= 1
          @changed.signal
        end
      end

      def finish(hand)
        hand.socket.close
        Process.kill("KILL", hand.pid)
      rescue SystemCallError
        true
      end

      def grown?(hand)
        pages = File.read("/proc/#{hand.pid}/statm").split[1].to_i
        pages * 4096 > GROWN
      rescue SystemCallError
        false
      end
    end
  end
end
