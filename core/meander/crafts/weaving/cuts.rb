# frozen_string_literal: true

module Meander
  module Crafts
    module Weaving
      # The lengths of a woven section as its steps cut them and use them up. Each strand of each copy has its own; what
      # goes on through several sections is known by the name it was cut under.
      class Cuts
        # woven: Weaving::Woven; context: Work::Context.
        def initialize(woven, context)
          @woven = woven
          @context = context
          @account = woven.strip.account
        end

        # lengths: Account::Length values of this section.
        # @return [Array<Step::Cut>]
        def of(lengths) = lengths.reject(&:comes_on?).flat_map { |length| each(length).map { |key| cut(length, *key) } }

        # What repeats of a half use of the lengths they are woven with.
        # @return [Array<Step::Take>]
        def taken(from, to, half)
          on = @account.lengths.select { |one| (one.half || half) == half && one.first <= to && one.last >= from }
          on.flat_map do |length|
            repeats = [to, length.last].min - [from, length.first].max + 1
            mm = length.path_mm * (1 + @woven.layout.calibration.slack) * repeats / (length.last - length.first + 1)
            each(length).map { |strand, copy| Step::Take.new(name(length, strand, copy), mm).freeze }
          end
        end

        # What a length is called: by the section it is cut for, its place there, its strand and its copy.
        def name(length, strand, copy)
          return [@woven.id, @account.lengths.index(length), strand, copy].join("/") unless length.comes_on?

          before = @context.worked(length.on.from)
          whole = before.strip.account.lengths.find { |one| one.on&.next.to_a.include?(@woven.id) }
          self.class.new(before, @context).name(whole, strand, copy)
        end

        private

        def each(length) = length.strands.product([*0...@woven.copies])

        def cut(length, strand, copy)
          kept = copy.zero?
          parts = @account.parts(length, kept:).to_h
          spare = length.whole_mm(kept:) - parts.except("margin", "tails", "waste").values.sum
          words = "the wire to weave #{Lengths.repeats(@woven.strip, length)}#{Lengths.half(@woven.strip, length)}"
          Step::Cut.new(name(length, strand, copy), words, length.whole_mm(kept:), spare, length_tail).freeze
        end

        def length_tail = @woven.section.piece.allowance_mm(:tail)
      end
    end
  end
end
