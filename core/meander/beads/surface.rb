# frozen_string_literal: true

module Meander
  module Beads
    # Beads in a line across a woven surface from corner to corner, stitched on; the wire goes on unseen at the back.
    class Surface < Rule
      SENTENCE = Sentence.new("across the front from corner to corner", [FILL], {count: 0}, thread: true)

      def words = "#{kind.words} across the front from corner to corner"

      def making
        "stitch #{lying.size} #{kind.words} across the front from corner to corner: up, through a bead, down to the " \
          "back, on to the next"
      end

      def line_mm = Math.hypot(site.strip.woven_mm, wide)
      def most = (line_mm / kind.along_mm).floor
      def over = short(fields[:count])
      def pitch_mm = lying.empty? ? nil : line_mm / lying.size

      def needs
        return unless over.positive? && wanted * kind.along_mm > wide

        "a strip woven #{Units::Text.length(Math.sqrt(((wanted * kind.along_mm)**2) - (wide**2)))} holds #{wanted}"
      end

      def left_mm = line_mm - (lying.size * kind.along_mm)
      def wraps = lying.size

      # Through each bead in front, to the back, on to the next and up again.
      def own_mm = lying.empty? ? 0.0 : line_mm + (2 * lying.size * site.strip.layout.frame.thickness_mm)

      private

      def wide = site.edges(site.from_mm).then { |near, far| far - near }

      def lay
        wanted = fields[:count].zero? ? most : [fields[:count], most].min
        long = site.strip.woven_mm
        Array.new(wanted) do |i|
          ((i + 0.5) / wanted).then do |share|
            lie([site.from_mm + (share * long), (share - 0.5) * wide], [long, wide], face: 1)
          end
        end
      end
    end
  end
end
