# frozen_string_literal: true

require_relative "../../test_helper"
require_relative "../../support/sections"
require_relative "../../support/trays"

# Properties of beads, for random placements of random kinds on every kind of section.
class RandomBeadsTest < PieceTest
  include Sections
  include Trays

  ROUNDS_EACH = 5
  SHAPES = %w[round oval faceted flat tube cube spacer drop].freeze

  def any_bead(random, id = "k1")
    long, wide = [random.rand(1.5..6.0), random.rand(1.5..6.0)].map { |mm| mm.round(2) }
    bead(id, "#{long} mm", "#{wide} mm", hole: "#{([long, wide].min * random.rand(0.2..0.6)).round(2)} mm",
      shape: SHAPES.sample(random:), drilled: %w[along across].sample(random:),
      material: Meander::Beads::Material::ALL.keys.sample(random:),
      mass: [nil, random.rand(0.01..0.5).round(3)].sample(random:))
  end

  def strip(form, **more)
    [put_together([woven("s1", %w[w1 w2], form, **more)], wires: [base("w1"), base("w2"), weaving])]
  end

  def wire(bend) = [put_together([bent("s1", "w1", bend)], wires: [base("w1"), weaving])]

  # Each rule with what it lies on: [document, placement].
  RULES = {
    "woven" => ->(t, r) {
      [t.strip(FRAMES.sample(random: r).call(r))[0],
        {of: %w[repeat wrap].sample(random: r), every: r.rand(1..6), first: r.rand(1..4),
          on: %w[front back near far].sample(random: r)}]
    },
    "rows" => ->(t,
      r) {
      [t.strip(FRAMES[r.rand(0..3)].call(r))[0],
        {weaving: "w9", counts: (r.rand < 0.5) ? [] : [1, 2, 3], wraps: r.rand(0..4),
          from: t.size("#{r.rand(0.0..8.0).round(1)} mm")}]
    },
    "curve" => ->(t,
      r) {
      [t.strip(FRAMES[4..].sample(random: r).call(r))[0],
        {weaving: "w9", side: %w[inside outside].sample(random: r), wraps: r.rand(1..3), count: r.rand(0..6)}]
    },
    "strung" => ->(t, r) {
      [t.put_together([t.bent("s1", "w1", BENDS.sample(random: r).call(r))], wires: [t.base("w1")]),
        {from: t.size("1 mm"), apart: t.size("#{r.rand(0.0..4.0).round(1)} mm"), count: r.rand(0..5)}]
    },
    "framed" => ->(t,
      r) {
      [t.wire({kind: "line", length: r.rand(15.0..40.0).round(1)})[0],
        {weaving: "w9", from: t.size("4 mm"), circuits: r.rand(1..4), coils: r.rand(0..8)}]
    },
    "centre" => ->(t,
      r) { [t.strip(FRAMES.values_at(0, 1, 7).sample(random: r).call(r))[0], {weaving: "w9", wraps: r.rand(1..4)}] },
    "surface" => ->(t, r) { [t.strip({kind: "straight"})[0], {weaving: "w9", count: r.rand(0..8)}] },
    "scattered" => ->(t,
      r) {
      [t.wire(BENDS.sample(random: r).call(r))[0],
        {weaving: "w9", from: t.size("0 mm"), coils: r.rand(0..6), passes: r.rand(1..2), count: r.rand(0..9)}]
    }
  }.freeze

  # The same for all tests, planned once.
  PLANNED = []

  def each_random(&)
    PLANNED.concat(at_random(Random.new_seed % 100_000)) if PLANNED.empty?
    PLANNED.each(&)
  end

  def at_random(seed)
    random = Random.new(seed)
    RULES.flat_map do |rule, make|
      Array.new(ROUNDS_EACH) do
        json, fields = make.call(self, random)
        kind = any_bead(random)
        [json, plan(with_beads(json, placed(rule, **fields), kind)), "seed #{seed}: #{rule} #{fields} of #{kind}"]
      end
    end
  end

  # A bent wire by itself has no use for a weaving wire.
  def without_thread(json)
    used = json["sections"].flat_map { |section| section["base"] + (section["weaving"] || []) }
    json.merge("wires" => json["wires"].select { |one| used.include?(one["id"]) })
  end

  # What is counted is what is drawn and strung; what is cut for it is what it takes; all of it is weighed.
  def test_beads_are_counted_drawn_strung_cut_and_weighed_alike
    each_random do |json, made, said|
      rule, told, bare = rule_of(made), made.beads_h, plan(without_thread(json))

      assert_equal rule.count, told[:drawn][:set].size, said
      assert_equal rule.count,
        told[:strings].sum { |string| string[:copies] * string[:runs].sum { |run| run[:times] } }, said
      own = made.separate_lengths.select { |one| one.kind == "beads" }.sum(&:path_mm)

      assert_in_delta rule.site.copies * (rule.own_mm || 0.0), own, 1e-6, said
      thread = made.piece.wires.find { |one| !one.base? }
      more = thread ? thread.material.mass_g(thread.mm, (own + (rule.site.copies * rule.extra_mm)) * 1.04) : 0.0

      assert_equal made.cut_list.flat_map { |row| [row.cut_mm.ceil] * row.count }.sort,
        order(made).flat_map(&:cuts).map { |cut| cut.mm.ceil }.sort, said
      assert_in_delta bare.mass_g + rule.mass_g + more, made.mass_g, 1e-6, said
      assert_in_delta rule.count * rule.kind.mass_g, rule.mass_g, 1e-12
    end
  end

  # Holes point along a way of length one, beads lie within what the piece is said to cover, and never more than there
  # is room for.
  def test_beads_lie_where_the_piece_is
    each_random do |_, made, said|
      xs, ys = made.extent
      made.beads_h[:drawn][:set].each do |_, x, y, dx, dy, face, _|
        assert_in_delta 1.0, Math.hypot(dx, dy), 1e-4, said
        assert x.between?(xs[0] - 1e-3, xs[1] + 1e-3) && y.between?(ys[0] - 1e-3, ys[1] + 1e-3), said
        assert_includes [-1, 0, 1], face
      end
      rule = rule_of(made)

      assert_operator rule.over, :>=, 0, said
      assert_equal rule.over.positive?, said(made).any? { |item| item.id == "bead-no-room" }, said
      assert_equal rule.kind.passes?(rule.through), said(made).none? { |item| item.id == "bead-hole-small" }, said
      if rule.left_mm && rule.over.zero? && !rule.is_a?(Meander::Beads::Centre)
        assert_operator rule.left_mm, :>=, -0.2, said
      end
    end
  end

  # Beads on the weaving wire leave every other figure of the weave as it was.
  def test_beads_change_nothing_but_their_wire
    seed = Random.new_seed % 100_000
    random = Random.new(seed)
    20.times do
      json = document("cuff", "sections.0.from": %w[end middle].sample(random:),
        "sections.0.strands": random.rand(1..2))
      made = plan(
        with_beads(json,
          placed("woven", of: %w[repeat wrap].sample(random:), every: random.rand(1..9), first: random.rand(1..5),
            on: %w[front back near far].sample(random:)),
          any_bead(random))
      )
      bare = plan(json)

      assert_equal bare.fit.to_h, made.fit.to_h, "seed #{seed}"
      assert_in_delta bare.band.strip.account.path_mm,
        made.band.strip.account.path_mm - made.band.strip.account.beads_mm, 1e-6
      assert_in_delta rule_of(made).extra_mm, made.band.strip.account.beads_mm, 1e-6
      assert_equal(*[bare, made].map { |one| JSON.generate(one.strip_picture.to_h.except(:beads, :marks)) })
      assert_in_delta made.band.strip.account.total_mm,
        made.band.strip.account.lengths.sum { |length| length.cut_mm * length.strands.size }, 1e-6
    end
  end

  # A piece with beads and findings reads back from what it is written out as.
  def test_pieces_with_beads_read_back
    demo_documents.each do |json|
      once = plan(json).asked.to_h
      again = plan(JSON.parse(JSON.generate(once)))

      assert_equal JSON.generate(once), JSON.generate(again.asked.to_h), json["name"]
      assert_equal JSON.generate(answer(plan(json))), JSON.generate(answer(again)), json["name"]
    end
  end
end
