# frozen_string_literal: true

module Meander
  module Crafts
    module Braiding
      # The beads of a placement, before it is known how far it is braided: which stitches carry one, and what a stitch
      # is then. Lengths in mm. One says sizes, the beads it may have, in strands, and made, the stitch that carries
      # one.
      class Beading
        # Where beads were found to lie by search: so many strands, braided flat.
        FOUND = {"middle" => 3, "strand" => 3, "near" => 4, "far" => 4}.freeze

        # fields: a placement of the rule "braided" as read; kind: Beads::Kind; layout: Layout, or what has its strands,
        # scheme, d, thick_mm, pitch_mm, flat? and begun; place: its JSON pointer; radius_mm: of the middle line, where
        # the form asks for a curve, nil where nothing does.
        def self.of(fields, kind, layout, place:, radius_mm:)
          kinds = found?(fields[:on], layout) ? SEARCHED : LAID
          kinds.fetch(fields[:on]).call.new(fields, kind, layout, place:, radius_mm:)
        end

        edges = ->(of) { {"near" => of, "far" => of} }
        SEARCHED = {"middle" => -> { MiddleBeading }, "strand" => -> { StrandBeading },
          **edges[-> { EdgeBeading }]}.freeze
        LAID = {"strand" => -> { LaidStrandBeading }, **edges[-> { LaidBeading }]}.freeze
        private_constant :SEARCHED, :LAID

        # Can beads lie so in a braid?
        def self.lies?(where, layout)
          found?(where, layout) || %w[near far].include?(where) ||
            (where == "strand" && layout.flat? && Braid::RelaxedFigure.fits?(layout.scheme))
        end

        def self.found?(where, layout) = layout.flat? && layout.strands.size == FOUND.fetch(where)

        attr_reader :fields, :kind

        def initialize(fields, kind, layout, place:, radius_mm:)
          @fields = fields
          @kind = kind
          @layout = layout
          @place = place
          @d = layout.d
          @radius = radius_mm
        end

        def on = fields[:on]
        def edge? = %w[near far].include?(on)
        def found? = true
        def b = kind.along_mm

        # The stitch that carries one, see Braid.
        # @raise [InvalidInput] where the bead, its room or the curve cannot be
        def figure
          sized
          made
        end

        # Which of so many stitches carry one, from 0 on.
        def stitches(all)
          open, close = fields[:first], all - fields[:last]
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

        private

        def fault(key, given, message, accepted)
          raise InvalidInput.new([Fault.new(path: "#{@place}/#{key}", code: "bead", message:, given:, accepted:)])
        end

        def say(mm) = Units::Text.length(mm)

        def sized
          return if sizes.cover?(b / @d)

          fault("bead", say(b), "beads of this size do not sit so between these strands",
            "#{Limits.between(sizes.min * @d, sizes.max * @d)} along the wire")
        end

        # In strands: what is said in mm, or the usual.
        def room(least, usual)
          return usual unless fields[:room]

          told = fields[:room].mm / @d
          return told if told >= least - 1e-9

          fault("room", fields[:room].typed, "the strands that cross between two beads need more room",
            "#{Limits.least(least * @d)} or more")
        end
      end
    end
  end
end
