# frozen_string_literal: true

module Meander
  module Crafts
    module Braiding
      # All beads of a braid: which of its stitches carry which of them, and how a stitch lies then.
      class Threading
        # The placements (Beading values), in the order of the document.
        attr_reader :beadings

        # layout: Layout.
        # @raise [InvalidInput] where beads cannot lie so
        def initialize(layout)
          @layout = layout
          section = layout.section
          @beadings = section.threaded.map do |placement|
            place = "/beads/#{section.piece.document[:beads].index(placement)}"
            BeadChecks.call(section, placement, place, layout)
            radius_mm = section.form[:radius].mm if section.form[:kind] == "arc"
            Beading.of(placement, section.piece.bead(placement[:bead]), layout, place:, radius_mm:)
          end.freeze
          @own = beadings.map(&:figure).freeze
          @figures = @own.each_with_index.to_h { |figure, i| [[i], figure] }
          @told = {}
        end

        def any? = beadings.any?

        # Does it lie as beads were found to lie by search?
        def found? = beadings.all?(&:found?)

        # What each of so many stitches is: the numbers of the placements that have a bead on it, none where it is
        # plain.
        # @raise [InvalidInput] where two claim one place
        def kinds(stitches)
          @told[stitches] ||= begin
            kinds = Array.new(stitches) { [] }
            beadings.each_with_index do |beading, i|
              beading.stitches(stitches).each { |at| kinds[at] += [i] if free(kinds[at], beading) }
            end
            kinds.freeze
          end
        end

        # The figures of stitches of these kinds.
        def figures(kinds) = kinds.uniq.reject(&:empty?).to_h { |kind| [kind, figure(kind)] }

        # Those of the placements by themselves.
        attr_reader :own

        # How far a stitch advances that carries a bead of each of them.
        def advances = own.map(&:advance_mm)

        private

        # Beads on both edges of a stitch hold each other.
        def figure(kind)
          @figures[kind] ||= begin
            outer = kind.map { |i| own[i].outer_mm }.max
            both = kind.to_h { |i| [beadings[i].on, beadings[i].b] }
            found? ? Braid::BothEdgesFigure.new(@layout.d, both.values.max, outer) :
              Braid::LaidFigure.new(@layout.tubes, outer, both)
          end
        end

        def free(taken, beading)
          other = taken.map { |i| beadings[i] }.find { |one| [one.on, beading.on].uniq.size == 1 || !one.edge? }
          return true unless other

          beading.refuse("first", "these beads and #{other.kind.name} lie on the same stitch", "stitches that are free")
        end
      end
    end
  end
end
