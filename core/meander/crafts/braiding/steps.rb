# frozen_string_literal: true

module Meander
  module Crafts
    module Braiding
      # The order of work of a braid: twist its cords, string its beads, clamp, cross and keep count, check, hold its
      # end, bend it.
      class Steps
        # So many crossings are told one by one; of a longer round its notation.
        TOLD = 12
        # More runs of beads on a strand are told by their kinds.
        MOST_RUNS = 3

        # context: Work::Context.
        def self.call(braided, context) = new(braided, context).call

        def initialize(braided, context)
          @braided = braided
          @layout = braided.layout
          @context = context
        end

        # @return [Array<Step>]
        def call = [*twisted, *strung, clamped, braid, held, *bent]

        private

        def say(mm) = Units::Text.length(mm)
        def begun(words) = Units::Text.sentence("#{@context.prefix(@braided)}#{words}")
        def strand(index) = "strand #{index + 1}"
        def stitch = Words.names(@layout).first

        def step(kind, words, minutes = 0.0, makes: [])
          Step.of(kind, words, @braided.id, minutes, wires: @braided.base.map(&:id).uniq, makes:)
        end

        def twisted
          cords = @layout.strands.each_with_index.select { |one, _| one.twisted? }
          cords.map do |one, i|
            wires = Units::Text.list(one.numbers.map { |number| number + 1 })
            turns = Units::Text.amount(one.turns_per_cm, 1, "time")
            step("shape", "#{begun("twist wires #{wires} to a cord for #{strand(i)}")}: clamp them side by side, " \
                          "hold them taut and turn them #{turns} for each cm, all to the #{one.hand}.")
          end
        end

        def strung
          all = @braided.beads
          return [] if all.empty?

          strings = all.group_by(&:strand).sort.map { |one, own| "#{strand(one)}: #{runs(own)}" }
          [step("bead", "#{begun("string the beads")}, from first to last, on #{strings.join("; ")}. Bend a stop " \
                        "into the end of each strand that carries some.",
            makes: @layout.beadings.map { |one| Step::Made.whole("end", one.fields[:id]) })]
        end

        # What is used first is strung last.
        def runs(own)
          own = own.sort_by { |one| one.at[0] }.reverse
          told = own.chunk_while { |one, other| one.placement == other.placement }.map do |run|
            "#{run.size} #{@layout.beadings[run.first.placement].kind.words}"
          end
          return told.join(", then ") if told.size <= MOST_RUNS

          kinds = own.group_by(&:placement).map { |i, some| "#{some.size} #{@layout.beadings[i].kind.words}" }
          "#{Units::Text.list(kinds)} in the order they are used"
        end

        def clamped
          return led_on if @braided.section[:at][:kind] == "after" && fresh.size < @layout.strands.size

          from = @braided.bare_mm.zero? ? "where they begin" :
            "at the mark “braid begins”, #{say(@braided.bare_mm)} in"
          step("anchor", "#{begun("lay the #{@layout.strands.size} strands side by side in their order")} and clamp " \
                         "or tie them #{from}. Turn the piece so that its beginning is at the top.")
        end

        # What it goes on from holds its beginning.
        def led_on
          from = @context.called_by(@braided.section[:at][:section])
          step("anchor", "Hold the piece by #{from}, its strands pointing towards you, and bring them side by side " \
                         "in their order, as they leave it#{laid_in}.")
        end

        # Strands that begin here, from 0.
        def fresh
          @layout.strands.each_index.select do |i|
            @layout.strands[i].numbers.none? { |number| @context.worked_before?(@braided.base[number], @braided) }
          end
        end

        def laid_in
          fresh.empty? ? "" : "; lay #{Weave::WireName.list(fresh.map { |i| strand(i) })} in beside them and tie it all"
        end

        def braid
          words = ["Braid #{Words.counted(@layout, @braided.repeats)} (#{crossings}): #{moves}.", drawn, beads]
          step("weave", words.compact.join(" "), @braided.crossings / @layout.calibration.pace_of("braid"),
            makes: Step::Made.wires(@braided.base))
        end

        def crossings = Units::Text.count(@braided.crossings, "crossing")

        def moves
          all = Words.moves(@layout.scheme)
          return all.join(", then ") if all.size <= TOLD

          "#{@layout.scheme}, read as gap and the strand that lies over (r goes right, l goes left)"
        end

        def drawn
          "Make the first crossings close to where it is held, draw all strands down alike after each #{stitch}, " \
          "#{advances}, and count aloud."
        end

        # How far from one stitch to the next.
        def advances
          kinds = @braided.course.kinds
          return "#{say(@layout.pitch_mm)} from one to the next" if kinds.all?(&:empty?)

          with = @layout.threading.figures(kinds).values.map(&:advance_mm).uniq { |mm| mm.round(1) }
          told = "#{Units::Text.list(with.map { |mm| say(mm) }, "or")} from one to the next with a bead"
          [told, ("#{say(@layout.pitch_mm)} without" if kinds.any?(&:empty?))].compact.join(", ")
        end

        def beads
          used = @layout.beadings.reject { |one| one.stitches(@braided.repeats).empty? }
          told = used.map { |one| (one.on == "strand") ? filled(one) : placed(one) }
          told.empty? ? nil : told.join(" ")
        end

        def placed(beading)
          edge = (beading.on == "near") ? "left" : "right"
          where = beading.edge? ? "turns at the #{edge} edge" : "comes to the middle, before it is crossed"
          drawn = ", and draw the other edge down" if beading.edge? && @layout.curved?
          "Slide #{Units::Text.a(beading.kind.name)} up on the strand that #{where} (#{stitches(beading)})#{drawn}."
        end

        def stitches(beading)
          all = beading.stitches(@braided.repeats)
          return "#{stitch} #{all.first + 1}" if all.one?

          often = ", #{Beads::Braided.often(beading.fields)}" unless beading.on == "strand"
          "from #{stitch} #{all.first + 1} to #{all.last + 1}#{often}"
        end

        def filled(beading)
          "Slide one bead up before each crossing of #{strand(@braided.course.leading)} (#{stitches(beading)}), as " \
            "many as lie there without gaps."
        end

        def held
          size = "#{say(@braided.braided_mm)} are braided, #{say(@layout.width_mm)} wide#{curved}"
          step("secure", "Check: #{size}. See that every strand lies over where it should, flatten the braid " \
                         "gently with nylon jaws, and clamp or tie its end until that is finished.")
        end

        # How far its own beads curve it.
        def curved
          curve = @braided.curve
          curve ? ", on a curve of radius #{say(curve[:radius_mm])}, #{say(curve[:chord_mm])} straight across" : ""
        end

        def bent
          form = @braided.section.form
          return [] if @layout.curved? || form[:kind] == "straight"

          part = @context.part(@braided)
          how = (form[:kind] == "helix") ?
            "Wind #{part} on #{Forms.wound(form)}, #{Weaving::FormWords.rising(form)}." :
            "Bend #{part} to #{Forms.words(form)}."
          [step("bend", how, makes: Step::Made.wires(@braided.base))]
        end
      end
    end
  end
end
