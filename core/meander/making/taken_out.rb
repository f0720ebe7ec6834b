# frozen_string_literal: true

module Meander
  module Making
    # What of a making is read back in from a file: the plan it was made from and all that happened.
    module TakenOut
      include Document::Shape

      MOST_EVENTS = 200_000
      words = ->(max) { Text.new(min: 0, max:) }
      id = Text.new(min: 1, max: 120)
      mm = Amount.new(-10_000_000.0..10_000_000.0, "mm")
      whole = Count.new(0..10_000_000)
      number = Count.new(0..Fields::MOST_STEPS)
      MADE = Record.new({of: Choice.new(%w[wire weave end]), id:, from: whole, to: whole, all: whole,
        along: List.new(mm, 0..10)})
      CUT = Record.new({of: id, words: words[1000], mm:, spare_mm: mm, tail_mm: mm})
      STEP = Record.new({
        number:, kind: id, section: Maybe.new(id), craft: Maybe.new(id), words: words[100_000],
        caution: Maybe.new(words[2000]), minutes: Amount.new(0.0..1_000_000.0, "minutes"),
        makes: List.new(MADE, 0..2000),
        count: Maybe.new(whole), mm: Maybe.new(mm),
        units: List.new(Record.new({name: id, many: id, each: Count.new(1..10_000_000)}), 0..4),
        first: Maybe.new(number), like: Maybe.new(number), model: Maybe.new(id), cuts: List.new(CUT, 0..2000),
        takes: List.new(Record.new({of: id, mm:}), 0..2000)
      })
      pace = Maybe.new(Amount.new(0.1..1000.0, "a minute"))
      PACES = %i[weave braid crochet knot bend lace tie bind].to_h { |craft| [craft, pace] }
      PLANNED = Record.new({
        steps: List.new(STEP, 1..Fields::MOST_STEPS), mirrored: Choice.new([true, false]),
        laid_out: List.new(Record.new({id:, words: words[2000]}), 0..1000),
        inspection: List.new(Record.new({id:, words: words[1000]}), 0..1000),
        worn: Maybe.new(Record.new({section: id, round: Choice.new(%w[wrist finger]), mm:, each: mm})),
        paces: Record.new(PACES, left_out: PACES.transform_values { nil })
      }, left_out: {mirrored: false})
      WHOLE = Record.new({id: Fields::Token.new, piece: Maybe.new(id), name: Text.new(min: 1, max: 120),
        begun_at: Text.new(min: 20, max: 30), last_at: Text.new(min: 20, max: 30), planned: PLANNED,
        events: List.new(Fields::EVENT, 0..MOST_EVENTS)})
      # What is told beside that, and not read.
      LEFT_OUT = %w[piece_now document second steps told photos taken set_aside].freeze

      # @param json [Hash] a making as it was taken out
      # @return [Hash] as WHOLE has it; planned: and events: fit each other
      # @raise [InvalidInput]
      def self.read(json)
        read = Document::Reading.whole(WHOLE, json.except(*LEFT_OUT)) { |value, reading| fitting(value, reading) }
        read.merge(state: Account.of(read[:planned], read[:events]).state)
      end

      # Steps name steps before them, and what is counted has units and a pace.
      def self.fitting(read, reading)
        steps, paces = read[:planned].values_at(:steps, :paces)
        steps.each_with_index do |step, i|
          at = "/planned/steps/#{i}"
          refuse(reading, "#{at}/number", step[:number], i.to_s) unless step[:number] == i
          step.values_at(:first, :like).compact.each do |other|
            refuse(reading, at, other, "a step before it") unless other < i
          end
          counted(step, at, paces, reading)
        end
      end

      def self.counted(step, at, paces, reading)
        refuse(reading, "#{at}/units", step[:units].size, "a unit to count by") if step[:count] && step[:units].empty?
        refuse(reading, "#{at}/takes", step[:takes].size, "none where nothing is counted") if step[:takes].any? &&
          step[:count].nil?
        paced = step[:craft].nil? || paces[step[:craft].to_sym]
        refuse(reading, "#{at}/craft", step[:craft], "a craft with a pace") unless paced
      end

      def self.refuse(reading, path, given, accepted)
        reading.fault(path, "step", given, message: "this is no step of a making", accepted:)
      end
      private_class_method :fitting, :counted, :refuse
    end
  end
end
