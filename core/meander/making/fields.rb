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
      # the so manieth length of a step; differs: so many were made instead; note; pause and go: the work rests, or goes
      # on; finish: all of it is made; back: it is not; looked: something of the
      # inspection is as it should be, or to be mended.
      EVENT = Variant.new(:kind, {
        "count" => {**at_step, by: Count.new(-MOST_COUNT..MOST_COUNT)},
        "done" => at_step, "open" => at_step,
        "cut" => {**at_step, length: Count.new(0..200), mm: Amount.new(0.1..100_000.0, "mm")},
        "differs" => {**at_step, count: Count.new(0..MOST_COUNT)},
        "note" => {**at_step, text: Text.new(min: 1, max: 2000)},
        "looked" => {**own, item: Text.new(min: 1, max: 80), found: Choice.new(%w[pass mend])},
        "pause" => own, "go" => own, "finish" => own, "back" => own
      })
      EVENTS = Record.new({events: List.new(EVENT, 1..MOST_EVENTS)})
    end
  end
end
