# frozen_string_literal: true

require "timeout"
require_relative "../../support/extremes"
require_relative "../../support/weaves"

# Weaves and documents at the ends of their ranges: each ends, within its bounds. bench/sweep.rb does the same for many
# more.
class EndsOfRangesTest < PieceTest
  include Weaves
  include Sections
  include Extremes

  WEAVES = 40
  DOCUMENTS = 10
  # Far beyond what any of them takes: what does not end is found by it.
  MOST_S = 60

  def seeded
    seed = Random.new_seed % 100_000
    yield Random.new(seed), seed
  end

  def test_weaves_end_within_their_bounds
    seeded do |random, seed|
      WEAVES.times do
        given = extreme_weave(random)
        said = "seed #{seed}: #{given}"
        frame = Frame.new(**given.except(:gaps))
        made = Timeout.timeout(MOST_S, nil, said) { Repeat.new(frame, Walk.new(given[:gaps]), lean: 0.3) }
        flat = made.passes.sum(&:length_mm)

        assert made.advance_mm.positive? && made.advance_mm <= made.passes.size * 2 * frame.wire_mm * 1.0001, said
        assert_operator made.wire_mm, :>=, flat * 0.9999, said
        assert_operator made.wire_mm, :<=,
          flat + (made.passes
            .size * (made.advance_mm + (0.3 * made.passes.map(&:length_mm).max) + (4 * frame.wire_mm))), said
      end
    end
  end

  def test_documents_are_planned_or_refused
    seeded do |random, seed|
      DOCUMENTS.times do |i|
        json = extreme_document(random)
        said = "seed #{seed}, document #{i}"
        planned = Timeout.timeout(MOST_S, nil, said) { planned_or_refused(json) } or next

        assert numbers(answer(planned)).all?(&:finite?), said
        planned.cut_list.each { |row| assert row.cut_mm.positive? && row.count.positive?, said }
        parts = planned.runs

        parts.each { |part| assert_in_delta part.cut_mm, part.parts.sum(&:mm), 1.0, said }
      end
    end
  end

  def planned_or_refused(json)
    plan(json)
  rescue Meander::InvalidInput => e
    assert(e.faults.all? { |fault| fault.path.start_with?("/") && !fault.accepted.empty? })
    nil
  end
end
