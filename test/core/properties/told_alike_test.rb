# frozen_string_literal: true

require "csv"
require_relative "../../test_helper"
require_relative "../../support/extremes"

# A figure is the same wherever it is told: what is cut in the plan as JSON, in the list as CSV and in the order of
# work; what wire is made up of; weight, time, beads. Over the collection's pieces and random ones, with values at
# their ends.
class ToldAlikeTest < PieceTest
  include Extremes
  include Sections

  DOCUMENTS = 60

  # [[plan, as JSON, whose], ...] of those that can be planned; planned once for all tests.
  PLANNED = []

  def each_planned(&)
    PLANNED.concat(at_random(Random.new_seed % 100_000)) if PLANNED.empty?
    PLANNED.each(&)
  end

  def at_random(seed)
    random = Random.new(seed)
    found = (0...DOCUMENTS).filter_map do |number|
      made = plan(extreme_document(random))
      [made, Meander.figures(made), "seed #{seed}, document #{number}"]
    rescue Meander::InvalidInput
      nil
    end

    assert_operator found.size, :>, DOCUMENTS / 3, "most can be planned (seed #{seed})"
    found
  end

  def lengths(cuts) = cuts.flat_map { |cut| [cut[:cut_mm].ceil] * cut[:count] }.sort

  # Every length that is cut stands once in each place.
  def test_what_is_cut
    each_planned do |made, told, whose|
      listed = lengths(told[:cuts])
      rows = CSV.parse(Meander.csv(made), headers: true)

      assert_equal listed, order(made).flat_map(&:cuts).map { |cut| cut.mm.ceil }.sort, whose
      assert_equal listed, rows.flat_map { |row| [row["cut_mm"].to_f.ceil] * row["count"].to_i }.sort, whose
      assert_equal listed, lengths(answer(made)[:cut_list]), whose
      told[:cuts].each { |cut| cut_of_its_parts(cut, whose) }
    end
  end

  # In inches no cut is shorter, nor longer by more than the next sixteenth; as many marks, each where it was.
  def test_what_is_cut_in_inches
    each_planned do |made, _, whose|
      metric, inches = %w[mm in].map { |units| CSV.parse(Meander.csv(made, units:), headers: true) }

      assert_equal metric.size, inches.size, whose
      metric.zip(inches) do |row, same|
        said, mm = Meander.mm("#{same["cut_in"]} in"), row["cut_mm"].to_f

        assert_includes (mm - 1e-6)..(mm + (25.4 / 16) + 1e-6), said, "#{whose}: #{mm} mm as #{same["cut_in"]}"
        marks, others = [row, same].map { |one| one["marks"].split("; ") }

        assert_equal marks.map { |mark| mark[/ [a-z].*/] }, others.map { |mark| mark[/ [a-z].*/] }, whose
        marks.zip(others) { |mark, other|
          assert_in_delta mark.to_f, Meander.mm("#{other[/\A[\d\/. ]+/].strip} in"), 0.8, whose
        }
      end
    end
  end

  # Its parts are all of it, it is cut no shorter and no more than a millimetre longer, and its marks lie on it, one
  # after the other.
  def cut_of_its_parts(cut, whose)
    assert_in_delta cut[:total_mm], cut[:parts].sum { |part| part[:mm] }, 1e-6, whose
    assert_includes (cut[:total_mm] - 1e-6)..(cut[:total_mm] + 1 + 1e-6), cut[:cut_mm], whose
    places = cut[:marks].map { |mark| mark[:at_mm] }

    assert places.each_cons(2).all? { |one, other| other > one - 1e-6 }, "#{whose}: #{places}"
    assert(places.all? { |mm| mm.between?(-1e-6, cut[:total_mm] + 1e-6) }, whose)
  end

  # Working wire is its path, slack, tails, what is kept, wasted and over, and no length of it is told twice.
  def test_working_wire
    each_planned do |_, told, whose|
      told[:working].each do |wire|
        amounts = wire.values_at(:path_mm, :led_mm, :slack_mm, :tails_mm, :reserve_mm, :ended_mm, :waste_mm, :margin_mm)
        pieces = wire[:lengths].sum { |one| one[:count] }

        assert_in_delta wire[:total_mm], amounts.sum, 1e-6, "#{whose}: #{wire[:wire]}"
        assert_includes wire[:total_mm]..(wire[:total_mm] + pieces),
          wire[:lengths].sum { |one| one[:cut_mm] * one[:count] } + 1e-6, "#{whose}: #{wire[:wire]}"
      end
      worked = told[:cuts].select { |cut| %w[weaving own].include?(cut[:kind]) }

      assert_equal lengths(worked), lengths(told[:working].flat_map { |wire| wire[:lengths] }), whose
    end
  end

  # What a piece weighs is what its parts weigh; what it takes is what its steps take; as many beads are counted as are
  # strung.
  def test_weight_time_and_beads
    each_planned do |made, told, whose|
      shown = answer(made)
      parts = shown[:mass].values_at(:base_g, :weaving_g, :beads_g, :findings_g)

      assert_in_delta told[:mass_g], parts.sum, 1e-9, whose
      assert_in_delta told[:mass_g], shown[:mass][:finished_g], 1e-9, whose
      assert_in_delta shown[:work][:minutes], told[:steps].sum { |step| step[:minutes] }, 1e-6, whose
      assert_equal told[:steps].map { |step| step[:words] }, plain(Meander::Work::Order.call(made).map(&:words)), whose
      strung = shown[:beads][:strings].sum { |string| string[:copies] * string[:runs].sum { |run| run[:times] } }

      assert_equal told[:beads].sum { |placed| placed[:count] }, strung, whose
    end
  end

  # What no sentence should have: a number without its plural or article, a hole where a word should be, a figure nobody
  # can read.
  ODD = {
    "one of several" => /(?<![\d.])1 (?:beads|wraps|times|repeats|coils|turns|frames|rows|stitches|rounds|crossings)\b/,
    "none" => /(?<![\d.])0 (?:wraps|turns|repeats|times|coils|beads|passes|stitches|knots)\b/,
    "an article" => /\ba (?:[aei]\w+|outer|open|under)\b|\ban [bcdfgjklmnpqrstvwxz]\w*/i,
    "a hole" => /  | [,.;]|\.\.|,,|: *\.|\bnil\b|NaN|Infinity|#\{/, "twice" => /\b([a-z]+) \1\b/,
    "a figure" => /\d\.\d{4,}|-0\b|\de-?\d/, "no end" => /[^.)”]\z/
  }.freeze

  # Steps and advice read as sentences, whatever the values are.
  def test_sentences
    each_planned do |made, told, whose|
      advice = said(made).flat_map { |item| [item.why, item.remedy] }.compact.reject(&:empty?)
      (told[:steps].map { |step| step[:words] } + advice).each do |words|
        ODD.each { |what, pattern| assert_nil words[pattern], "#{what} in “#{words}” (#{whose})" }
      end
    end
  end
end
