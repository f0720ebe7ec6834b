# frozen_string_literal: true

module Meander
  module Crafts
    module Knotting
      # The order of work of a knotted section: hang its cords, row by row, finish its ends, bend it.
      class Steps
        # More groups of rows are told together.
        MOST_ROWS = 24

        # context: Work::Context.
        def self.call(knotted, context) = new(knotted, context).call

        def initialize(knotted, context)
          @knotted = knotted
          @layout = knotted.layout
          @section = knotted.section
          @context = context
        end

        # @return [Array<Step>]
        def call = [*swatch, hang, *worked, finished, *bent]

        private

        def say(mm) = Units::Text.length(mm)
        def prefixed(words) = Units::Text.sentence("#{@context.prefix(@knotted)}#{words}")
        def pace = @layout.calibration.pace.to_f / Worked::MOVES_A_TIE

        def step(kind, words, minutes = 0.0, caution: nil, makes: [])
          Step.of(kind, words, @knotted.id, minutes, wires: @knotted.base.map(&:id).uniq, caution:, makes:)
        end

        # Knots so far, of all.
        def made(from, to)
          Step::Made.new(of: "weave", id: @knotted.id, from:, to:, all: @knotted.placed.size, along: [].freeze).freeze
        end

        def swatch
          return [] unless @knotted.assumed?

          [step("shape", "#{prefixed("how much cord this takes is assumed")}: tie a swatch of the same knots first, " \
                         "measure how far it reaches and what one working cord used.")]
        end

        def hang
          cords = @knotted.base.size
          return step("anchor", "#{prefixed("fasten #{cords} cords side by side")}, #{say(@layout.spacing_mm)} from " \
                                "one to the next, so that they hang towards you.", makes: [made(0, 0)]) unless @layout.mounted?

          bight = (@section[:mount][:kind] == "head") ? "in front of" : "behind"
          legs = @knotted.base.each_slice(2).with_index.map { |_, i| leg(i) }.uniq
          step("anchor", "#{prefixed("fold #{Units::Text.count(cords / 2, "cord")} at the fold mark")} (#{legs.join("; ")}), lay " \
                         "each bight #{bight} the bar, #{say(@section[:mount][:over].mm)} thick, and draw both legs through " \
                         "it, head beside head.", makes: [made(0, 0)])
        end

        # How long both legs of a cord are.
        def leg(pair)
          one, other = [2 * pair, (2 * pair) + 1].map { |number| @knotted.knotted_mm(number) }
          (one - other).abs < 0.5 ? "both legs alike" : "#{say(one)} left, #{say(other)} right"
        end

        # Rows as they are tied, all repeats together where the pattern is one row.
        def worked
          rows = @section[:rows]
          each = rows.map { |row| row[:knots].sum { |one| (one[:kind] == "pass") ? 0 : one[:times] } * row[:times] }
          past = 0
          return [whole(rows, each)] if rows.size > MOST_ROWS

          told = rows.each_with_index.map do |row, i|
            from, past = past, past + each[i]
            often = (row[:times] > 1) ? ", #{row[:times]} rows alike" : ""
            step("weave", "#{prefixed("row #{i + 1}")}: #{Words.row(row)}#{often}.#{beads(from, past)}",
              ties(from, past) / pace, makes: [made(from, past)])
          end
          [*told, *again(past)]
        end

        def again(past)
          return [] if @knotted.repeats == 1

          all = @knotted.placed.size
          [step("weave", "#{prefixed("tie these rows again")}, #{@knotted.repeats} times in all: " \
                         "#{Words.counted(@knotted)}.#{beads(past, all)}", ties(past, all) / pace, makes: [made(past, all)])]
        end

        def whole(rows, each)
          all = @knotted.placed.size
          step("weave", "#{prefixed("tie #{Units::Text.count(rows.size, "row")}")} of #{each.sum} knots as the grid has " \
                        "them#{", #{@knotted.repeats} times" if @knotted.repeats > 1}.#{beads(0, all)}",
            ties(0, all) / pace, makes: [made(0, all)])
        end

        def ties(from, to)
          @knotted.placed[from...to].sum { |knot| Knot::Kinds.fetch(knot.kind).ties.call(knot.cords.size) }
        end

        # What is strung where, in those knots.
        def beads(from, to)
          own = @knotted.placed[from...to].filter_map(&:bead)
          return if own.empty?

          kinds = @layout.beading.kinds
          own.group_by { |bead| [bead.placement, bead.on] }.map { |(number, on), some|
            where = (on == "fillers") ? "on to the cords it is tied round, after its knot" :
              "on to the #{on} working cord, before its knot"
            " Slide #{some.size} #{kinds[number].words} in: each #{where}."
          }.join
        end

        FINISH = {
          "cut" => "Leave a tail of %s", "knot" => "Tie each pair of ends with an overhand knot and leave %s to trim",
          "glue" => "Draw the last knots tight, touch them with a drop of glue, and trim the ends of %s once it is hard",
          "melt" => "Trim the ends to a few millimetres, of the %s left, and melt each back to its knot",
          "tuck" => "Lead each end of %s back under the last knots at the back, and trim it there"
        }.freeze
        CAUTIONS = {
          "glue" => "Glue: follow its label, work in moving air, keep it off skin and eyes; let it harden before wearing.",
          "melt" => "A flame: melted cord sticks and burns. Keep water at hand, nothing that burns near, never touch the " \
                    "bead of melt while it is hot, work in moving air."
        }.freeze

        def finished
          how = @section[:finish]
          check = "Check: #{say(@knotted.made_mm)} knotted, #{say(@knotted.width_mm)} wide, both edges straight."
          step("secure", "#{check} #{format(FINISH.fetch(how), say(@section[:tail].mm))}. Rest the hand.",
            caution: CAUTIONS[how])
        end

        def bent
          form = @section.form
          return [] if form[:kind] == "straight"

          shape = (form[:kind] == "ring") ? "a closed ring" : "an arc on a radius of #{say(form[:radius].mm)}"
          [step("bend", "Shape #{@context.part(@knotted)} to #{shape}, between the fingers.")]
        end
      end
    end
  end
end
