# frozen_string_literal: true

module Meander
  module Crafts
    module Crocheting
      # A flat motif whose first round is worked round a whole ring of wire, outwards or inwards; its rounds lie about
      # the middle of that. mm.
      class RoundRing
        # first_row: Crochet::FirstRow; ring: Crochet::Rounds::Ring, nil where what it is worked round is none.
        attr_reader :first_row, :ring

        # layout: Layout; bar: Form::Bar.
        # @raise [InvalidInput] where it cannot be worked round its wire
        def initialize(layout, bar)
          @layout = layout
          @bar = bar
          @at = layout.section[:at]
          @first_row = Crochet::FirstRow.new(layout.gauge, bar.thick_mm)
          @ring = Crochet::Rounds::Ring.new(bar.ring_mm, rise_mm, bar.inwards?).freeze if bar.ring_mm
          fits
          freeze
        end

        # Nothing of it stands along the wire from a middle to both sides.
        def bar = nil

        def rise_mm = first_row.rise_mm

        # There is always room outwards; rounds as they were typed may go on as a tube.
        def most_rows
          Crochet::Rounds.most_within(@layout.shape, @layout.gauge, ring) if @layout.kind == "disc" && @bar.inwards?
        end

        # How far from the middle its wire begins, at the wire of the ring.
        def begins_mm = ring.at(first_row.touching_mm)

        # It takes all of the ring.
        def on_rim_mm = [0.0, 2 * Math::PI * @bar.ring_mm]

        # Where it stands by the pose of the ring, so long from edge to edge.
        def pose(wire, length_mm)
          middle = @bar.inwards? ? @bar.ring_mm : -@bar.ring_mm
          @bar.pose(wire).on([0.0, middle - (length_mm / 2), 0.0], 0.0)
        end

        private

        def fits
          unless @bar.ring_mm
            refuse("section", @at[:section], "rounds go about a whole ring",
              "a wire bent all round: an arc of 360°")
          end
          refuse("along", @at[:along].typed, "rounds go all round the ring", "null") if @at[:along]
          room
          by_rounds if @bar.inwards?
          return unless most_rows&.zero?

          refuse("side", @at[:side], "not one round has room within the ring", Mirrored::OTHER[@at[:side]])
        end

        # Inwards it is as long as the ring is wide, however many rounds it has.
        def by_rounds
          extent = @layout.section[:extent]
          return unless extent[:kind] == "length"

          raise InvalidInput.new([Fault.new(path: "#{@layout.section.place}/extent", code: "rim",
            message: "within a ring it is as long as the ring is wide, however many rounds it has",
            given: extent[:length].typed, accepted: "a number of rounds")])
        end

        # Stitches of its first round.
        def first
          typed = Crochet::Shapes.rows(@layout.shape).first.stitches if @layout.kind == "rows"
          typed || Crochet::Rounds.count(@layout.shape, @layout.gauge, 1, ring)
        end

        # Both strands of every foot lie beside each other within the ring; so do the heads of what is worked inwards.
        def room
          within = 2 * Math::PI * (@bar.ring_mm - ((@bar.thick_mm + @layout.gauge.bundle_mm) / 2))
          each = [2 * @layout.gauge.bundle_mm, (@layout.gauge.stitch_mm if @bar.inwards?)].compact.max
          most = [(within / each).floor, 0].max
          return if first <= most

          refuse("section", "#{first} stitches", "so many stitches have no room within the ring",
            "up to #{most}, or a wider ring")
        end

        def refuse(...) = Rim.refuse(@layout.section, ...)
      end
    end
  end
end
