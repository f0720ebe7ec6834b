# frozen_string_literal: true

module Meander
  module Crafts
    module Weaving
      # How a woven section comes to its form, in its steps: frames, and what is to be, before it is woven, all else
      # after.
      class Shaping
        # woven: Weaving::Woven; context: Work::Context; says: WeaveWords of the section.
        def initialize(woven, context, says)
          @woven = woven
          @context = context
          @says = says
          freeze
        end

        # @return [Array<Step>]
        def before
          bend = Units::Text.sentence("#{@context.prefix(@woven)}bend #{base} to #{form}")
          return [step("shape", "#{bend}, as on the printed template#{over}.")] if @woven.opening

          @woven.shaped_first? ? [step("shape", "#{bend}#{stepped}.")] : []
        end

        # @return [Array<Step>]
        def after
          return [] if @woven.opening || @woven.shaped_first? || @woven.straight?

          [step("bend", "Bend #{@context.part(@woven)} to #{form}#{stepped}.")]
        end

        private

        def step(kind, words)
          Step.of(kind, words, @woven.id, wires: @woven.base.map(&:id).uniq, makes: Step::Made.wires(@woven.base))
        end

        def base = @says.several([*0...@woven.base.size])

        # What it is bent to, and towards which of its wires.
        def form
          form = @woven.section.form
          return "#{@woven.words}, #{FormWords.rising(form)}" if form[:kind] == "helix"

          towards = {"near" => 0, "far" => @woven.base.size - 1}[form[:towards]]
          towards ? "#{@woven.words}, towards #{@says.wire(towards)}" : @woven.words
        end

        # Which wire lies over where the frames of a chain meet.
        def over
          lies = @woven.section.form[:crossing]
          return "" if lies.nil? || @woven.copies == 1

          return "; at every crossing the wire that comes from the #{lies} lies over" if lies != "in_turn"

          "; at the first crossing the wire that comes from the left lies over, at the next that from the right, and " \
            "so on in turn"
        end

        # What lies outside in a bend is drawn in.
        def stepped
          longer = @woven.longer.select { |_, mm| mm.positive? }
          needs = longer.map { |number, mm| "#{Units::Text.length(mm)} of #{@says.wire(number)}" }
          return "" if needs.empty?

          "; on the outside of the bend more wire is taken up, #{Units::Text.list(needs)}: let the ends draw in"
        end
      end
    end
  end
end
