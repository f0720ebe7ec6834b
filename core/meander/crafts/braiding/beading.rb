# frozen_string_literal: true

module Meander
  module Crafts
    module Braiding
      # The beads of a braid, before it is known how far it is braided: which stitches carry one, and what a stitch is
      # then. Lengths in mm.
      class Beading
        attr_reader :fields, :kind

        # fields: a placement of the rule "braided" as read; kind: Beads::Kind; place: its JSON pointer; d: of a strand;
        # radius_mm: of the middle line, where the form asks for a curve, nil where nothing does; begun: from which
        # edge, as a braid begun from the far one is laid as the image of one from the near one.
        def initialize(fields, kind, place:, d:, radius_mm:, begun: "near")
          @fields = fields
          @kind = kind
          @place = place
          @d = d
          @radius = radius_mm
          @begun = begun
          freeze
        end

        def on = fields[:on]
        def edge? = %w[near far].include?(on)
        def b = kind.along_mm

        # The stitch that carries one, see Braid.
        # @raise [InvalidInput] where the bead, its room or the curve cannot be
        def figure
          checked(SIZES.fetch(edge? ? "edge" : on))
          case on
          when "middle" then Braid::MiddleFigure.new(@d, b, middle_room)
          when "strand" then Braid::FilledFigure.new(@d, b, loose)
          else Braid::EdgeFigure.new(@d, b, edge_room, inner_mm, (on == @begun) ? 1 : -1)
          end
        end

        # Which of so many stitches carry one, from 0 on. All where a strand is filled.
        def stitches(all)
          open, close = fields[:first], all - fields[:last]
          return (open...close).to_a if on == "strand"

          found, at = [], open
          while at < close && (fields[:count].zero? || found.size < fields[:count])
            found << at
            at += fields[:every][(found.size - 1) % fields[:every].size]
          end
          found
        end

        # What is wrong with a field of this placement.
        # @raise [InvalidInput]
        def refuse(key, message, accepted)
          given = fields[key.to_sym]
          fault(key, given.respond_to?(:typed) ? given.typed : given, message, accepted)
        end

        SIZES = {"middle" => Braid::MiddleFigure::BEADS, "strand" => Braid::FilledFigure::BEADS,
          "edge" => Braid::EdgeFigure::BEADS}.freeze

        # The narrowest radius of the middle line that the inner edge lets it have.
        def least_radius_mm
          outer, apart = Braid::EdgeFigure.outer_mm(@d, b, edge_room), Braid::EdgeFigure.apart_mm(@d, b)
          (outer + least_inner_mm) * apart / (2 * (outer - least_inner_mm))
        end

        private

        def fault(key, given, message, accepted)
          raise InvalidInput.new([Fault.new(path: "#{@place}/#{key}", code: "bead", message:, given:, accepted:)])
        end

        def say(mm) = Units::Text.length(mm)

        def checked(range)
          return if range.cover?(b / @d)

          fault("bead", say(b), "beads of this size do not sit so between these strands",
            "#{Limits.between(range.min * @d, range.max * @d)} along the wire")
        end

        # In strands: what is said in mm, or the usual.
        def room(least, usual)
          return usual unless fields[:room]

          told = fields[:room].mm / @d
          return told if told >= least - 1e-9

          fault("room", fields[:room].typed, "the strands that cross between two beads need more room",
            "#{Limits.least(least * @d)} or more")
        end

        def middle_room = room(Braid::MiddleFigure::LEAST_ROOM, Braid::MiddleFigure::USUAL_ROOM)
        def edge_room = room(1.0, Braid::EdgeFigure::USUAL_ROOM)

        # A filled strand is loosened by the room that is said.
        def loose
          fields[:room] ? 1 + (fields[:room].mm / Braid::FilledFigure.tight_mm(@d, b)) : 1.0
        end

        def least_inner_mm = Braid::PlainFigure::SHAPES.fetch(4).tight * @d

        def inner_mm
          outer = Braid::EdgeFigure.outer_mm(@d, b, edge_room)
          return inner_typed(outer) if fields[:inner]
          return outer unless @radius

          inner = Braid::EdgeFigure.inner_for(@d, b, edge_room, @radius)
          return inner if inner >= least_inner_mm

          fault("on", say(@radius), "the inner edge cannot be drawn down so far",
            "a radius of #{Limits.least(least_radius_mm)} or more")
        end

        def inner_typed(outer)
          typed = fields[:inner]
          return typed.mm if typed.mm.between?(least_inner_mm - 1e-9, outer + 1e-9)

          fault("inner", typed.typed, "the inner edge cannot be drawn down so far, nor be longer than the beads",
            Limits.between(least_inner_mm, outer))
        end
      end
    end
  end
end
