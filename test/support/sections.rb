# frozen_string_literal: true

# Pieces put together from sections to test with: documents in parts, and any number of random ones.
module Sections
  EIGHT = [1, 2, 1, 2, 1, 0, 1, 0].freeze
  ROUNDS = 6
  PLANNED = [] # rubocop:disable Style/MutableConstant -- filled once for all tests

  def built_demos = demo_documents.reject { |json| Meander.read(json).piece.band? }

  # Every demo piece and a number of random ones, planned once, with what to say where one fails.
  def each_built(&block)
    if PLANNED.empty?
      PLANNED.concat(built_demos.map { |json| [plan(json), json["name"]] })
      ROUNDS.times { rand(1_000_000).then { |seed| PLANNED << [plan(random_piece(Random.new(seed))), "seed #{seed}"] } }
    end
    PLANNED.each(&block)
  end

  def faults(json)
    Meander::Document::PieceReader.call(json).then { |result| Meander::Planner::PlanPiece.call(result.piece) }
    []
  rescue Meander::InvalidInput => e
    e.faults
  end

  def assert_refused(path, json, words = nil)
    found = faults(json)
    fault = found.find { |one| one.path == path }

    assert fault, "#{path} not among #{found.map { |one| "#{one.path}: #{one.message}" }}"
    assert_match(words, fault.message) if words

    refute_empty fault.accepted.to_s, path
  end

  def base(id, typed = "0.8 mm", **changes)
    {"id" => id, "role" => "base", "size" => size(typed), "metal" => "copper", "temper" => "soft",
      **changes.transform_keys(&:to_s)}
  end

  def weaving(id = "w9", typed = "0.3 mm")
    {"id" => id, "role" => "weaving", "size" => size(typed), "metal" => "copper", "temper" => "soft"}
  end

  # form: kind and its values, lengths as numbers of mm.
  def sized(fields) = fields.to_h { |key, value| [key.to_s, value.is_a?(Float) ? size("#{value} mm") : value] }

  def woven(id, wires, form = {kind: "straight"}, at: {"kind" => "first", "turn" => 0}, extent: nil, pattern: nil,
    **changes)
    frame = %w[drop leaf crescent waists].include?(form[:kind])
    {"id" => id, "craft" => "weave", "base" => wires, "cut_away" => [], "weaving" => ["w9"], "strands" => 1,
      "turns" => "together",
      "spacing" => {"kind" => "tight"}, "rise" => {"kind" => "packed"}, "from" => "end",
      "bare" => size("0 mm"), "form" => sized(form), "at" => at,
      "extent" => extent || (frame ? {"kind" => "fill"} : {"kind" => "repeats", "count" => 12}),
      "pattern" => pattern ||
        (frame ? {"kind" => "walk", "gaps" => EIGHT, "before" => [], "after" => []} :
          {"kind" => "coils", "single" => 3, "both" => 3, "anchor" => 0, "closing" => 3}),
      **changes.transform_keys(&:to_s)}
  end

  def bent(id, wire, bend, at: {"kind" => "first", "turn" => 0})
    {"id" => id, "craft" => "bend", "base" => [wire], "bend" => sized(bend), "at" => at}
  end

  def after(section, bare: 6.0, turn: 0)
    {"kind" => "after", "section" => section, "bare" => size("#{bare} mm"), "turn" => turn}
  end

  def put_together(sections, wires:, endings: [], body: {"kind" => "component"}, pins: [])
    {"format" => "meander-piece", "version" => 1, "name" => "Put together", "notes" => "",
      "body" => body, "wires" => wires, "sections" => sections, "endings" => endings, "beads" => [], "steps" => [],
      "pins" => pins,
      "allowances" => JSON.parse(JSON.generate(Meander::Document::StartingPiece::ALLOWANCES))}
  end

  FRAMES = [
    ->(r) {
      {kind: "drop", length: r.rand(12.0..40.0).round(1), width: r.rand(5.0..16.0).round(1),
      open: r.rand(0.0..3.0).round(1)}
    },
    ->(r) {
      {kind: "leaf", length: r.rand(12.0..40.0).round(1), width: r.rand(3.0..20.0).round(1),
      open: r.rand(0.0..3.0).round(1)}
    },
    ->(r) {
      {kind: "crescent", length: r.rand(15.0..40.0).round(1), width: r.rand(3.0..9.0).round(1), open: 0.0,
      radius: r.rand(8.0..60.0).round(1), towards: %w[near far].sample(random: r)}
    },
    ->(r) {
      {kind: "waists", length: r.rand(10.0..20.0).round(1), width: r.rand(3.0..7.0).round(1),
      frames: r.rand(1..4), crossing: %w[left right in_turn].sample(random: r)}
    },
    ->(_) { {kind: "straight"} },
    ->(r) {
      {kind: "arc", radius: r.rand(15.0..60.0).round(1), towards: %w[near far].sample(random: r),
      shaped: %w[before after].sample(random: r)}
    },
    ->(r) { {kind: "helix", dowel: r.rand(5.0..12.0).round(1), rise: r.rand(0.0..8.0).round(1)} },
    ->(_) { {kind: "ring"} }
  ].freeze
  BENDS = [
    ->(r) { {kind: "line", length: r.rand(5.0..60.0).round(1)} },
    ->(r) { {kind: "arc", radius: r.rand(4.0..30.0).round(1), angle: r.rand(10..300), towards: "far"} },
    ->(r) {
      {kind: "wave", length: r.rand(20.0..60.0).round(1), height: r.rand(1.0..5.0).round(1),
      waves: r.rand(1..5)}
    },
    ->(r) { {kind: "swirl", inside: r.rand(1.0..4.0).round(1), pitch: r.rand(1.2..2.0).round(1), turns: r.rand(1..4)} },
    ->(r) { {kind: "loops", inside: r.rand(2.0..6.0).round(1), pitch: r.rand(2.0..8.0).round(1), count: r.rand(1..8)} },
    ->(r) {
      {kind: "zigzag", leg: r.rand(5.0..15.0).round(1), fold: r.rand(1.0..3.0).round(1), angle: r.rand(20..120),
      legs: r.rand(2..9)}
    },
    ->(r) {
      {kind: "rosette", long: r.rand(10.0..16.0).round(1), short: r.rand(8.0..10.0).round(1), fold: 1.6,
      centre: 0.0, petals: r.rand(3..10)}
    }
  ].freeze

  # Any piece: pairs of base wires through one to three sections each, bent wires beside them, ends bent to this and
  # that.
  def random_piece(random)
    sections, wires, endings = [], [weaving], []
    random.rand(1..3).times do |pair|
      ids = ["w#{(2 * pair) + 1}", "w#{(2 * pair) + 2}"]
      wires.concat(ids.map { |id| base(id, "#{[0.7, 0.8, 1.0].sample(random:)} mm") })
      random.rand(1..3).times do |k|
        at = k.zero? ? {"kind" => "first", "turn" => random.rand(-180..180)} :
          after(sections.last["id"], bare: random.rand(2.0..12.0).round(1), turn: random.rand(-100..100))
        sections << woven("s#{sections.size + 1}", ids, FRAMES.sample(random:).call(random), at:)
      end
      endings << {"id" => "e#{endings.size + 1}", "side" => "start", **ending(random, ids)}
    end
    if random.rand < 0.6
      wires << base("b1", "1.0 mm")
      sections << bent("s#{sections.size + 1}", "b1", BENDS.sample(random:).call(random))
    end
    lace(sections, wires, random)
    put_together(sections, wires:, endings:)
  end

  # Now and then a ring on a centre, rows laced together, a wire cut away between two sections.
  def lace(sections, wires, random)
    onward = sections.find { |section| section.dig("at", "kind") == "after" }
    onward["at"]["cut_away"] = [onward["base"].last] if onward && random.rand < 0.5
    wires << base("b2")
    sections << bent("c1", "b2",
      {kind: "waved_ring", across: random.rand(5.0..12.0).round(1), height: 1.2, waves: random.rand(3..9)},
      at: {"kind" => "centre", "section" => "s1", "turn" => 10})
    sections << {"id" => "l1", "craft" => "lace", "base" => [], "weaving" => ["w9"],
      "rows" => ["s1", sections[-2]["id"]].uniq.then { |rows| (rows.size == 2) ? rows : %w[s1 c1] },
      "places" => random.rand(1..5), "wraps" => random.rand(1..4)}
  end

  def ending(random, ids)
    [{"kind" => "eye", "wires" => [ids.first], "inside" => size("2.5 mm")},
      {"kind" => "curl", "wires" => [ids.last], "inside" => size("1.5 mm"), "turns" => random.rand(1..3)},
      {"kind" => "post", "wires" => [ids.first], "length" => size("13 mm")},
      {"kind" => "bail", "wires" => ids, "inside" => size("4 mm"), "wraps" => 3},
      {"kind" => "wrap", "wires" => ids, "wraps" => 2}, {"kind" => "plain", "wires" => ids}].sample(random:)
  end
end
