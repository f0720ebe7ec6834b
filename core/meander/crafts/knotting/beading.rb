# frozen_string_literal: true

module Meander
  module Crafts
    module Knotting
      # The beads of a knotted section: which knots carry one, and where. Square and half knots are counted in the order
      # of work; a bead on the fillers follows its knot.
      class Beading
        # The placements as read, and the kinds of their beads.
        attr_reader :placements, :kinds

        def initialize(section)
          @section = section
          @placements = section.threaded
          @kinds = placements.map { |one| section.piece.bead(one[:bead]) }.freeze
          @made = placements.each_with_index.map { |one, i|
            Knot::Course::Bead.new(i, one[:on], kinds[i].along_mm, kinds[i].across_mm).freeze
          }
          freeze
        end

        def any? = placements.any?

        # The bead of a knot by its number, from 0; nil where it has none.
        # @raise [InvalidInput] where two claim one knot
        def at(number)
          found = placements.each_index.select { |i| picked?(placements[i], number) }
          clash(number, *found.first(2)) if found.size > 1
          @made[found.first] if found.any?
        end

        private

        def picked?(placement, number)
          past = number - placement[:first]
          return false if past.negative?

          every, round = placement[:every], placement[:every].sum
          rounds, past = past.divmod(round)
          nth = every.each_index.find { |i| every.first(i).sum == past } or return false
          placement[:count].zero? || (rounds * every.size) + nth < placement[:count]
        end

        def clash(number, one, other)
          place = "/beads/#{@section.piece.document[:beads].index(placements[other])}/first"
          raise InvalidInput.new([Fault.new(path: place, code: "bead", given: placements[other][:id],
            message: "knot #{number + 1} carries #{kinds[one].name} already", accepted: "knots that carry none")])
        end
      end
    end
  end
end
