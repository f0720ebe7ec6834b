# frozen_string_literal: true

module Meander
  module Making
    # What the events of a making come to, one after the other: how far each step is, what was really done, and how long
    # it took. Plain values, so that they can be kept and gone on with. Counts are sums, so that events of two benches
    # come to the same in any order.
    class Account
      # Longer without an event nobody worked.
      IDLE_MS = 300_000

      STEP = {"count" => 0, "done" => false, "differs" => nil, "cuts" => {}, "notes" => [], "joins" => [],
              "worked_ms" => 0}.freeze

      # steps: of each what STEP has; in_hand: the one that was worked last; offcuts: [{ "words", "mm" }, ...]; looked:
      # what was found, by the ids of the inspection; gone: the ids of events that were undone.
      def self.begun(steps)
        {"steps" => steps.map { {} }, "worked_ms" => 0, "last_at" => nil, "in_hand" => 0, "resting" => false,
         "finished_at" => nil, "looked" => {}, "rated" => nil, "due" => nil, "offcuts" => [], "gone" => []}
      end

      # All of what happened, but for what was undone.
      # @param events [Array<Hash>] in the order they came
      def self.of(planned, events)
        gone = events.select { |one| one[:kind] == "undo" }.map { |one| one[:event] }
        new(planned, begun(planned[:steps]).merge("gone" => gone)).tap do |account|
          events.each { |event| account.take(event) }
        end
      end

      # planned: see Planned; state: of before, which is changed.
      def initialize(planned, state)
        @steps = planned[:steps]
        @looked = [*planned[:laid_out], *planned[:inspection]].map { |one| one[:id] }
        @state = self.class.begun([]).merge(state)
        @state["steps"].map! { |step| STEP.transform_values(&:dup).merge(step) }
      end

      attr_reader :state

      # event: see Fields. What is undone must be gone from the start, see Account.of.
      # @raise [InvalidInput] where there is no such step, or nothing is counted in it
      def take(event)
        return if event[:kind] == "undo" || @state["gone"].include?(event[:id])

        worked(event)
        event[:step] ? at_step(at(event), event) : whole(event)
      end

      private

      def at_step(step, event)
        case event[:kind]
        when "count" then step["count"] += event[:by]
        when "done", "open" then step["done"] = event[:kind] == "done"
        when "cut" then step["cuts"][event[:length].to_s] = event[:mm]
        when "differs" then step["differs"] = event[:count]
        when "joined" then step["joins"] << event.slice(:of, :after, :mm).transform_keys(&:to_s)
        else step["notes"] << event[:text]
        end
      end

      def whole(event)
        case event[:kind]
        when "looked" then looked(event)
        when "rated" then @state["rated"] = event[:stars]
        when "due" then @state["due"] = event[:on].empty? ? nil : event[:on]
        when "offcut" then @state["offcuts"] << {"words" => event[:words], "mm" => event[:mm]}
        when "pause", "go" then @state["resting"] = event[:kind] == "pause"
        else @state["finished_at"] = (event[:kind] == "finish") ? event[:at] : nil
        end
      end

      COUNTED = %w[count differs].freeze

      def at(event)
        number = event[:step]
        planned = @steps[number] or
          wrong(event, "there is no step #{number + 1}", "steps 0 to #{@steps.size - 1}")
        if COUNTED.include?(event[:kind]) && planned[:count].nil?
          wrong(event, "nothing is counted in step #{number + 1}", "a step in which something is counted")
        end
        joined(event, planned) if event[:kind] == "joined"
        @state["steps"][number]
      end

      def joined(event, planned)
        lengths = (planned[:takes] || []).map { |take| take[:of] }
        return if lengths.include?(event[:of])

        wrong(event, "step #{event[:step] + 1} uses no such length", lengths.empty? ? "none" : lengths.join(", "))
      end

      def looked(event)
        wrong(event, "this is not looked at here", @looked.join(", ")) unless @looked.include?(event[:item])
        @state["looked"][event[:item]] = event[:found]
      end

      def wrong(event, message, accepted)
        raise InvalidInput.new([Fault.new(path: "/events", code: "step", message:, accepted:,
          given: event[:item] || event[:of] || "step #{event[:step]}")])
      end

      # Time passes from event to event, unless the work rested, the clock jumped or nobody was there. It belongs to the
      # step that is told of at its end, else to the one before.
      def worked(event)
        last, now = @state["last_at"], event[:at]
        gap = last ? now - last : 0
        @state["last_at"] = now
        @state["in_hand"] = event[:step] if event[:step] && @steps[event[:step]]
        return unless gap.between?(0, IDLE_MS) && !@state["resting"]

        @state["worked_ms"] += gap
        @state["steps"][@state["in_hand"]]&.then { |step| step["worked_ms"] += gap }
      end
    end
  end
end
