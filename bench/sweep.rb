# frozen_string_literal: true

# Random weaves and documents at the ends of their ranges, many of them: each must end, with figures that are numbers
# and hold their bounds. bundle exec ruby bench/sweep.rb [weaves] [documents] [seed] Prints the seed, what was slowest
# and largest, and everything that was not right; exit status 1 where anything was not.
require "json"
require "timeout"
require_relative "../core/meander"
require_relative "../test/support/extremes"

ROOT = File.expand_path("..", __dir__)
MOST_S = 120

# What a sweep needs of the tests: documents to start from.
class Sweep
  include Sections
  include Extremes

  def initialize(seed)
    @random = Random.new(seed)
    @slowest = [0.0, ""]
    @wrong = []
  end

  attr_reader :wrong, :slowest

  def document(kind) = Meander::Document::StartingPiece.call(kind)
  def size(text) = {"typed" => text}

  def demo_documents
    @demo_documents ||= Dir[File.join(ROOT, "demo/pieces/*.json")].map { |file| JSON.parse(File.read(file)) }
  end

  def timed(said)
    start = Process.clock_gettime(Process::CLOCK_MONOTONIC)
    Timeout.timeout(MOST_S) { yield }
  rescue Meander::InvalidInput
    nil
  rescue StandardError, SystemStackError, NoMemoryError => e
    @wrong << "#{said.call}: #{e.class} #{e.message[0, 200]} #{e.backtrace&.first}"
    nil
  ensure
    took = Process.clock_gettime(Process::CLOCK_MONOTONIC) - start
    @slowest = [took, said.call] if took > @slowest[0]
  end

  def weave
    given = extreme_weave(@random)
    frame = Meander::Weave::Frame.new(**given.except(:gaps))
    made = timed(
      -> { given.to_s }
    ) {
      Meander::Weave::Repeat.new(frame, Meander::Weave::Walk.new(given[:gaps]),
        lean: 0.3)
    } or return
    flat = made.passes.sum(&:length_mm)
    return if made.advance_mm.positive? && made.wire_mm.finite? && made.wire_mm >= flat * 0.9999

    @wrong << "#{given}: rises #{made.advance_mm}, takes #{made.wire_mm}, flat #{flat}"
  end

  def piece
    json = extreme_document(@random)
    plan = timed(-> { JSON.generate(json)[0, 4000] }) do
      result = Meander::Document::PieceReader.call(json)
      Meander::Planner::PlanPiece.call(result.piece, questions: result.questions).then do |made|
        Meander::Output::Answer.call(made)
      end
    end
    @wrong << "not a number: #{JSON.generate(json)[0, 2000]}" unless plan.nil? || numbers(plan).all?(&:finite?)
  end
end

weaves, documents, seed = ARGV.map(&:to_i)
sweep = Sweep.new(seed ||= Random.new_seed % 100_000)
puts "seed #{seed}"
{weave: weaves || 5000, piece: documents || 1000}.each do |kind, count|
  start = Process.clock_gettime(Process::CLOCK_MONOTONIC)
  count.times { sweep.public_send(kind) }
  puts format("%d %ss in %.1f s, slowest %.2f s: %s", count, kind,
    Process.clock_gettime(Process::CLOCK_MONOTONIC) - start, *sweep.slowest)
end
if File.exist?("/proc/self/status")
  puts "resident memory #{File.read("/proc/self/status")[/VmHWM:\s+(\d+)/, 1].to_i / 1024} MB at its highest"
end
puts sweep.wrong
exit 1 if sweep.wrong.any?
