# frozen_string_literal: true

module Meander
  module Planner
    # How the base wires of a piece end and where they are folded, before it is known where that is.
    class Ends
      # laid: the sections as their crafts lay them, in the order of the document; extents: { section id => [repeats,
      # bare_mm] }, empty before they are known.
      def initialize(piece, laid, extents = {})
        @piece = piece
        @extents = extents
        @laid = laid.to_h { |one| [one.id, one] }
        @bent = piece.endings.to_h { |ending| [ending.id, bent(ending)] }.freeze
        freeze
      end

      # An ending or a fold (Document::Ending) as it is bent, see Endings::Registry.
      def bent_of(ending) = @bent.fetch(ending.id)
      # The one at a side of a piece that has one there.
      def at(side) = bent_of(@piece.endings.find { |ending| ending.side == side })

      # Those of base wires: what is left of a weaving wire holds nothing together.
      def of_base = @piece.endings.reject(&:worked?).map { |ending| bent_of(ending) }

      # What they, and all that hangs on them, add to the wearing length, in mm.
      def reach_mm
        worked = @piece.endings.select(&:worked?).map(&:id)
        hung = @piece.findings.reject { |one| worked.include?(one.fields[:on].first) }
        of_base.sum(&:reach_mm) + hung.sum(&:reach_mm)
      end

      # One that is led through a loop, once it is known where that stands: an Endings::Hole.
      def led(ending, hole) = bent(ending, {hole:})

      private

      def bent(ending, seen = {})
        laid = @laid.fetch(ending.section)
        return laid.left_over(ending.side) if ending.worked?

        lean = laid.respond_to?(:lean_rad) ? laid.lean_rad(ending.side) : 0.0
        lies = {lean:, mounted: mounted?(laid, ending)}
        Endings::Registry.build({**ending.fields, **lies, **seen}, numbers: ending.numbers,
          wires: laid.section.base, centres: laid.across(ending.side, @extents[laid.id]&.first),
          weaving_mm: laid.worked_round_mm, lap: lap(laid))
      end

      # Looped over the bar that its section hangs from.
      def mounted?(laid, ending) = ending.side == "start" && !laid.section[:mount].nil?

      def lap(laid)
        Wearing.new(@piece, thickness_mm: laid.thickness_mm, width_mm: laid.width_mm).then do |wearing|
          {lift_mm: wearing.lift_mm, slide_mm: wearing.slide_mm}
        end
      end
    end
  end
end
