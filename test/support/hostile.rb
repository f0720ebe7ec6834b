# frozen_string_literal: true

require "tmpdir"
require_relative "running_server"

# What a server must stand: requests nobody sends by mistake, heavy pieces beside small ones, and being killed while it
# saves.
module Hostile
  PATHS = %w[/api/pieces /api/plan /api/weaves /api/weaves/read /api/weaves/say /api/weaves/even /api/weaves/judge
    /api/weaves/join /api/maker /api/tray /api/tray/fit /api/tray/hold /api/own-weaves /api/pictures/0 /api/pieces/0
    /api/pieces/0/strip.svg /api/pieces/0/seen /assets/x /].freeze
  METHODS = %w[GET POST PUT DELETE].freeze
  TYPES = ["application/json", "text/plain", "multipart/form-data; boundary=x", "application/x-www-form-urlencoded",
    "application/json; charset=utf-16"].freeze
  ENDINGS = ["", "?face=%25&hand=x", "?face=%", "?a[]=1&a[b]=2", "/%00", "/%FF", "/..%2f..", "?#{"a&" * 4200}"].freeze
  # JSON values where others belong.
  VALUES = [nil, true, -1, 0, 2**63, 2**64, 1e308, -1e-308, "", "\u0000", "\u{1F41A}" * 50, "a" * 5000, [], {},
    [[]] * 500, {"typed" => 4}, {"typed" => "1e400 mm"}, "<b>&]]>"].freeze

  # [method, path, body, type].
  def hostile_request(random)
    body = [JSON.generate({document: spoilt(random)}), "", "{", "[]", "null", "{\"document\":#{"[" * 60}#{"]" * 60}}",
      "{\"a\":\"\\ud800\"}", "\xFF\xFE",
      JSON.generate(VALUES.sample(random:))].sample(random:)
    [METHODS.sample(random:), PATHS.sample(random:) + ((random.rand < 0.4) ? ENDINGS.sample(random:) : ""), body,
      (random.rand < 0.8) ? TYPES[0] : TYPES.sample(random:)]
  end

  # A document with a value somewhere that does not belong there.
  def spoilt(random)
    json = JSON.parse(JSON.generate(demo_documents.sample(random:)))
    place = json
    loop do
      key = place.is_a?(Hash) ? place.keys.sample(random:) : random.rand(place.size)
      inner = place[key]
      if (inner.is_a?(Hash) || inner.is_a?(Array)) && !inner.empty? && random.rand < 0.7
        place = inner
      else
        place[key] = VALUES.sample(random:)
        return json
      end
    end
  end

  # How long small plans take beside eight heavy ones that go on and on: [p50, p95] in ms.
  def self.beside(server, run)
    small = JSON.generate({document: run.document("cuff")})
    server.raw("POST", "/api/plan", small)
    stop = false
    heavy = Array.new(8) do |i|
      Thread.new { 40.times { |k| stop || server.raw("POST", "/api/plan", heavy(run, (10 * i) + k)) } }
    end
    sleep 1
    took = Array.new(100) do
      start = Process.clock_gettime(Process::CLOCK_MONOTONIC)
      server.raw("POST", "/api/plan", small)
      1000 * (Process.clock_gettime(Process::CLOCK_MONOTONIC) - start)
    end
    stop = true
    heavy.each(&:join)
    took.sort.values_at(50, 95)
  end

  # A frame no one has asked for.
  def self.heavy(run, number)
    json = JSON.parse(JSON.generate(Meander::Document::StartingPiece.call("earring")))
    json["kinds"].last["size"] = {"typed" => "0.2 mm"}
    json["sections"][0]["form"] =
      {"kind" => "leaf", "length" => {"typed" => "#{100 + (number / 100.0)} mm"}, "width" => {"typed" => "30 mm"},
        "open" => {"typed" => "0 mm"}}
    JSON.generate({document: json})
  end

  # A server killed again and again while it saves, deletes, keeps weaves and changes the tray.
  class Kills
    BEAD = {id: "k1", name: "Glass", material: "glass", shape: "round", length: {typed: "3 mm"}, width: {typed: "3 mm"},
      hole: {typed: "0.8 mm"}, drilled: "along", mass: nil,
            colour: "#4b7f7a", guessed: []}.freeze

    def initialize(data, random)
      @data = data
      @random = random
      @known = {}
      @answered = 0
    end

    # How many changes were answered before it was killed.
    attr_reader :answered

    # What was acknowledged and is not there, in words.
    def lost(count)
      server = RunningServer.new(data: @data, demo: "none")
      found = Array.new(count) do
        until_killed(server)
        server = RunningServer.new(data: @data, port: server.port, demo: "none")
        missing(server)
      end
      server.stop
      found.flatten
    end

    private

    # Killed at a random moment after two changes were answered, however slow the machine.
    def until_killed(server)
      2.times { act(server) }
      killer = Thread.new do
        sleep @random.rand(0.0..0.6)
        server.kill
      end
      loop { act(server) }
    rescue SystemCallError, IOError, Net::ReadTimeout
      raise unless killer
    ensure
      killer&.join
    end

    # One change; it counts once it is acknowledged. What was under way may be there or not.
    def act(server)
      start = Meander::Document::StartingPiece.call("cuff").merge("name" => "P#{@random.rand(1_000_000)}")
      @doing = nil
      case @random.rand(5)
      when 0, 1
        id, revision = @known.select { |_, known| known[:kind] == :piece && !known[:gone] }
          .transform_values { |known| known[:revision] }.to_a.sample(random: @random)
        id ? save(server, id, revision, start) : keep(server, start)
      when 2 then (@known.size < 6) ? keep(server, start) : set_aside(server)
      when 3 then bead(server)
      else weave(server)
      end
      @answered += 1
    end

    def keep(server, document)
      answer = JSON.parse(server.raw("POST", "/api/pieces", JSON.generate({document:})).body)
      @known[answer["id"]] = {kind: :piece, revision: answer["revision"], name: document["name"]}
    end

    def save(server, id, revision, document)
      @doing = id
      answer = server.raw("PUT", "/api/pieces/#{id}", JSON.generate({document:, revision:}))
      @known[id] = {kind: :piece, revision: revision + 1, name: document["name"]} if answer.code == "200"
    end

    def set_aside(server)
      id, = @known.find { |_, known| known[:kind] == :piece && !known[:gone] }
      @doing = id
      @known[id][:gone] = true if id && server.raw("DELETE", "/api/pieces/#{id}", "").code == "204"
    end

    def weave(server)
      name = "W#{@random.rand(1_000_000)}"
      body = {name:, notes: "", base: 2, gaps: [0, 1, 0, 2], before: [], after: [], clear: nil}
      answer = server.raw("POST", "/api/own-weaves", JSON.generate(body))
      @known[JSON.parse(answer.body)["id"]] = {kind: :weave, name:} if answer.code == "201"
    end

    # A bead laid on the tray, or how many there are of one that lies there.
    def bead(server)
      id, = @known.find { |_, known| known[:kind] == :bead }
      stock = @random.rand(1000)
      @doing = id
      path, wanted = id ? ["/api/tray/#{id}", "204"] : ["/api/tray", "201"]
      answer = server.raw(id ? "PUT" : "POST", path, JSON.generate({bead: BEAD, stock:}))
      @known[id || JSON.parse(answer.body)["id"]] = {kind: :bead, stock:} if answer.code == wanted
    end

    def missing(server)
      shelf, weaves = server.get("/api/pieces"), server.get("/api/own-weaves")["weaves"].to_h do |one|
        [one["id"], one["name"]]
      end
      beads = server.get("/api/tray")["beads"].to_h { |one| [one["id"], one["stock"]] }
      pieces = (shelf["pieces"] + shelf["set_aside"]).to_h { |piece| [piece["id"], piece] }
      @known.filter_map do |id, known|
        next (weaves[id] == known[:name]) ? nil : "weave #{known[:name]}" if known[:kind] == :weave
        next counted(id, known, beads[id]) if known[:kind] == :bead

        judge(id, known, pieces[id])
      end
    end

    def counted(id, known, stock)
      return known.merge!(stock:) && nil if id == @doing && stock

      "bead #{id}: #{stock} instead of #{known[:stock]}" unless stock == known[:stock]
    end

    # What was under way when it was killed may have come through: it is known from then on.
    def judge(id, known, piece)
      return (id == @doing || known[:gone]) ? nil : "piece #{known[:name]}" unless piece
      if id == @doing
        return known.merge!(revision: piece["revision"], name: piece["name"], gone: piece["set_aside"]) && nil
      end

      unless [piece["name"], piece["revision"], piece["set_aside"]] == [known[:name], known[:revision], !!known[:gone]]
        "piece #{known[:name]}: #{piece.slice("name", "revision", "set_aside")}"
      end
    end
  end
end
