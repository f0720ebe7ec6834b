# frozen_string_literal: true

require_relative "../../../support/weaves"

# What a plan says of wire, for random pieces of every kind.
class AccountsTest < PieceTest
  KINDS = 30
  # [[plan, what to say when it fails], ...], planned once for all tests.
  PLANNED = [] # rubocop:disable Style/MutableConstant -- filled by the first test that asks

  def random_piece(random)
    json = document(%w[cuff bracelet].sample(random:))
    count = random.rand(1..6)
    ids = (1..count).map { |i| "b#{i}" }
    weaving = json["wires"].last
    json["wires"] =
      ids.map { |id|
        json["wires"].first
        .merge("id" => id, "size" => size("#{random.rand(0.6..1.6).round(2)} mm"))
      } << weaving
    json["sections"][0].merge!("base" => ids, "from" => %w[end middle].sample(random:),
      "centre" => %w[own shared].sample(random:),
      "strands" => random.rand(1..2), "pattern" => random_pattern(count, random))
    json["endings"].each { |ending| ending["wires"] = ids }
    json["pins"] = pins({"wrist" => "#{random.rand(130..210)} mm"})
    json["allowances"]["working_length"] = size("#{random.rand(400..3000)} mm")
    json
  end

  def random_pattern(wires, random)
    walk = Object.new.extend(Weaves).random_walk(wires, random).gaps
    {"kind" => "walk", "gaps" => walk, "before" => [],
      "after" => [{"gaps" => walk.first(2), "times" => random.rand(1..5)}]}
  end

  def each_random_plan(&block)
    if PLANNED.empty?
      random = Random.new(seed = Random.new_seed % 100_000)
      KINDS.times do
        random_piece(random).then { |json| PLANNED << [plan(json), "seed #{seed}: #{json["sections"][0]}"] }
      end
    end
    PLANNED.each(&block)
  end

  def test_every_millimetre_is_accounted_for_once
    each_random_plan do |plan, words|
      account = plan.band.strip.account

      assert_in_delta account.total_mm, account.lengths.sum { |length| length.cut_mm * length.strands.size }, 1e-6,
        words
      assert_in_delta account.path_mm, account.strand_paths_mm.sum, 1e-6, words
      drawn = plan.band.layout.halves(plan.fit.repeats).sum(&:wire_mm) * plan.band.section.strands.size

      assert_in_delta drawn, account.path_mm, 1e-6, words
      assert_equal account.count, account.lengths.sum { |length| length.strands.size }, words
    end
  end

  def test_the_fewest_comfortable_lengths_are_cut
    each_random_plan do |plan, words|
      most = plan.piece.allowance_mm(:working_length)
      if plan.band.strip.account.lengths.any? { |length| length.cut_mm > most + 1e-6 }
        next refute_predicate(plan.band.strip.account, :comfortable?, words)
      end

      assert_predicate plan.band.strip.account, :comfortable?, words
      assert_operator plan.band.strip.account.lengths.map(&:cut_mm).max, :<=, most + 1e-6, words
    end
  end

  def test_joins_lie_on_the_strip_where_their_repeat_begins
    each_random_plan do |plan, words|
      plan.band.strip.account.joins.each do |length, at_mm|
        assert at_mm.between?(0, plan.band.strip.woven_mm), words
        begun = (plan.band.layout.sides == 1) ? 0.0 : plan.band.layout.halves(plan.fit.repeats)[1].woven_mm
        from_begun = (length.half == 1) ? plan.band.layout.shared_mm(plan.fit.repeats) + begun - at_mm : at_mm - begun

        assert_in_delta plan.band.layout.weave.repeat_from_mm(length.first), from_begun, 1e-6, words
      end
    end
  end

  def test_bars_add_up_and_the_mass_is_that_of_what_stays
    each_random_plan do |plan, words|
      plan.runs.each do |bar|
        assert_in_delta bar.total_mm,
          bar.kept_mm + plan.piece.allowance_mm(:base_tail) + plan.piece.allowance_mm(:trim), 1e-9, words
      end
      grams = ->(wire, length) { wire.material.density * Math::PI * (wire.mm**2) / 4 * length / 1000 }
      base = plan.runs.sum { |bar| grams.call(bar.wire, bar.kept_mm) }
      weaving = plan.band.section.strands.zip(plan.band.strip.account.strand_paths_mm).sum do |wire, path|
        grams.call(wire, path * 1.04)
      end

      assert_in_delta base + weaving, plan.mass[:finished_g], 1e-9, words
    end
  end

  # The nearest number of repeats, tried against its neighbours.
  def test_no_other_number_of_repeats_comes_nearer_to_the_wrist
    each_random_plan do |plan, words|
      wanted = plan.fit.wanted_mm
      off = ->(repeats) {
        (plan.band.layout.woven_mm(repeats) + (2 * plan.band.section.bare_mm) +
              plan.ends.reach_mm - wanted).abs
      }
      others = [plan.fit.repeats - plan.band.layout.sides,
        plan.fit.repeats + plan.band.layout.sides].select(&:positive?)

      assert others.all? { |repeats| off.call(repeats) >= off.call(plan.fit.repeats) - 1e-6 }, words
    end
  end

  def test_the_same_piece_always_gives_the_same_plan
    random = Random.new(5)
    6.times do
      json = random_piece(random)

      assert_equal answer(plan(json)), answer(plan(JSON.parse(JSON.generate(json))))
      assert_equal plan(json).strip_picture.content_hash, plan(json).strip_picture.content_hash
    end
  end
end
