# frozen_string_literal: true

module Meander
  module Weave
    # A weave on its own, belonging to no piece: base wires, a weaving wire, a walk and how often it is made.
    class WeaveOptions
      include Units::OptionTexts

      OPTIONS = %w[base wire gaps repeats clear pitch strands slack lean].freeze
      NEEDED = %w[base wire gaps repeats].freeze
      BASE_MM = (0.1..6.0)
      WIRE_MM = (0.05..3.0)
      CLEAR_MM = (0.0..60.0)
      MOST_WIRES = 25
      MOST_GAPS = 2000
      MOST_REPEATS = 100_000

      attr_reader :frame, :repeat, :strip, :repeats, :slack, :pitch_mm, :cover

      # texts: option => text as typed, see OPTIONS.
      # @raise [Error] naming the option, what was given and what is accepted
      def self.read(texts) = new(texts)

      def initialize(texts)
        @texts = texts
        needs(NEEDED)

        @slack = share("slack", 0.04, 0.0..5.0)
        @repeats = whole("repeats", nil, 1..MOST_REPEATS)
        walk = read_walk
        @frame = read_frame(walk)
        table = PassTable.for(frame, [walk])
        @repeat = Repeat.new(frame, walk, lean: share("lean", 0.3, 0.0..2.0), table:, pitch_mm: read_pitch)
        @cover = Cover.new(repeat)
        @strip = Strip.new(frame, table, [[repeat, repeats]])
        freeze
      end

      private

      def base_mm = @base_mm ||= sizes("base", BASE_MM, 1..MOST_WIRES)

      def read_walk
        gaps = list("gaps", 2..MOST_GAPS).map { |text| gap(text) }
        Walk.new(gaps)
      end

      def gap(text)
        number = text.match?(/\A\d{1,3}\z/) ? text.to_i : nil
        return number if number && number <= base_mm.size

        raise Error,
          "--gaps: “#{text[0, 20]}” is not a gap of #{base_mm.size} base wires; accepted: 0 to #{base_mm.size}"
      end

      def read_frame(walk)
        wire_mm = sizes("wire", WIRE_MM, 1..1).first
        strands = whole("strands", 1, 1..2)
        return Frame.tight(base_mm:, wire_mm:, visited: walk.visited, strands:) unless @texts.key?("clear")

        gaps = base_mm.size - 1
        Frame.new(base_mm:, wire_mm:, strands:, clear_mm: gaps.zero? ? [] : sizes("clear", CLEAR_MM, gaps..gaps))
      end

      def read_pitch = @pitch_mm = @texts["pitch"] && sizes("pitch", 0.01..10_000.0, 1..1).first

      def list(option, count)
        parts = @texts[option].split(",", -1).map(&:strip)
        return parts if count.cover?(parts.size)

        raise Error,
          "--#{option}: #{parts.size} given; accepted: " \
          "#{(count.min == count.max) ? count.min : "#{count.min} to #{count.max}"}, separated by commas"
      end

      def sizes(option, range, count)
        list(option, count).map { |text| size_of(option, text, range) }
      end
    end
  end
end
