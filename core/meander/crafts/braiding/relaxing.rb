# frozen_string_literal: true

module Meander
  module Crafts
    module Braiding
      # How much of a braid is not found in tables but laid by its crossings and relaxed, which takes its time: so many
      # steps of single strands, each past one layer of crossings.
      module Relaxing
        Wire = Struct.new(:mm)

        # section: fields of a braided section as read; sizes: of its wires in mm, in the order of its seats;
        # placements: of its beads.
        def self.steps(section, sizes, placements)
          strands = Strand.all(section[:strands], sizes.map { |mm| Wire.new(mm) })
          scheme = Braid::Scheme.said(strands.size, section[:scheme])
          flat = section[:scheme][:kind] == "flat"
          found = placements.all? { |one| flat && Beading::FOUND.fetch(one[:on]) == strands.size }
          apart = Braid::RelaxedFigure.fits?(scheme) ? scheme.period : 1
          rounds = plain(flat, strands, found, apart, placements)
          rounds += placements.sum { |one| (one[:on] == "strand") ? apart : 2 } unless found
          rounds * strands.size * scheme.layers.size
        end

        # How often its rounds without beads are laid.
        def self.plain(flat, strands, found, apart, placements)
          unlike = Layout.unlike?(strands)
          known = flat && Braid::PlainFigure::SHAPES.key?(strands.size)
          return 0 if known && found && (placements.any? || !unlike || apart == 1)

          unlike ? apart : 1
        end
        private_class_method :plain
      end
    end
  end
end
