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
        def call = [hang, *worked, hitched, finished, *bent].compact

        private

        def say(mm) = Units::Text.length(mm)
        def prefixed(words) = Units::Text.sentence("#{@context.prefix(@knotted)}#{words}")
        def pace = @layout.calibration.pace_of("knot") / Worked::MOVES_A_TIE

        def step(kind, words, minutes = 0.0, caution: nil, makes: [])
          Step.of(kind, words, @knotted.id, minutes, wires: @knotted.base.map(&:id).uniq, caution:, makes:)
        end

        # Knots so far, of all.
        def made(from, to)
          Step::Made.new(of: "weave", id: @knotted.id, from:, to:, all: @knotted.placed.size, along: [].freeze).freeze
        end

        def hang
          words = @layout.mounted? ? mounting : hanging
          words && step("anchor", words, makes: [made(0, 0)])
        end

        # Cords that come on from other sections hang there already.
        def hanging
          fresh = @knotted.base.reject { |cord| @context.worked_before?(cord, @knotted) }
          return if fresh.empty?

          how = (fresh.size == @knotted.base.size) ? "fasten #{fresh.size} cords side by side" :
            "hang #{named(fresh)} in beside those that are there"
          below = ", and begin the knots #{say(@knotted.above_mm)} below" unless @knotted.above_mm.zero?
          "#{prefixed(how)}#{all_round}, #{say(@layout.spacing_mm)} from one to the next, so that they hang towards " \
            "you#{below}."
        end

        def all_round = @layout.girth ? " all the way round what is #{@layout.girth.words}" : ""

        def mounting
          bight = (@section[:mount][:kind] == "head") ? "in front of" : "behind"
          pairs = (0...(@knotted.base.size / 2)).group_by { |pair| legs(pair) }
          told = pairs.map { |legs, some| (pairs.size == 1) ? legs : "#{cords(some)}: #{legs}" }
          folded = Units::Text.count(@knotted.base.size / 2, "cord")
          "#{prefixed("fold #{folded} at the fold mark")} (#{told.join("; ")}), lay each bight #{bight} #{bar}, and " \
            "draw both legs through it, #{spread}.#{@knotted.opened("a cord passes")}"
        end

        # What they hang from.
        def bar
          return ring if @layout.girth

          of = "#{@layout.bar.noun} of #{@context.called_by(@section[:at][:section])}" if @layout.bar
          "the #{of || "bar"} (#{say(@layout.mounting.over_mm)} thick)"
        end

        def ring
          over = @layout.mounting.over_mm
          "a ring (#{say(over)} thick, #{say(@layout.girth.ring_mm(over))} round) that goes round what is " \
            "#{@layout.girth.words}"
        end

        # How the heads lie along that.
        def spread
          return "the heads spread evenly all the way round" if @layout.girth

          "head beside head#{", as many to either side of #{@knotted.about}" if @layout.bar}"
        end

        # "1 and 2", by the places of their legs.
        def cords(pairs) = pairs.map { |pair| "#{(2 * pair) + 1} and #{(2 * pair) + 2}" }.join(", ")

        # How long both legs of a cord hang from its fold, as they are cut.
        def legs(pair)
          left, right = @context.legs_mm(@knotted, 2 * pair)
          ((left - right).abs < 0.5) ? "both legs alike" : "#{say(left)} left, #{say(right)} right"
        end

        # Rows as they are tied; of one row alone all of them together.
        def worked
          rows = @section[:rows]
          return [only(rows.first)] if rows.size == 1
          return [many(rows)] if rows.size > MOST_ROWS

          past = 0
          told = rows.each_with_index.map do |row, i|
            from, past = past, past + (knots(row) * row[:times])
            often = (row[:times] > 1) ? ", #{row[:times]} rows alike" : ""
            tied("#{prefixed("row #{i + 1}")}: #{Words.row(row, @knotted.base.size)}#{often}", from, past)
          end
          [*told, *again(past)]
        end

        def knots(row) = row[:knots].sum { |one| (one[:kind] == "pass") ? 0 : one[:times] }

        def tied(words, from, to)
          step("weave", "#{words}.#{beads(from, to)}", ties(from, to) / pace, makes: [made(from, to)])
        end

        def only(row)
          often = @knotted.repeats * row[:times]
          alike = ", #{often} rows alike" if often > 1
          tied("#{prefixed("tie #{Words.row(row, @knotted.base.size)}")}#{alike}", 0, @knotted.placed.size)
        end

        def again(past)
          return [] if @knotted.repeats == 1

          [tied("#{prefixed("tie these rows again")}, #{@knotted.repeats} times in all: " \
            "#{Words.counted(@knotted)}", past,
            @knotted.placed.size)]
        end

        def many(rows)
          often = ", #{@knotted.repeats} times" if @knotted.repeats > 1
          tied("#{prefixed("tie #{Units::Text.count(rows.size, "row")}")} as the grid has them#{often}", 0,
            @knotted.placed.size)
        end

        def ties(from, to)
          @knotted.placed[from...to].sum { |knot| Knot::Kinds.fetch(knot.kind).ties.call(knot.cords.size) }
        end

        # What is slid on where, in those knots.
        def beads(from, to)
          around = @knotted.placed.each_index.select { |i| Knot::Kinds::AROUND.include?(@knotted.placed[i].kind) }
          here = around.select { |i| (from...to).cover?(i) }
          carrying = here.select { |i| @knotted.placed[i].bead }.group_by do |i|
            [@knotted.placed[i].bead.placement, @knotted.placed[i].bead.on]
          end
          carrying.map { |(number, on), some| slid(number, on, some, here, around) }.join
        end

        def slid(number, on, some, here, around)
          where = (on == "fillers") ? "the cords it is tied round, below it" :
            "its #{on} working cord, before it is tied"
          which = (some == here) ? "one to a knot" : with_knots(some.map { |i| around.index(i) + 1 })
          " Slide #{some.size} #{@layout.beading.kinds[number].words} on, #{which}: on to #{where}."
        end

        # Of more knots than these the first and the last are named.
        MOST_NAMED = 8

        # By their numbers among the square and half knots, as they are counted.
        def with_knots(numbers)
          told = (numbers.size > MOST_NAMED) ? "#{numbers.first(4).join(", ")} and so on to #{numbers.last}" :
            Units::Text.list(numbers)
          numbers.one? ? "with knot #{told}" : "with knots #{told}, one each"
        end

        def hitched
          bar = @layout.hitched or return
          below = (bar.lead_mm < 0.5) ? "right below" : "#{say(bar.lead_mm)} below"
          laid = prefixed("lay a bar, #{say(bar.bar_mm)} thick, across #{below} the last knots")
          step("secure", "#{laid} and tie each cord round it with a double half hitch, from the left, " \
                         "#{say(bar.apart_mm)} from one to the next: two turns, the second beside the first, both " \
                         "drawn tight.", bar.ties / pace)
        end

        FINISH = {
          "cut" => "Leave a tail of %s", "knot" => "Tie each pair of ends with an overhand knot and leave %s to " \
          "trim",
          "glue" => "Draw the last knots tight, touch them with glue, and trim the ends of %s once it is hard",
          "melt" => "Trim the ends to a few millimetres, of the %s left, and melt each back to its knot",
          "tuck" => "Lead each end of %s back under the last knots at the back, and trim it there"
        }.freeze
        CAUTIONS = {
          "glue" => "Glue: follow its label, work in moving air, keep it off skin and eyes; let it cure before wear.",
          "melt" => "A flame: melted cord sticks and burns. Keep water at hand, nothing that burns near, never touch " \
                    "the bead of melt while it is hot, work in moving air."
        }.freeze

        def finished
          how = @section[:finish]
          free = " Below the knots #{say(@knotted.bare_mm)} hang free." unless @knotted.bare_mm.zero?
          even = @layout.girth ? "as high all the way round" : "both edges straight"
          check = "Check: #{say(@knotted.made_mm)} knotted, #{say(@knotted.width_mm)} wide, #{even}.#{free}"
          loose = %w[start end].select { |side| @knotted.loose(side).any? }
          return step("secure", "#{check} Rest the hand.") if loose.empty?

          finish = format(FINISH.fetch(how), say(@section[:tail].mm))
          step("secure", "#{check} #{finish}#{ending_here(loose)}. Rest the hand.", caution: CAUTIONS[how])
        end

        WHERE = {"start" => "where it begins", "end" => "where it ends"}.freeze

        # Which cords that is done to, where not all of them end here.
        def ending_here(sides)
          cords = sides.flat_map { |side| @knotted.loose(side) }.uniq
          return "" if cords.size == @knotted.base.uniq.size && (sides.size == 2 || @layout.mounted?)

          " (#{named(cords)}, #{sides.map { |side| WHERE.fetch(side) }.join(" and ")})"
        end

        def named(cords)
          numbers = @knotted.base.each_index.select { |number| cords.include?(@knotted.base[number]) }
          names = numbers.map { |number| Weave::WireName.call(number, @knotted.base.size) }
          Weave::WireName.said(cords, Weave::WireName.list(names))
        end

        def bent
          form = @section.form
          return [] if form[:kind] == "straight"

          [step("bend", "Shape #{@context.part(@knotted)} to #{StripForms.words(form)}, between the fingers.")]
        end
      end
    end
  end
end
