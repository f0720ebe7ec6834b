# frozen_string_literal: true

module Meander
  module Crafts
    module Weaving
      # Practising: a maker says where the wire goes next, and is told whether that is the next move, and why.
      class JudgeMove
        # right: whether it is; words: the move that comes next; why: what is counted so far, and what the other move
        # would have been.
        Judgement = Struct.new(:right, :words, :why, keyword_init: true)

        # strip: a Strip; made: how many passes are made; said: the gap the maker leads the wire to; turned: whether the
        # work is turned over.
        # @raise [InvalidInput] where there is no such move or gap
        def self.call(strip, made:, said:, turned: false) = new(strip, made, said, turned).call

        def initialize(strip, made, said, turned)
          @layout = strip.layout
          @wires = @layout.frame.count
          total = @layout.passes(strip.repeats)
          unless made.is_a?(Integer) && made.between?(0, total - 1)
            refuse("made", made, "a whole number from 0 to #{total - 1}")
          end
          refuse("said", said, "a gap from 0 to #{@wires}") unless said.is_a?(Integer) && said.between?(0, @wires)

          half, @number = @layout.half_of(made, strip.repeats)
          @strip = @layout.halves(strip.repeats)[half]
          @pass = @strip.pass_at(@number)
          @said = said
          @turned = turned
        end

        def call
          right = @said == @pass.to
          Judgement.new(right:, words: words(@pass.to), why: right ? counted : "#{other}; #{due}").freeze
        end

        private

        def refuse(key, given, accepted)
          raise InvalidInput.new(
            [Fault.new(path: "/#{key}", code: "range", message: "#{key} is not in this weave", given:, accepted:)]
          )
        end

        def words(to) = Weave::MoveWords.call(from: @pass.from, to:, face: @pass.face, wires: @wires, turned: @turned)

        # What the move said would have been.
        def other
          return "the wire is there already, and a pass must lead to another gap" if @said == @pass.from

          "that would go #{words(@said)}"
        end

        # Why the next move is the next: wraps that are not all made yet, or that are.
        def due
          return "this wrap is half made; the wire comes back round #{span}" if place.odd?
          return "#{made_of(place / 2)}, so the wire goes round again" if place.positive?
          return "it begins here" if @number.zero?

          before = run(@number - 1)
          all = (before.size + 1) / 2
          made = (before.size > 1) ? "#{Units::Text.count(all, "wrap is",
            "wraps are")} made there" : "that pass is made"
          "#{made}; now it goes round #{span}"
        end

        # Of how many wraps the move is which.
        def counted
          all = (around.size + 1) / 2
          (around.size == 1) ? "a single pass" : "wrap #{(place / 2) + 1} of #{all} round #{span}"
        end

        def made_of(done)
          "#{done} of #{Units::Text.count((around.size + 1) / 2, "wrap", "wraps")} round #{span} " \
          "#{(done == 1) ? "is" : "are"} made"
        end

        def span = Weave::MoveWords.round(@pass.wires.first + 1, @pass.wires.last + 1)

        # The passes to and fro between the same two gaps that the move belongs to, and which of them it is.
        def around = @around ||= run(@number)
        def place = @number - around.first

        def run(number)
          ends = gaps(number)
          first = number.downto(0).take_while { |i| gaps(i) == ends }.last
          last = (number...@strip.pass_count).take_while { |i| gaps(i) == ends }.last
          first..last
        end

        def gaps(number) = @strip.pass_at(number).then { |pass| [pass.from, pass.to].minmax }
      end
    end
  end
end
