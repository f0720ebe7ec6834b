# frozen_string_literal: true

module Meander
  module Crafts
    module Crocheting
      # The order of work of a crocheted section: string its beads, begin, row by row, fasten off, bend it.
      class Steps
        # More groups of rows are told by their counts.
        MOST_ROWS = 12
        # More runs of beads are told by their kinds.
        MOST_RUNS = 6

        # How it is begun, in words. wire: what the wire, or ring, is called that it is worked round, nil where it is
        # worked round none.
        def self.begun(fabric, wire: nil)
          chains = Crochet::Stitches.fetch("chain").words(fabric.begun.count)
          {"chain" => "make #{chains}", "ring" => "make #{chains}, closed to a ring with a slip stitch",
            "hole" => "make #{chains}, closed to a ring with a slip stitch; the first round goes into the ring",
            "both" => "make #{chains}; the first round goes along both sides of them",
            "wire" => "begin round #{wire}; the first round goes into the ring, outwards",
            "within" => "begin round #{wire}; the first round goes into the ring, inwards",
            "edge" => "begin #{wire ? "round #{wire}" : "in the edge"}, at " \
                      "#{Units::Text.count(fabric.begun.count, "place")}"}
            .fetch(fabric.begun.kind)
        end

        # context: Work::Context.
        def self.call(crocheted, context) = new(crocheted, context).call

        def initialize(crocheted, context)
          @crocheted = crocheted
          @layout = crocheted.layout
          @fabric = crocheted.fabric
          @context = context
        end

        # @return [Array<Step>]
        def call = [*strung, begin_with, *worked, fastened, *bent]

        private

        def say(mm) = Units::Text.length(mm)
        def prefixed(words) = Units::Text.sentence("#{@context.prefix(@crocheted)}#{words}")
        def hook = "#{say(@layout.gauge.hook_mm)} hook"
        def pace = @layout.calibration.pace_of("crochet") / Worked::MOVES_A_STITCH

        def step(kind, words, minutes = 0.0, makes: [])
          Step.of(kind, words, @crocheted.id, minutes, wires: @crocheted.base.map(&:id).uniq, makes:)
        end

        def chains = @fabric.begun.chains * @layout.cords

        # Stitches so far, of all.
        def made(from, to)
          Step::Made.new(of: "weave", id: @crocheted.id, from:, to:, all: @crocheted.stitches, along: [].freeze).freeze
        end

        def strung
          spots = @layout.beading.spots(@fabric)
          return [] if spots.empty?

          told = strings(spots).map { |who, own| "#{who}#{runs(own)}" }
          seed = @layout.beading.placements.filter_map { |one| one[:pick][:seed] if one[:pick][:kind] == "share" }.first
          chance = " Their order was drawn by chance, number #{seed}." if seed
          spare = Units::Text.count(Beading.spare(spots.size), "spare bead")
          [step("bead", "#{prefixed("string the beads")} before the first stitch, as nobody can change their order " \
                        "once the work is begun: first #{spare}, then #{told.join("; ")}.#{chance}",
            makes: @layout.beading.placements.map { |one| Step::Made.whole("end", one[:id]) })]
        end

        # What goes on which wires.
        def strings(spots)
          turns = @layout.section[:turns]
          return [[together, spots]] unless turns

          spots.group_by { |spot| ([spot.row - 1, 0].max / turns) % @crocheted.base.size }.sort
            .map { |number, own| ["on wire #{number + 1} ", own] }
        end

        def together
          return "on each cord " if @layout.cords > 1

          (@layout.held > 1) ? "on all wires together " : ""
        end

        # What is used first is strung last.
        def runs(spots)
          kinds = @layout.beading.kinds
          runs = spots.reverse.chunk_while { |one, other| one.placement == other.placement }.map do |run|
            "#{run.size} #{kinds[run.first.placement].words}"
          end
          return runs.join(", then ") if runs.size <= MOST_RUNS

          "#{runs.first(MOST_RUNS).join(", then ")}, and so on as the chart has them, backwards, " \
            "#{spots.size} in all"
        end

        def begin_with
          wires = (@layout.held > 1) ? "#{@layout.held} wires held together" : "the wire"
          tail = say(@layout.section[:tail].mm)
          from = "#{prefixed("leave #{tail} of #{wires} as a tail")}, make a loop on the #{hook} and"
          each = " Make #{@layout.cords} such chains." if @layout.cords > 1
          beads = slid(@layout.beading.spots(@fabric).select { |spot| spot.row.zero? })
          opened = @crocheted.opened("the hook passes")
          step("anchor", "#{from} #{begun}.#{each}#{beads}#{opened} Draw the loops to the hook's shaft, not tighter, " \
                         "and count aloud.", chains / pace, makes: [made(0, chains)])
        end

        # In or round what.
        def begun
          return Steps.begun(@fabric) unless @layout.edge?

          onto = @context.called_by(@layout.section[:at][:section])
          return Steps.begun(@fabric, wire: "the ring of #{onto}") if @layout.ring
          return "#{Steps.begun(@fabric)} of #{onto}" unless @layout.bar

          rim = "the #{@layout.bar.noun} of #{onto}"
          "#{Steps.begun(@fabric, wire: rim)}, as many to either side of #{@crocheted.about}"
        end

        def worked
          number, past = 0, chains
          groups = @fabric.rows.chunk_while { |one, other| one == other }.to_a
          return [many] if groups.size > MOST_ROWS

          groups.map do |run|
            first, number = number + 1, number + run.size
            from, past = past, past + run.sum(&:stitches)
            step("weave", "#{prefixed(rows_words(first, number))}: #{row_words(run.first, first)}" \
                          "#{up(first, number)}.#{in_turn(first)}#{slid_in(first, number)}",
              (past - from) / pace, makes: [made(from, past)])
          end
        end

        # Of many unlike rows how each grows.
        def many
          counts = @fabric.rows.map(&:heads)
          step("weave", "#{prefixed("work #{Words.counted(@layout, @crocheted.repeats)}")} as the chart has them; " \
                        "they have #{Units::Text.list(counts)} stitches.#{slid_in(1, counts.size)}",
            @fabric.stitches / pace, makes: [made(chains, @crocheted.stitches)])
        end

        # The first round of a motif goes into its ring.
        def row_words(row, number)
          words = Words.row(row)
          (number == 1 && @fabric.begun.whole?) ? words.sub("the next place", "the ring") : words
        end

        def rows_words(first, last)
          name = @fabric.round? ? "round" : "row"
          (first == last) ? "#{name} #{first}" : "#{name}s #{first} to #{last}, each alike"
        end

        # What leads up to a row.
        def up(first, last)
          chains = @fabric.chains_up(last)
          return (first == 1) ? ", round and round without a seam" : "" if @fabric.way == "spiral"

          said = Crochet::Stitches.fetch("chain").words(chains)
          each = (first == last) ? "it" : "each"
          return "; begin #{each} with #{said} and close it with a slip stitch" if @fabric.way == "closed"
          return "" if last == 1

          "; #{said} and turn before #{(first == 1) ? "each after the first" : each}"
        end

        def in_turn(first)
          return unless @layout.section[:turns]

          wire = (((first - 1) / @layout.section[:turns]) % @crocheted.base.size) + 1
          " Change the wire every #{Units::Text.count(@layout.section[:turns], "row")}, led up along the edge; wire " \
            "#{wire} begins."
        end

        def slid_in(first, last) = slid(@layout.beading.spots(@fabric).select { |spot| spot.row.between?(first, last) })

        def slid(spots)
          return if spots.empty?

          side = (@fabric.rows.empty? || @fabric.round?) ? "" : " It comes to lie on the side away from you."
          " Slide a bead up to the hook before the stitch that carries it (#{Units::Text.count(spots.size, "bead")} " \
            "here, as the chart has them).#{side}"
        end

        def fastened
          joined = @layout.section[:ended] == "joined"
          by = " Join its last row to what follows with a slip stitch in each place." if joined
          step("secure", "Check: #{say(@crocheted.made_mm)} long, #{say(@crocheted.width_mm)} wide.#{by} Cut the " \
                         "wire #{say(@layout.section[:tail].mm)} on, draw its end through the last loop, and weave " \
                         "both tails back through three stitches before you trim them. Rest the hand.")
        end

        def bent
          form = @crocheted.section.form
          return [] if form[:kind] == "straight"

          [step("bend",
            "Shape #{@context.part(@crocheted)} to #{StripForms.words(form)}, gently, between the fingers.")]
        end
      end
    end
  end
end
