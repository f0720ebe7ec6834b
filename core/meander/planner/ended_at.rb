# frozen_string_literal: true

module Meander
  module Planner
    # An ending or a fold where it stands in the finished piece: beyond the end of its section, or before its beginning.
    # bent: as Endings::Registry makes it; ending: Document::Ending; section: Crafts::Worked; pose: where that stands.
    EndedAt = Struct.new(:bent, :ending, :section, :pose) do
      def words = bent.words
      def out = (ending.side == "end") ? 1 : -1

      # The wire with a number in the section, see Document::Ending.
      def wire(number) = section.base[number] || ending.wires.first

      # Of a base wire by its number in the section.
      def length_mm(number) = bent.strands.fetch(number).length

      # The way of a wire from its section outwards: [[x, y, z], ...].
      def points(number) = bent.strands.fetch(number).points.map { |point| at(point) }

      # Where that begins and where it ends.
      def ends(number) = bent.strands.fetch(number).points.values_at(0, -1).map { |point| at(point) }

      # Across its section, the middle of what it is bent to; mm.
      def middle = bent.strands.values.flat_map(&:points).map(&:first).minmax.sum / 2

      # How far before the end of its section it leaves: what is left of a weaving wire where its weave ends.
      def inset_mm
        return 0.0 unless ending.worked?

        (ending.side == "start") ? section.woven_from : section.finish_mm - section.woven_to
      end

      # A place of the ending ([across, outwards, height]) in the finished piece.
      def at((x, y, z)) = pose.at(section.beyond(out, [x, out * (y - inset_mm), z || 0.0]))
    end
  end
end
