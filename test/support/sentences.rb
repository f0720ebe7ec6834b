# frozen_string_literal: true

require_relative "braids"
require_relative "extremes"
require_relative "rims"
require_relative "travelling"
require_relative "trays"

# Every sentence the core says of pieces of every kind, once each, with its figures left out: to be read in review.
module Sentences
  include Travelling
  include Braids
  include Extremes
  include Trays

  FILE = File.join(ROOT, "docs/sentences.txt")
  # So many documents put together at random and so many with values at their ends, from seed 1 on.
  RANDOM, EXTREME = 60, 160
  METALS = Regexp.union(Meander::Materials::Metal::ALL.values.map(&:name).sort_by { |name| -name.size })

  # What the pieces one begins with and those of the collection say.
  def known
    Meander::Document::StartingPiece::PIECES.keys.map { |kind|
      JSON.parse(JSON.generate(Meander.start(kind)))
    } + demo_documents + demo_documents.map { |json| backwards(json) } + ended + tapered + runs +
      braids + [ridden, closed_otherwise, contradicting, folded_strips, *bails, *led, *Rims.all] +
      [false, true].map { |middle| both_ways(middle:, back: 2) }
  end

  def started(kind) = JSON.parse(JSON.generate(Meander.start(kind)))

  # What is left of a weaving wire, and a base wire, in every ending they may have.
  def ended
    Meander::Endings::Registry::WORKED.product([%w[weaving start], %w[weaving end],
      %w[base end]]).map do |kind, (of, side)|
      json = demo_documents.find { |one| one["name"] == "Tide-line collar" }
      wire = json["wires"].find { |one| one["route"][0]["seat"] == "#{of} 1" }
      wire["ends"] = {"start" => nil, "end" => nil, side => {"ending" => "e9", "place" => 1}}
      start = JSON.parse(JSON.generate(Meander::Endings::Registry::SENTENCES.fetch(kind).start))
      json.merge("endings" => [*json["endings"], {"id" => "e9", "kind" => kind, **start}])
    end
  end

  # An end led through a loop of another section; two that do not pass theirs side by side.
  def led
    {%w[w7] => "e2", %w[w1 w2] => "e4"}.map do |wires, through|
      json = JSON.parse(JSON.generate(demo_documents.find { |one| one["name"] == "Tide-line collar" }))
      start = JSON.parse(JSON.generate(Meander::Endings::Registry::SENTENCES.fetch("led").start))
      wires.each_with_index do |id, i|
        json["wires"].find { |one| one["id"] == id }["ends"] =
          {"start" => nil, "end" => {"ending" => "e#{8 + i}", "place" => 1}}
        json["endings"] << {"id" => "e#{8 + i}", "kind" => "led", "through" => through, **start}
      end
      json["endings"].find { |one| one["id"] == "e4" }["inside"] = size("1 mm")
      json
    end
  end

  # Bails bound both ways.
  def bails
    demo_documents.flat_map do |json|
      bails, others = json["endings"].partition { |one| one["kind"] == "bail" }
      next [] if bails.empty?

      %w[round between].map do |bound|
        json.merge("endings" => [*others, *bails.map { |one| one.merge("bound" => bound) }])
      end
    end
  end

  # More repeats than its wrist has room for.
  def contradicting
    started("cuff").tap do |json|
      json["sections"][0].merge!("extent" => {"kind" => "repeats", "count" => 80},
        "bare" => {"length" => size("5 mm"), "gives" => true})
    end
  end

  # Repeats that open, and that close.
  def tapered
    [[3, 7], [7, 3], [4, 40]].map do |from, to|
      started("cuff").tap do |json|
        json["sections"][0]["rise"] = {"kind" => "open", "pitch" => size("#{from} mm"), "to" => size("#{to} mm")}
        json["sections"][0]["centre"] = "own"
      end
    end
  end

  # A figure-eight over a gap in which coils ride over each other.
  def ridden
    walk = {"kind" => "walk", "gaps" => ([1, 2] * 3) + ([1, 0] * 3), "before" => [], "after" => []}
    started("cuff").tap do |json|
      json["sections"][0].merge!("pattern" => walk, "spacing" => {"kind" => "apart", "clear" => [size("1.2 mm")]},
        "centre" => "own")
    end
  end

  # The same closed with fewer a side.
  def closed_otherwise
    ridden.tap do |json|
      json["sections"][0]["pattern"]["after"] = [{"gaps" => [1, 2, 1, 2, 1, 0, 1, 0], "times" => 6}]
    end
  end

  # Runs whose ends stand apart, and near each other.
  def runs
    [[90, 180], [350]].map do |angles|
      parts = angles.map { |angle| {"kind" => "arc", "angle" => angle, "towards" => "far", "radius" => size("9 mm")} }
      line = {"kind" => "straight", "length" => size("5 mm")}
      demo_documents.find { |one| one["name"] == "Reed heart" }.tap do |json|
        json["sections"].each do |one|
          next unless one["craft"] == "bend"

          one["bend"] = {"kind" => "run", "parts" => (angles.size == 1) ? parts : [line, *parts, line]}
        end
      end
    end
  end

  # Every braid to choose from, braids with beads everywhere they may lie, and what cannot be braided.
  def braids
    samples = Meander::Braid::Samples::ALL.map do |sample|
      twist = sample.lay && {"lay" => size("5 mm"), "hand" => "left"}
      strands = Array.new(sample.strands) { {"wires" => sample.wires, "twist" => twist} }
      crossings = sample.crossings && Meander::Braid::Notation.read(sample.crossings, sample.strands)
      braided(strands:, **(crossings ? {scheme: {"kind" => "crossings", "crossings" => crossings}} : {}))
    end
    beaded = [3, 4].product(%w[middle strand near far], [[1], [2], [4, 4, 2]]).map do |count, on, every|
      braided(strands: count, bead: "4 mm", beads: {"on" => on, "every" => every})
    end
    samples + beaded + undone
  end

  def undone
    [[3, "1r 1l 2r 2l"], [3, "1r 1r"], [3, "1r 2l 2l 1r"], [4, "1r 2r 3r"]].map do |strands, text|
      crossings = Meander::Braid::Notation.read(text, strands)
      braided(strands:, scheme: {"kind" => "crossings", "crossings" => crossings})
    end + [braided(pitch: size("1 mm")), braided(pitch: size("6 mm")), braided(wire: "1.3 mm"),
      braided(strands: [{"wires" => 4}, {"wires" => 1}, {"wires" => 1}]), braided(form: {"kind" => "ring"}),
      braided(strands: 4, bead: "4 mm", beads: {"on" => "near"},
        form: {"kind" => "arc", "radius" => size("14 mm"), "towards" => "far"}, stitches: 40)]
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
             "Making" => making(plan), "Conflicts" => answer[:fit][:conflicts].map { |one| one[:reason] }}
    kinds.flat_map { |where, said| said.compact.map { |words| [where, bare(words)] } }
  rescue Meander::InvalidInput => e
    e.faults.map { |fault| ["Faults", bare(plain("#{fault.message}; accepted: #{fault.accepted}"))] }
  end

  # What is looked over, what of the second of a pair is told otherwise, and what is said where each length is cut short
  # and each count is another one.
  def making(plan)
    planned = Meander::Making::Planned.call(plan)
    account = Meander::Making::Account.new(planned, Meander::Making::Account.begun(planned[:steps]))
    planned[:steps].each { |step| otherwise(step).each { |event| account.take({id: "an-event", at: 0, **event}) } }
    told = Meander::Making::Told.call(planned, account.state)
    said = told.values_at(:laid_out, :looked, :lengths, :differs).flatten.map { |one| one[:words] }
    second = planned[:steps].select { |step| step[:first] && planned[:mirrored] }.map { |step| plain(step[:words]) }
    said + told[:steps].flat_map { |step| step[:before] } + [told[:fits]] + second
  end

  def otherwise(step)
    step => {number:, cuts:, count:}
    cut = cuts.each_with_index.map { |one, i| {kind: "cut", length: i, mm: one[:mm] * (0.5 + (0.1 * (i % 5)))} }
    differs = count ? [{kind: "differs", count: count + step[:units].last[:each]}] : []
    [*cut, *differs].map { |event| {step: number, **event} }
  end

  # Without figures; one metal, one bead, any number of wires alike.
  def bare(words)
    words.gsub(/(?<![[:alpha:]-])\d+(?:\.\d+)?/, "0").gsub(METALS, "copper").gsub(/0 Bead k\d/, "0 beads")
      .gsub(/(?:0(?:, | and |, then | then ))+0/, "0 and 0").gsub(/US 0, UK [A-Z½ ]+, ISO 0/, "US 0, UK O, ISO 0")
      .gsub(/(?<=, )0 mm \([^)]*\)(?:, 0 mm \([^)]*\))*/, "0 mm (mark)")
  end
end
