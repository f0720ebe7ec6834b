# frozen_string_literal: true

# Random documents and hostile requests, many of them, sent to a running server: every answer must be JSON or a file, no
# 500, none later than 3 s; a small plan stays quick beside eight heavy ones; and whatever is killed while it saves,
# nothing acknowledged is lost.
#   bundle exec ruby bench/hostile.rb [documents] [requests] [kills] [seed]
# Prints the seed, the slowest and the largest, and everything that was not right; exit status 1 where anything was not.
require "json"
require "tmpdir"
require_relative "../core/meander"
require_relative "../test/support/extremes"
require_relative "../test/support/sections"
require_relative "../test/support/running_server"
require_relative "../test/support/hostile"

ROOT = File.expand_path("..", __dir__) unless defined?(ROOT)
LATEST_S = 3.0

# What was asked, and what came of it.
class Run
  include Sections
  include Extremes
  include Hostile

  attr_reader :wrong

  def initialize(seed)
    @random = Random.new(seed)
    @wrong, @took, @lock = [], [], Mutex.new
  end

  def document(kind) = Meander::Document::StartingPiece.call(kind)
  def size(text) = {"typed" => text}

  def demo_documents
    @demo_documents ||= Dir[File.join(ROOT, "demo/pieces/*.json")].map { |file| JSON.parse(File.read(file)) }
  end

  # Asks, and judges the answer. number: which of its kind it is, as the seed makes them.
  def ask(server, method, path, body, type = "application/json", number: nil)
    start = Process.clock_gettime(Process::CLOCK_MONOTONIC)
    answer = server.raw(method, path, body, type)
    took = Process.clock_gettime(Process::CLOCK_MONOTONIC) - start
    @took << [took, "#{method} #{path[0, 60]}"]
    said = "#{number} #{method} #{path[0, 80]} #{body.to_s[0, 300]}"
    @wrong << "#{answer.code}: #{said}" if answer.code.to_i >= 500
    @wrong << "#{took.round(1)} s: #{said}" if took > LATEST_S
    if answer.code.to_i >= 400 && answer.content_type != "application/problem+json"
      @wrong << "#{answer.content_type}: #{said}"
    end
    if answer.content_type == "application/json" && answer.body.to_s.match?(/\bNaN\b|\bInfinity\b/)
      @wrong << "not a number: #{said}"
    end
  rescue SystemCallError, IOError, Net::ReadTimeout, Net::HTTPBadResponse => e
    @wrong << "#{e.class}: #{method} #{path[0, 80]}"
  end

  def documents(server, count)
    count.times do |number|
      ask(server, "POST", "/api/plan", JSON.generate({document: extreme_document(@random)}), number:)
    end
  end

  def requests(server, count) = count.times { ask(server, *hostile_request(@random)) }

  def told(what)
    return if @took.empty?

    slow = @took.sort.reverse
    puts format("%s: %d answers, p50 %.0f ms, slowest %.2f s (%s)", what, slow.size, 1000 * slow[slow.size / 2][0],
      *slow.first)
    @took.clear
  end
end

documents, requests, kills, seed = ARGV.map(&:to_i)
run = Run.new(seed ||= Random.new_seed % 100_000)
puts "seed #{seed}"
Dir.mktmpdir do |data|
  server = RunningServer.new(data:)
  run.documents(server, documents || 10_000)
  run.told("documents")
  run.requests(server, requests || 20_000)
  run.told("requests")
  puts format("memory of the largest process, at its highest: %d MB", server.most_mb)
  puts format("small plans beside eight heavy ones: p50 %.0f ms, p95 %.0f ms", *Hostile.beside(server, run))
  server.stop
end
lost = Dir.mktmpdir { |data| Hostile::Kills.new(data, Random.new(seed)).lost(kills || 300) }
puts "lost after kills: #{lost.size}"
puts run.wrong.first(40), lost
exit 1 if run.wrong.any? || lost.any?
