# frozen_string_literal: true

module Meander
  module Making
    # What the events of a making come to, one after the other: how far each step is, what was really done, and how
    # long it took. Plain values, so that it can be kept and gone on with: { "steps" => [{ "count", "done", "differs",
    # "cuts", "notes" }, ...], "worked_ms", "last_at", "resting", "finished_at", "looked" }. Counts are sums, so that
    # events of two benches come to the same in any order.
    class Account
      # Longer without an event nobody worked.
      IDLE_MS = 300_000

      def self.begun(steps)
        {"steps" => steps.map { {"count" => 0, "done" => false, "differs" => nil, "cuts" => {}, "notes" => []} },
         "worked_ms" => 0, "last_at" => nil, "resting" => false, "finished_at" => nil,
         "looked" => {}}
      end

      # planned: steps: (see Steps) and inspection: (see Inspection); state: of before, which is changed.
      def initialize(planned, state)
        @steps, @inspection = planned.values_at(:steps, :inspection)
        @state = state
      end

      attr_reader :state

      # event: see Fields.
      # @raise [InvalidInput] where there is no such step, or nothing is counted in it
      def take(event)
        worked(event)
        step = event[:step] && at(event)
        case event[:kind]
        when "count" then step["count"] += event[:by]
        when "done", "open" then step["done"] = event[:kind] == "done"
        when "cut" then step["cuts"][event[:length].to_s] = event[:mm]
        when "differs" then step["differs"] = event[:count]
        when "note" then step["notes"] << event[:text]
        when "looked" then looked(event)
        when "pause", "go" then @state["resting"] = event[:kind] == "pause"
        else @state["finished_at"] = (event[:kind] == "finish") ? event[:at] : nil
        end
      end

      # As it is told: every step with how many are made, of how many, and what was different; the step in hand.
      def told
        steps = @steps.each_with_index.map { |step, i| step(step, @state["steps"][i], i) }
        {steps:, hand: steps.index { |one| !one[:done] }, worked_ms: @state["worked_ms"], resting: @state["resting"],
          finished_at: @state["finished_at"], done: steps.count { |one| one[:done] }, of: steps.size,
          differs: steps.filter_map { |one| one[:differs] },
          looked: @inspection.map { |one| {**one, found: @state["looked"][one[:id]]} }}
      end

      private

      def at(event)
        number = event[:step]
        wrong(event, "there is no step #{number + 1}", "steps 0 to #{@steps.size - 1}") unless @steps[number]
        if %w[count differs].include?(event[:kind]) && @steps[number][:count].nil?
          wrong(event, "nothing is counted in step #{number + 1}", "a step in which something is counted")
        end
        @state["steps"][number]
      end

      def looked(event)
        unless @inspection.any? { |one| one[:id] == event[:item] }
          wrong(event, "this is not looked at here", @inspection.map { |one| one[:id] }.join(", "))
        end
        @state["looked"][event[:item]] = event[:found]
      end

      def wrong(event, message, accepted)
        raise InvalidInput.new([Fault.new(path: "/events", code: "step", message:, accepted:,
          given: event[:item] || "step #{event[:step]}")])
      end

      # Time passes from event to event, unless the work rested, the clock jumped or nobody was there.
      def worked(event)
        last, now = @state["last_at"], event[:at]
        gap = last ? now - last : 0
        @state["worked_ms"] += gap if gap.between?(0, IDLE_MS) && !@state["resting"]
        @state["last_at"] = now
      end

      # Of the second of a pair as many as were really made of the first, once that is done.
      def wanted(step)
        first = step[:first] && @state["steps"][step[:first]]
        (first && first["differs"] && step[:count]) ? first["differs"] : step[:count]
      end

      def step(step, own, number)
        wanted = wanted(step)
        {number:, count: own["count"].clamp(0, wanted || 0), wanted:, done: own["done"], cuts: own["cuts"],
          notes: own["notes"], differs: differs(step, own, wanted, number)}
      end

      # What is other than planned, and what that comes to in mm.
      def differs(step, own, wanted, number)
        return unless own["differs"] && own["differs"] != wanted

        {step: number, made: own["differs"], wanted:, longer_mm: (own["differs"] - wanted) * step[:mm].to_f}
      end
    end
  end
end
