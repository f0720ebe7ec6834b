# frozen_string_literal: true

module Meander
  module Crochet
    # Rows as text: how often, the letter of the stitch, how many into the same place, or over how many: "12s", "6s2",
    # "3s/2"; - passes a stitch over, p is a picot; (...)3 makes what it holds so often; rows end with ; or a new line,
    # and x4 at the end of a row makes it so often.
    module Notation
      TOKEN = %r{\G[ \t,]*(?:(?<times>\d{0,5})(?<letter>[a-zA-Z-])(?:(?<into>\d{1,3})|/(?<over>\d{1,3}))?|
        (?<open>\()|(?<close>\))[ \t]*(?<often>\d{0,4}))[ \t]*}x
      ROWS = /[ \t]*[xX×][ \t]*(\d{1,4})[ \t]*\z/
      LETTERS = {**Stitches::LETTERS, "p" => "picot", "-" => "skip"}.freeze
      MOST_ITEMS, MOST_ROWS, MOST_TIMES, MOST_SAME = 200, 100, 1000, 500
      ACCEPTED = "stitches as 12s: how often, then c chain, l slip stitch, s single, h half double, d double, " \
                 "t treble, p picot or - to pass one over; s2 two into one, s/2 one over two, (2s s2)6, a row to a " \
                 "line, x4 at its end"

      # @return [Array<Hash>] as a document has them: { stitches: [{ kind:, times:, into:, over: }], times: }
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
          items = row[:stitches].map { |item| word(item) }
          [repeated(items), ("x#{row[:times]}" if row[:times] > 1)].compact.join(" ")
        }.join("; ")
      end

      # What is made again and again stands in brackets.
      def self.repeated(items)
        run = Again.call(items) or return items.join(" ")

        [*run.before, "(#{run.block.join(" ")})#{run.times}", *run.after].join(" ")
      end

      def self.word(item)
        letter = LETTERS.key(item[:kind])
        into, over = item.values_at(:into, :over)
        "#{item[:times] if item[:times] > 1}#{letter}#{into if into > 1}#{"/#{over}" if over > 1}"
      end

      def self.row(line, place)
        often = line[ROWS, 1]
        line = line.sub(ROWS, "") if often
        times = often ? count(often, MOST_TIMES, "#{place}rows") : 1
        {stitches: items(line, place), times:}
      end

      def self.items(line, place)
        levels, at = [[]], 0
        while at < line.size
          match = TOKEN.match(line, at)
          raise Error, "#{place}“#{line[at, 20]}” is no stitch; accepted: #{ACCEPTED}" unless match

          at = match.end(0)
          take(match, levels, place)
        end
        raise Error, "#{place}a bracket is not closed; accepted: #{ACCEPTED}" if levels.size > 1
        raise Error, "#{place}there is no stitch; accepted: #{ACCEPTED}" if levels.first.empty?

        levels.first
      end

      def self.take(match, levels, place)
        if match[:open]
          raise Error, "#{place}brackets are nested too deeply; accepted: up to 8" if levels.size > 8

          levels << []
        elsif match[:close]
          raise Error, "#{place}a bracket is closed that was not opened; accepted: #{ACCEPTED}" if levels.size == 1

          inner = levels.pop
          times = match[:often].empty? ? 1 : count(match[:often], MOST_TIMES, "#{place}times")
          raise Error, "#{place}more than #{MOST_ITEMS} groups; accepted: up to #{MOST_ITEMS}" if
            inner.size * times > MOST_ITEMS

          levels.last.concat(inner * times)
        else
          levels.last << item(match, place)
        end
        return if levels.last.size <= MOST_ITEMS

        raise Error, "#{place}more than #{MOST_ITEMS} groups of stitches; accepted: up to #{MOST_ITEMS} in a row"
      end

      def self.item(match, place)
        kind = LETTERS[match[:letter].downcase] or
          raise Error, "#{place}“#{match[:letter]}” is no stitch; accepted: #{ACCEPTED}"
        times = match[:times].empty? ? 1 : count(match[:times], MOST_TIMES, "#{place}stitches")
        into, over = %i[into over].map { |key| match[key] ? count(match[key], MOST_SAME, place.strip) : 1 }
        if (into > 1 || over > 1) && %w[chain picot skip].include?(kind)
          raise Error, "#{place}“#{match[0].strip}”: only stitches that hold on to the row below share its places; " \
            "accepted: l, s, h, d or t"
        end
        {kind:, times:, into:, over:}
      end

      def self.count(text, most, what)
        number = text.to_i
        return number if number.between?(1, most)

        raise Error, "#{what} #{text}; accepted: 1 to #{most}"
      end
      private_class_method :repeated, :word, :row, :items, :take, :item, :count
    end
  end
end
