# frozen_string_literal: true

module Meander
  module Knot
    # Rows of knots as text, each row from the left as the work hangs: how often, the letter of the knot, how many cords
    # it takes, and from which side (s4 or s4>: from the left, s4<: from the right; of bars: to the right, to the left;
    # of crowns: clockwise, the other way round); - passes so many cords; w4/6 is a wrap of six turns; ~12 before a row
    # leaves 12 mm bare; x4 at its end makes it so
    # often. Rows end with ; or a new line.
    module Notation
      TOKEN = %r{\G[ \t,]*(?<times>\d{0,4})(?<letter>[a-zA-Z-])(?<cords>\d{0,3})
        (?:/(?<turns>\d{1,3}))?(?<hand>[<>])?[ \t]*}x
      GAP = /\A~[ \t]*(?<mm>\d{1,4}(?:\.\d{1,3})?)(?:[ \t]*mm)?[ \t]*/
      ROWS = /[ \t]*[xX×][ \t]*(\d{1,4})[ \t]*\z/
      HANDS = {"<" => {from: "right", onward: "left"}, ">" => {from: "left", onward: "right"}}.freeze
      MOST_ITEMS, MOST_ROWS, MOST_TIMES, MOST_CORDS, MOST_TURNS = 60, 100, 1000, 60, 60
      MOST_GAP = 500.0
      ACCEPTED = "knots as 2s4>: how often, then s square, h half, b bar, d diagonal, v vertical, o overhand, w " \
                 "wrap, c crown, e exchange or - to pass, how many cords, > or <; ~12 before a row leaves 12 mm " \
                 "bare, x4 at its end makes it four times"

      # @return [Array<Hash>] as a document has them: { knots: [{ kind:, hand:, cords:, times:,
      #   turns: }], gap:, times: }
      # @raise [Error] naming the row and what cannot be read
      def self.read(text)
        lines = text.split(/[;\n]/).map(&:strip).reject(&:empty?)
        raise Error, "there is no row; accepted: #{ACCEPTED}" if lines.empty?
        raise Error, "#{lines.size} rows; accepted: up to #{MOST_ROWS}" if lines.size > MOST_ROWS

        lines.each_with_index.map { |line, i| row(line, "row #{i + 1}: ") }
      end

      # rows: as a document has them.
      def self.write(rows)
        rows.map { |row|
          gap = ("~#{Units::Text.number(row[:gap].mm, 3)}" if row[:gap].mm.positive?)
          [gap, *row[:knots].map { |one| word(one) }, ("x#{row[:times]}" if row[:times] > 1)].compact.join(" ")
        }.join("; ")
      end

      def self.word(one)
        return "-#{one[:cords]}" if one[:kind] == "pass"

        kind = Kinds.fetch(one[:kind])
        sign = kind.hands && HANDS.key(HANDS.values.find { |hand| hand[side(kind)] == one[:hand] })
        turns = "/#{one[:turns]}" if one[:kind] == "wrap"
        "#{one[:times] if one[:times] > 1}#{kind.letter}#{one[:cords]}#{turns}#{sign}"
      end

      def self.side(kind) = kind.hands.equal?(Kinds::FROM) ? :from : :onward

      def self.row(line, place)
        often = line[ROWS, 1]
        line = line.sub(ROWS, "") if often
        gap = GAP.match(line)
        line = line.sub(GAP, "") if gap
        {knots: knots(line, place), gap: gap(gap, place),
          times: often ? count(often, 1..MOST_TIMES, "#{place}rows") : 1}
      end

      def self.gap(match, place)
        mm = match ? match[:mm].to_f : 0.0
        return Units::Size.of(mm) if mm <= MOST_GAP

        raise Error, "#{place}#{match[:mm]} mm bare; accepted: up to #{Units::Text.number(MOST_GAP, 0)} mm"
      end

      def self.knots(line, place)
        found, at = [], 0
        while at < line.size
          match = TOKEN.match(line, at) or
            raise Error, "#{place}“#{line[at, 20]}” is no knot; accepted: #{ACCEPTED}"
          at = match.end(0)
          found << knot(match, place)
        end
        raise Error, "#{place}there is no knot; accepted: #{ACCEPTED}" if found.empty?
        raise Error, "#{place}#{found.size} knots; accepted: up to #{MOST_ITEMS}" if
          found.size > MOST_ITEMS

        found
      end

      def self.knot(match, place)
        times = match[:times].empty? ? 1 : count(match[:times], 1..MOST_TIMES, "#{place}knots")
        if match[:letter] == "-"
          cords = match[:cords].empty? ? 1 : count(match[:cords], 1..MOST_CORDS, "#{place}cords")
          return {kind: "pass", hand: "left", cords:, times: 1, turns: 1}
        end
        kind = Kinds::ALL.values.find { |one| one.letter == match[:letter].downcase } or
          raise Error, "#{place}“#{match[:letter]}” is no knot; accepted: #{ACCEPTED}"
        cords = match[:cords].empty? ? kind.usual : count(match[:cords], kind.cords, "#{place}cords of a #{kind.name}")
        {kind: kind.key, hand: hand(match, kind, place), cords:, times:, turns: turns(match, kind, place)}
      end

      def self.hand(match, kind, place)
        return HANDS.fetch(match[:hand] || ">")[side(kind)] if kind.hands
        return "left" unless match[:hand]

        raise Error, "#{place}“#{match[0].strip}”: #{Units::Text.a(kind.name)} has no side; accepted: no < or >"
      end

      def self.turns(match, kind, place)
        return match[:turns] ? count(match[:turns], 1..MOST_TURNS, "#{place}turns") : 4 if kind.key == "wrap"
        return 1 unless match[:turns]

        raise Error, "#{place}“#{match[0].strip}”: only a wrap has turns; accepted: w4/6"
      end

      def self.count(text, range, what)
        number = text.to_i
        return number if range.cover?(number)

        raise Error, "#{what} #{text}; accepted: #{range.min} to #{range.max}"
      end
      private_class_method :word, :side, :row, :gap, :knots, :knot, :hand, :turns, :count
    end
  end
end
