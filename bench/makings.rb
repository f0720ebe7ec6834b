# frozen_string_literal: true

# What makings take:  bundle exec ruby bench/makings.rb
require "tmpdir"
require_relative "measure"
require_relative "../server/database"
require_relative "../server/models/piece"
require_relative "../server/models/making"
require_relative "../server/models/making_event"

piece = Struct.new(:id, :name, :document).new("p", "A piece", "{}")
step = {number: 0, kind: "weave", section: "s1", words: "Weave", caution: nil, minutes: 1.0, makes: [], count: 40_000,
  mm: 0.1, units: [{name: "pass", many: "passes", each: 1}], first: nil, like: nil, model: nil, craft: "weave",
  cuts: [{of: "w1", words: "the wire", mm: 5000, spare_mm: 100.0, tail_mm: 40.0}], takes: [{of: "w1", mm: 0.1}]}
plan = JSON.generate({steps: Array.new(30) { |i| {**step, number: i, cuts: i.zero? ? step[:cuts] : []} },
                      laid_out: [], inspection: [], worn: nil, paces: {weave: 10.0}})
event = -> { {id: SecureRandom.uuid, at: 1_800_000_000_000, kind: "count", step: 3, by: 1} }
Dir.mktmpdir do |folder|
  Server::Database.open(folder)
  making = Server::Making.begin(piece, plan)
  Measure.report("a count, durable", Measure.times(200) { making.take([event.call]) }, "100 ms")
  40.times { making.take(Array.new(500) { event.call }) }
  Measure.report("a making of 20,000 counts opens",
    Measure.times(20) { Server::Making.find(making.id).then { |one| JSON.generate(one.told) } }, "300 ms")
  Measure.report("an undo among 20,000 counts",
    Measure.times(5) { making.take([{**event.call, kind: "undo", event: making.events.last.event}]) }, "none")
  2000.times { |i| Server::Making.begin(piece, plan).update!(name: "Piece #{i}") }
  listed = -> { Server::Making.kept.where("name LIKE ?", "%77%").select(Server::Making::LISTED).limit(500).map(&:summary) }
  Measure.report("2,000 makings searched", Measure.times(20) { listed.call }, "100 ms")
  Measure.report("the pace learned from 2,000 makings", Measure.times(20) { Server::Making.learned }, "none")
end
