# frozen_string_literal: true

module Meander
  module Crafts
    module Weaving
      # What is said of a woven section in its steps: its wires, its weave, where it begins and how it is closed.
      class WeaveWords
        # A weave that is closed with fewer coils than these round one wire asks to be secured with as many. Common
        # practice, no source.
        SECURE = 3

        # woven: Weaving::Woven.
        def initialize(woven)
          @woven = woven
          @layout = woven.layout
          freeze
        end

        # A base wire by its number.
        def wire(number) = Weave::WireName.call(number, @woven.base.size)

        # What is woven with.
        def strand = (strands.size == 1) ? "the weaving wire" : "both weaving wires"

        # "Cut 1143 mm of 0.4 mm copper": what is cut for some lengths, in every copy.
        def cut(lengths)
          rows = lengths.flat_map do |length|
            length.strands.product(Lengths.counted(length, @woven.copies)).map do |strand, (kept, count)|
              [[length.whole_mm(kept:), strands[strand].words], count]
            end
          end
          told = rows.group_by(&:first).map { |(mm, words), alike| row(mm, words, alike.sum(&:last)) }
          "Cut #{Units::Text.list(told)}"
        end

        # What is woven first: the coils it is anchored with, and how its first pass goes, which is always in front.
        def beginning
          pass = @layout.strip(@woven.repeats).pass_at(0)
          near, far = [pass.from, pass.to].minmax
          over = Weave::GroupWords.span(near + 1, far, @woven.base.size)
          first = "the first pass goes over #{over}, down #{gap(pass.to)}"
          before = stretches(:before)
          before.empty? ? first : "anchor it with #{before.join(", then ")}; #{first}"
        end

        # A repeat as a maker says it.
        def pattern
          groups = Weave::Groups.of(@layout.pattern.walk.gaps)
          [strands_words, Weave::GroupWords.call(groups, @woven.base.size)].compact.join(", ")
        end

        # Base wires that are not there from the first wrap on: nil where all are. held: those of them that are, as they
        # come on from where they were worked before.
        def coming_in(held)
          return if @woven.opening || @woven.base.uniq.size < @woven.base.size

          late = first_wraps.reject { |wire, wrap| wrap == 1 || held.include?(wire) }.group_by(&:last)
          return if late.empty?

          told = late.map { |wrap, wires| "#{several(wires.map(&:first).sort)} with wrap #{wrap}" }
          "Lay in #{Units::Text.list(told)}, counted from the first."
        end

        # Of an open weave, how far each repeat reaches.
        def open
          return unless @woven.section[:rise][:kind] == "open"

          repeat = @layout.pattern
          each = Units::Text.length(repeat.advance_mm)
          return "Leave it open: each repeat takes up #{each}; measure after every few." if repeat.unlike.zero?

          first, last = [0, repeat.unlike].map { |number| repeat.copy(number).advance_mm }
          "Leave it open: the first repeat takes up #{Units::Text.length(first)}, every one after it a little " \
            "#{(last > first) ? "more" : "less"}, repeat #{repeat.unlike + 1} and all that follow " \
            "#{Units::Text.length(last)}; measure after every few."
        end

        # How its end is held.
        def closing
          after = stretches(:after)
          held = after.empty? ? nil : "Close with #{after.join(", then ")}"
          return "#{held}, and draw the end through to the back." if held && single_at_end?

          wraps = "#{SECURE} wraps round one wire alone"
          held ? "#{held}, and secure it with #{wraps}." : "Secure it with #{wraps}, the end drawn through to the back."
        end

        # Base wires by their numbers: "wires 1 and 3".
        def several(numbers)
          return wire(numbers.first) if numbers.size == 1

          (@woven.base.size == 2) ? "both wires" : "wires #{Units::Text.list(numbers.map { |number| number + 1 })}"
        end

        private

        # Where a pass goes down or comes up.
        def gap(number)
          (@woven.base.size == 2 && number == 1) ? "between the two" : Weave::MoveWords.place(number, @woven.base.size)
        end

        def strands = @woven.section.strands

        def row(mm, words, count)
          told = "#{Units::Text.cut(mm)} of #{words}"
          (count == 1) ? told : "#{count} lengths of #{told}"
        end

        def strands_words
          return if strands.size == 1

          @woven.section.in_turn? ? "the two wires in turn" : "both wires side by side"
        end

        # What is woven before or after the repeats: ["3 round the near wire", ...].
        def stretches(side)
          told = @layout.stretches(side).reject { |_, times| times.zero? }
          told.map { |walk, times| stretch(walk.gaps, times) }
        end

        # Wraps over the same wires are counted together, any other walk repeat by repeat.
        def stretch(gaps, times)
          groups, wires = Weave::Groups.of(gaps), @woven.base.size
          return Weave::GroupWords.call(Weave::Groups.of(gaps * times), wires) if groups.one? || times == 1

          own = @woven.section.piece.document[:weaves]
          named = Weave::Samples.words({kind: "walk", gaps:}, wires, own)
          "#{Units::Text.count(times, "repeat")} of #{named} (#{Weave::GroupWords.call(groups, wires)})"
        end

        def single_at_end?
          walk, times = @layout.stretches(:after).last
          times >= SECURE && (walk.gaps.max - walk.gaps.min == 1)
        end

        # With which wrap each base wire is first wrapped: { number => wrap }.
        def first_wraps
          strip = @layout.strip(@woven.repeats)
          (0...strip.pass_count).each_with_object({}) do |number, found|
            strip.pass_at(number).wires.each { |wire| found[wire] ||= (number / 2) + 1 }
            break found if found.size == @woven.base.size
          end
        end
      end
    end
  end
end
