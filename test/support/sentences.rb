# frozen_string_literal: true

require_relative "extremes"
require_relative "trays"

# Every sentence the core says of pieces of every kind, once each, with its figures left out: to be read in review.
module Sentences
  include Sections
  include Extremes
  include Trays

  FILE = File.join(ROOT, "docs/sentences.txt")
  # So many documents put together at random and so many with values at their ends, from seed 1 on.
  RANDOM, EXTREME = 60, 160
  METALS = Regexp.union(Meander::Materials::Metal::ALL.values.map(&:name).sort_by { |name| -name.size })

  # What the pieces one begins with and those of the collection say.
  def known
    Meander::Document::Fields::PIECES.keys.map { |kind|
      JSON.parse(JSON.generate(Meander.start(kind)))
    } + demo_documents + demo_documents.map { |json| backwards(json) }
  end

  # A piece made from its end.
  def backwards(json)
    ids = %w[sections beads endings].flat_map { |key| json.fetch(key, []).map { |one| one["id"] } }
    json.merge("steps" => ids.reverse)
  end

  def any
    (1..RANDOM).map { |seed| random_piece(Random.new(seed)) } +
      (1..EXTREME).map { |seed| extreme_document(Random.new(seed)) }
  end

  # Some documents' sentences, by where they are said: [[where, sentence], ...].
  def sentences(documents) = documents.flat_map { |json| told(json) }.uniq

  # As they stand in the file.
  def written(sentences)
    sentences.group_by(&:first).sort.map { |where, said|
      "# #{where}\n\n#{said.map(&:last).sort.join("\n")}\n"
    }.join("\n")
  end

  private

  def told(json)
    plan = Meander.plan(json)
    figures, answer = Meander.figures(plan), Meander.answer(plan)
    of_cuts = figures[:cuts].flat_map { |cut| [cut[:use], *cut[:marks].map { |mark| mark[:words] }] }
    parts = answer.values_at(:sections, :findings).flatten.map { |one| one[:words] }
    kinds = {"Steps" => figures[:steps].flat_map { |step| step.values_at(:words, :caution) },
             "Advice" => figures[:advice].flat_map { |item| item.values_at(:title, :why, :remedy) }, "Cuts" => of_cuts,
             "Parts" => parts + answer[:endings].values + answer[:beads][:placed].map { |one| one[:words] },
             "Conflicts" => answer[:fit][:conflicts].map { |one| one[:reason] }}
    kinds.flat_map { |where, said| said.compact.map { |words| [where, bare(words)] } }
  rescue Meander::InvalidInput => e
    e.faults.map { |fault| ["Faults", bare(plain("#{fault.message}; accepted: #{fault.accepted}"))] }
  end

  # Without figures; one metal, one bead, any number of wires alike.
  def bare(words)
    words.gsub(/(?<![[:alpha:]-])\d+(?:\.\d+)?/, "0").gsub(METALS, "copper").gsub(/0 Bead k\d/, "0 beads")
      .gsub(/(?:0(?:, | and |, then | then ))+0/, "0 and 0").gsub(/US 0, UK [A-Z½ ]+, ISO 0/, "US 0, UK O, ISO 0")
      .gsub(/(?<=, )0 mm \([^)]*\)(?:, 0 mm \([^)]*\))*/, "0 mm (mark)")
  end
end
