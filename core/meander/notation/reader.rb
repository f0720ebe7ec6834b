# frozen_string_literal: true

require "strscan"

module Meander
  module Notation
    # Reads the short notation of weaves (docs/notation.md) into a list of gaps:
    #
    #   3 on 1, 2 on 1-2           three wraps round wire 1, two round wires 1 and 2, each begun on the near side
    #   3 round 1                  the same as 3 on 1
    #   2 far 2                    two wraps round wire 2 begun on its far side (a crossing lies before them)
    #   through 0 1 2 3            from gap to gap, pass by pass
    #   (3 on 1, 2 on 1-2) x 4     a group made four times
    #   mirror (3 on 1, 2 on 1-2)  the group for the base wires counted from the far side
    class Reader
      LONGEST_TEXT = 10_000
      MOST_GAPS = 1000
      DEEPEST = 8
      WORDS = %w[on round far through x mirror].freeze

      # @return [Array<Integer>] gaps
      # @raise [InvalidInput] with the place in the text, what stands there and what may
      def self.call(text, base:) = new(text, base).call

      def initialize(text, base)
        refuse(0, "the text is too long", "at most #{LONGEST_TEXT} characters") if text.length > LONGEST_TEXT
        @text = text
        @base = base
        @scan = StringScanner.new(text)
      end

      def call
        gaps = moves(0)
        stray unless @scan.eos?
        refuse(0, "nothing is woven", "moves such as 3 on 1") if gaps.empty?
        check(gaps)
      end

      private

      # Moves up to the end of the text or of the group.
      def moves(depth)
        gaps = []
        loop do
          space
          break if @scan.eos? || @scan.check(/\)/)

          gaps.concat(times(move(depth)))
          refuse(@scan.pos, "too many moves", "at most #{MOST_GAPS} gaps in all") if gaps.size > MOST_GAPS
          space
          @scan.skip(/,/) or break
        end
        space
        gaps
      end

      def move(depth)
        return group(depth) if @scan.check(/\(/)
        return mirror(depth) if word("mirror")
        return through if word("through")

        @scan.check(/\d/) ? wraps : stray
      end

      def group(depth)
        from = @scan.pos
        refuse(from, "groups stand too deep in each other", "at most #{DEEPEST} deep") if depth >= DEEPEST
        @scan.skip(/\(/) or refuse(from, "a group must begin here", "(")
        inner = moves(depth + 1)
        @scan.skip(/\)/) or refuse(@scan.eos? ? from : @scan.pos, "this group is not closed", "a ) for every (")
        refuse(from, "this group is empty", "moves between ( and )") if inner.empty?
        inner
      end

      def mirror(depth)
        space
        group(depth).map { |gap| @base - gap }.tap { @last = nil }
      end

      def through
        found = []
        while (space; @scan.check(/\d/)) # rubocop:disable Style/Semicolon
          found << gap
        end
        refuse(@scan.pos, "no gap is named", "gaps 0 to #{@base}, such as through 0 1 2") if found.empty?
        @last = found.last
        found
      end

      def wraps
        count = number("how many wraps", 1..500)
        space
        at = @scan.pos
        far = word("far")
        far || word("on") || word("round") || stray
        space
        near, last = span
        begun_at(at, far, *(far ? [last, near - 1] : [near - 1, last])) * count
      end

      # Wraps that begin at the gap the last move ended in cannot be made so; begun on the other side they can.
      def begun_at(place, far, first, last)
        @turned ||= [place, far ? "on" : "far"] if first == @last
        @last = last
        [first, last]
      end

      def span
        first = number("a base wire", 1..@base)
        space
        last = @scan.skip(/-/) ? (space; number("a base wire", 1..@base)) : first # rubocop:disable Style/Semicolon
        [first, last].minmax
      end

      # A group or move may be made several times: x 4.
      def times(gaps)
        space
        return gaps unless word("x")

        space
        gaps * number("how many times", 1..500)
      end

      def gap = number("a gap", 0..@base)

      def number(what, range)
        from = @scan.pos
        digits = @scan.scan(/\d{1,6}/)
        return digits.to_i if digits && range.cover?(digits.to_i)

        refuse(from, digits ? "#{digits} is not #{what} here" : "#{what} is missing",
          "#{what}: a whole number from #{range.min} to #{range.max}")
      end

      def space = @scan.skip(/\s+/)
      def word(text) = @scan.skip(/#{text}(?![a-z])/i)

      def check(gaps)
        gaps.each_index do |i|
          next unless gaps[i] == gaps[i - 1]

          place, other = @turned unless i.zero?
          where = i.zero? ? "the way back to the first move" : "moves #{i} and #{i + 1}"
          refuse(place || @text.length, "#{where} would pass gap #{gaps[i]} twice in a row",
            "a move between them, or wraps begun on the #{(other == "on") ? "near" : "far"} side", other)
        end
      end

      def stray
        given = @scan.check(/[[:alpha:]]+|./m).to_s
        near = WORDS.min_by { |known| distance(given.downcase, known) }
        refuse(@scan.pos, given.empty? ? "the text ends too early" : "“#{given[0, 20]}” is not understood here",
          "on, round, far, through, x, mirror, numbers, commas and ( )",
          (near if given.match?(/\A[[:alpha:]]{2,}/) && distance(given.downcase, near) <= 2))
      end

      # Letters to change, add or leave out (Levenshtein).
      def distance(one, other)
        one.each_char.with_index(1).reduce((0..other.length).to_a) do |row, (char, i)|
          other.each_char.with_index(1).with_object([i]) do |(there, j), line|
            line << [row[j] + 1, line[j - 1] + 1, row[j - 1] + ((char == there) ? 0 : 1)].min
          end
        end.last
      end

      def refuse(place, message, accepted, likely = nil)
        given = @text.to_s[place, 20].to_s
        raise InvalidInput.new(
          [Fault.new(path: "/text/#{place}", code: "notation", message: "at character #{place + 1}: #{message}", given:,
            accepted:, likely: [likely].compact)]
        )
      end
    end
  end
end
