# frozen_string_literal: true

require "minitest"

# What a run of tests spent its time on: the slowest of them, at its end.
class Slowest < Minitest::Reporter
  SHOWN = 12
  # A run shorter than this is not asked about; seconds.
  LONG = 60

  def start = @taken = []
  def record(result) = @taken << [result.time, "#{result.klass}##{result.name}"]

  def report
    all = @taken.sum(&:first)
    return if all < LONG

    told = @taken.max(SHOWN).map { |seconds, name| format("%<seconds>6.1f s %<name>s", seconds:, name:) }
    io.puts "", "The slowest of #{all.round} s:", *told
  end
end

module Minitest
  def self.plugin_slowest_init(_options) = reporter << Slowest.new
  extensions << "slowest"
end
