# frozen_string_literal: true

module Meander
  module Making
    # What happens while a piece is made, as it comes from the bench: each with an id of its own, so that what is sent
    # twice counts once, and when it was there (ms since 1970, by the clock of that bench).
    module Fields
      include Document::Shape

      # An id that nobody else makes: letters, figures and dashes.
      class Token
        PATTERN = /\A[0-9A-Za-z-]{8,64}\z/

        def read(value, path, reading)
          return value if value.is_a?(String) && value.match?(PATTERN)

          reading.fault(path, "token", value, message: "#{Fault.printable(value)} is no id of an event",
            accepted: "8 to 64 letters, figures and dashes")
        end

        def schema = {type: "string", pattern: "^[0-9A-Za-z-]{8,64}$"}
      end

      MOST_STEPS, MOST_COUNT, MOST_EVENTS = 2000, 100_000, 500
      own = {id: Token.new, at: Count.new(0..9_999_999_999_999)}
      at_step = {**own, step: Count.new(0..MOST_STEPS)}
      # count: so many more, or fewer; done and open: a step is finished, or not after all; cut: what was really cut of
      # the so manieth length of a step; differs: so many were made instead; joined: so many mm were joined on to a
      # length, after so many; note; pause and go: the work rests, or goes on; finish: all of it is made; back:
      # it is not; undo: another event did not happen; looked: something of the inspection is as it should be, to be
      # mended, or was mended; rated: how well it came out; due: when it is to be finished; offcut: what is left of a
      # wire and kept.
      EVENT = Variant.new(:kind, {
        "count" => {**at_step, by: Count.new(-MOST_COUNT..MOST_COUNT)},
        "done" => at_step, "open" => at_step,
        "cut" => {**at_step, length: Count.new(0..MOST_STEPS), mm: Amount.new(0.1..100_000.0, "mm")},
        "differs" => {**at_step, count: Count.new(0..MOST_COUNT)},
        "joined" => {**at_step, of: Text.new(min: 1, max: 120), after: Count.new(0..MOST_COUNT),
                     mm: Amount.new(0.1..100_000.0, "mm")},
        "note" => {**at_step, text: Text.new(min: 1, max: 2000)},
        "looked" => {**own, item: Text.new(min: 1, max: 80), found: Choice.new(%w[pass mend mended])},
        "rated" => {**own, stars: Count.new(1..5)}, "due" => {**own, on: Day.new},
        "offcut" => {**own, words: Text.new(min: 1, max: 120), mm: Amount.new(0.1..100_000.0, "mm")},
        "undo" => {**own, event: Token.new}, "pause" => own, "go" => own, "finish" => own, "back" => own
      })
      EVENTS = Record.new({events: List.new(EVENT, 1..MOST_EVENTS)})
    end
  end
end
