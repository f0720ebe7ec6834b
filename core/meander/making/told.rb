# frozen_string_literal: true

module Meander
  module Making
    # A making as it is told: every step with how many are made, of how many, and what was different; the step in hand;
    # whether what was cut still reaches, and whom it fits.
    class Told
      # @param planned [Hash] see Planned
      # @param state [Hash] see Account
      def self.call(planned, state) = new(planned, state).call

      def initialize(planned, state)
        @steps, @laid_out, @inspection, @worn = planned.values_at(:steps, :laid_out, :inspection, :worn)
        @state = state
      end

      def call
        steps = @steps.each_index.map { |i| step(i) }
        {steps:, hand: steps.index { |one| !one[:done] }, worked_ms: @state["worked_ms"], resting: @state["resting"],
          finished_at: @state["finished_at"], done: steps.count { |one| one[:done] }, of: steps.size,
          differs: steps.filter_map { |one| one[:differs] },
          lengths: Reach.call(@steps, @state["steps"], @steps.each_index.map { |i| made(i) }),
          fits: Worn.words(@worn, longer_mm(steps)), rated: @state["rated"], due: @state["due"],
          offcuts: @state["offcuts"], laid_out: found(@laid_out), looked: found(@inspection)}
      end

      private

      def found(items) = items.map { |one| {**one, found: @state["looked"][one[:id]]} }

      # The step that a step should be like: of the second of a pair the first's, of the second half the first half's.
      def model(number) = @steps[number].values_at(:first, :like).compact.first

      # As many as there are of what it should be like, which may itself be like another one.
      def wanted(number)
        planned, model = @steps[number][:count], model(number)
        (planned && model && made(model)) || planned
      end

      # What a step comes to, as far as is known.
      def made(number) = @state["steps"][number]["differs"] || wanted(number)

      def step(number)
        own, wanted = @state["steps"][number], wanted(number)
        {number:, count: own["count"].clamp(0, [wanted, own["differs"]].compact.max || 0), wanted:,
          **own.slice("done", "cuts", "notes", "joins", "worked_ms").transform_keys(&:to_sym),
          differs: differs(number)&.then { |one|
            {step: number, made: own["differs"], wanted:, longer_mm: one.longer_mm, words: one.words}
          }, before: before(number)}
      end

      # What is other than planned.
      def differs(number)
        made, wanted = @state["steps"][number]["differs"], wanted(number)
        return unless made && made != wanted

        Difference.new(@steps[number], made, wanted, as_first: !model(number).nil?,
          other: @steps.any? { |one| one[:first] == number || one[:like] == number })
      end

      # What was really done at the step this one should be like.
      def before(number)
        first = model(number) or return []
        Before.call(@steps[first], @state["steps"][first], differs(first))
      end

      # Of the section that decides whom it fits: against what was planned, whatever it should be like.
      def longer_mm(steps)
        return 0.0 unless @worn

        steps.each_index.sum do |i|
          planned = @steps[i]
          counts = planned[:section] == @worn[:section] && planned[:count] && planned[:mm]
          counts ? (made(i) - planned[:count]) * planned[:mm] : 0.0
        end
      end
    end
  end
end
