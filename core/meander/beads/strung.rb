# frozen_string_literal: true

module Meander
  module Beads
    # Beads strung on a bent wire itself.
    class Strung < Rule
      SENTENCE =
        Sentence.new("strung on the bent wire",
          [Sentence.size("from", "Where the beads begin", "from", "on,"),
            Sentence.size("apart", "Room between beads", "", "apart,", 0.5), FILL],
          {from: Sentence.mm(2), apart: Sentence.mm(0), count: 1}, thread: false)

      def words = "#{kind.words} strung on the wire"
      def room_mm = site.length_mm - fields[:from].mm
      def pitch_mm = kind.along_mm + fields[:apart].mm
      def most = [((room_mm + fields[:apart].mm) / pitch_mm + 1e-9).floor, 0].max
      def over = short(fields[:count])

      # Where they are slid to, as the wire is bent. mark: what is marked where it begins, nil where nothing is.
      def slid(mark)
        return if count.zero?

        apart = ", #{Units::Text.length(fields[:apart].mm)} of wire between one and the next" if count > 1
        past = mark ? "the mark “#{mark}”" : "its beginning"
        "slide the first #{Units::Text.length(fields[:from].mm)} past #{past}#{apart}"
      end

      def needs
        over.positive? ?
          "#{wanted} need a wire " \
          "#{Units::Text.length(fields[:from].mm + (wanted * pitch_mm) - fields[:apart].mm)} long" : nil
      end

      def left_mm = room_mm - (count * pitch_mm) + (count.zero? ? 0.0 : fields[:apart].mm)

      private

      def lay
        wanted = fields[:count].zero? ? most : [fields[:count], most].min
        Array.new(wanted) do |i|
          place, dir = site.at(fields[:from].mm + (i * pitch_mm) + (kind.along_mm / 2))
          lie(place.first(2), dir)
        end
      end
    end
  end
end
