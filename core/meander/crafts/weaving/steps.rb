# frozen_string_literal: true

module Meander
  module Crafts
    module Weaving
      # The order of work of a woven section: shape it, or bend it once it is woven; string its beads, anchor, weave,
      # join on where a length is used up, close; from the middle outwards one half after the other, the work turned
      # over between them.
      class Steps
        # context: Work::Context.
        def self.call(woven, context) = new(woven, context).call

        def initialize(woven, context)
          @woven = woven
          @strip = woven.strip
          @layout = woven.layout
          @context = context
          @says = WeaveWords.new(woven)
          @shaping = Shaping.new(woven, context, @says)
          @progress = Progress.new(woven)
          @cuts = Cuts.new(woven, context)
        end

        # @return [Array<Step>]
        def call
          [*@shaping.before, *begun(0), *gaps, *weave, *@shaping.after, *freed]
        end

        private

        def step(kind, words, minutes = 0.0, makes: [], cuts: [], takes: [])
          Step.of(kind, words, @woven.id, minutes, wires: @woven.section.strands.map(&:id).uniq, makes:, cuts:, takes:)
        end

        def in_section = @context.prefix(@woven)

        # Those that are as wide together.
        def gaps
          @woven.gaps.group_by(&:clear_mm).values.map do |alike|
            Step.of("bead", "#{Beads::Spacer.words(alike)}.", @woven.id)
          end
        end

        # Base wires cut away once it holds.
        def freed
          gone = @woven.base.each_index.select { |number| @woven.section.cut_away?(number) }
          return [] if gone.empty?

          cut = Units::Text.sentence("#{in_section}cut #{@says.several(gone)} away close to the weave")
          [Step.of("secure", "#{cut}; file the stubs, no end may stand out.", @woven.id,
            wires: gone.map { |number| @woven.base[number].id })]
        end

        # A half begun: its lengths cut, strung and anchored.
        def begun(half)
          lengths = @strip.account.lengths.select { |one| one.first == 1 && (one.half || 0) == half }
          return [step("lead", woven_on(lengths.first))] if lengths.first.comes_on?

          cuts = strung?(lengths) ? [] : @cuts.of(lengths)
          [*strung(lengths), step("anchor", "#{cut_first(lengths)}#{anchor(lengths.first)}", cuts:)]
        end

        # Is it cut to string its beads on?
        def strung?(lengths) = lengths.any? { |length| @context.beads(@woven, length) }

        def strung(lengths)
          return [] unless strung?(lengths)

          [step("bead", "#{@says.cut(lengths)}, bend a stop into one end and string on, from first to last, " \
                        "#{beads(lengths)}. Slide one up where it belongs as you weave: #{@context.places(@woven)}.",
            cuts: @cuts.of(lengths))]
        end

        def beads(lengths) = Units::Text.list(lengths.filter_map { |length| @context.beads(@woven, length) })
        def cut_first(lengths) = strung?(lengths) ? "" : "#{@says.cut(lengths)} to weave with. "

        def anchor(length)
          begin_mm = Units::Text.length(length.begin_mm)
          if length.half.nil?
            return "Lay #{@says.strand} on #{where}, #{begin_mm} from the end you weave the first half with, and " \
              "coil the rest up out of the way: #{@says.beginning}."
          end

          return other_end(length, begin_mm) if length.goes_back?

          "Leave a tail of #{begin_mm} and begin #{where}: #{@says.beginning}."
        end

        # Begun with so much of it to one side, which goes on elsewhere.
        def other_end(length, begin_mm)
          to = @context.called_by(length.on.back.first)
          "Leave #{begin_mm} of it to the side that goes on to #{to}, coil that up out of the way and begin " \
            "#{where}: #{@says.beginning}."
        end

        # With the wire of another section.
        def woven_on(length)
          from = @context.called_by(length.on.from)
          led = length.on.led_mm
          way = (led < 0.5) ? "" : "#{Units::Text.length(led)} at the back "
          "Weave on with #{length.on.wire_from(from)}: lead it #{way}to #{where.delete_prefix("at ")}; " \
            "#{@says.beginning}."
        end

        # From the middle it begins at the middle mark, else where the weave starts: at the start mark of the wire that
        # the first pass goes round, where nothing comes before on that.
        def where
          return "at the middle mark" if @layout.sides == 2

          first = @layout.strip(@woven.repeats).pass_at(0).wires.first
          mark = @context.start_mark_mm(@woven, first)
          name = @says.wire(first)
          return "at the start mark of #{name}, #{Units::Text.length(mark)} from its end" if mark

          from = @woven.marks(0).first[0]
          (from < 0.5) ? "where #{@context.part(@woven)} begins" :
            "#{Units::Text.length(from)} into #{@context.part(@woven)}"
        end

        def weave
          first = [*half(0), close(@strip.account.lengths.last.on&.to)]
          return first if @layout.sides == 1

          [*first, turned, *((@strip.account.lengths.any? { |length|
            length.half == 1
          }) ? begun(1) : []), *half(1), close(@strip.account.lengths.last.on&.back.to_a.first)]
        end

        def turned
          shared = @layout.skipped(1)
          on = shared.zero? ? "from there" :
            "on from the #{Units::Text.count(shared / 2, "wrap")} in the middle, which belong to both halves"
          one = "; weave it with the other end of #{@says.strand}" if @strip.account.lengths.first.half.nil?
          step("turn", "Turn the work over at the middle and read the second half #{on}#{one}.")
        end

        # Repeats of a half.
        def repeats = @strip.repeats / @layout.sides

        # A half's stretches, each woven with the lengths that are on, and the joins between them.
        def half(number)
          begun = @strip.joins.select { |join| join[:half] == number }
          places = [1, *begun.map { |join| join[:repeat] }.uniq.sort]
          places.each_with_index.flat_map do |from, i|
            to = places[i + 1] ? places[i + 1] - 1 : repeats
            [(joined(begun, from) if i.positive?), stretch(from, to, whole: places.size == 1, half: number)].compact
          end
        end

        def stretch(from, to, whole:, half:)
          first = from == 1
          told = whole ? Units::Text.count(repeats, "repeat") : named(from, to)
          what = "#{each} #{"the second half: " if half == 1 && first}#{told}"
          pattern = " of #{@strip.words}: #{@says.pattern}"
          late = @says.coming_in(held) if first && half.zero?
          words = [first ? "#{what}#{pattern}." : "#{what} in the same way.", late,
            ("Push each wrap up against the last and count aloud." if first), @says.open, check(to)].compact.join(" ")
          made = @progress.made(from, to, half)
          step("weave", words, @woven.copies * (made.to - made.from) / 2.0 / @layout.calibration.pace_of("weave"),
            makes: [made], takes: @cuts.taken(from, to, half))
        end

        # Base wires, by their numbers, that sections before it hold.
        def held = @woven.base.each_index.select { |number| @context.worked_before?(@woven.base[number], @woven) }

        # How far it reaches by then, to lay a ruler on; what closes it is measured once it is closed.
        def check(to)
          return if to == repeats

          "Check: by then it is #{reached(@layout.weave.repeat_from_mm(to + 1))}."
        end

        def reached(mm) = "#{Units::Text.length(mm)} long#{", along the middle of the frame" if @woven.opening}"

        def named(from, to) = (from == to) ? "repeat #{from}" : "repeats #{from} to #{to}"
        def each = (@woven.copies > 1) ? "In each of the #{@woven.copies} frames weave" : "Weave"

        # A length of weaving wire that is used up.
        def joined(begun, from)
          on = begun.find { |one| one[:repeat] == from }[:on]
          lengths = @strip.account.lengths.select do |length|
            length.first == from && begun.any? { |one| one[:repeat] == from && one[:half] == length.half }
          end
          string = strung?(lengths) ? ", string on, from first to last, #{beads(lengths)}, behind a stop bend" : ""
          tail = Units::Text.length(lengths.first.begin_mm)
          step("join", "The wire is used up after repeat #{from - 1}. #{@says.cut(lengths)}#{string}, leave a tail " \
                       "of #{tail} and join on with repeat #{from}, #{on}.", cuts: @cuts.of(lengths))
        end

        # on: the section that is made with it then, nil where it ends here.
        def close(on)
          check = "Check: it is #{reached(@layout.strip(@strip.repeats).woven_mm)}."
          left = on ? "Leave the wire on: #{@context.called_by(on)} is made with it." :
            "Leave the tail until all is done: trimmed early it works loose."
          step("secure", "#{@says.closing} #{check} #{left}")
        end
      end
    end
  end
end
