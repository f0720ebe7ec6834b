# frozen_string_literal: true

module Meander
  module Form
    # The opening between the two base wires of a frame: how wide it stands from its beginning to its end. Both ends are
    # closed, the wires lying side by side there. All in mm.
    class Opening
      # Places at which the outline is told.
      STEPS = 240
      # Of the drop x = sin t sin(t/2), y = (1 - cos t)/2: its greatest width, at cos t = -1/3.
      DROP_WIDEST = 4 / (3 * Math.sqrt(3))

      # A share of the way round the outline => [share of the length, share of the width].
      OUTLINES = {
        "drop" => ->(share,
          _) { (Math::PI * share).then { |t| [(1 - Math.cos(t)) / 2, Math.sin(t) * Math.sin(t / 2) / DROP_WIDEST] } },
        "leaf" => ->(share, slender) { leaf(share, slender) },
        "crescent" => ->(share, _) { [share, Math.sin(Math::PI * share)] },
        "waists" => ->(share, _) { [share, Math.sin(Math::PI * share)] }
      }.freeze

      # Two arcs of a circle over one chord; slender: length over width. One that is wider than long is an ellipse.
      def self.leaf(share, slender)
        return (Math::PI * share).then { |t| [(1 - Math.cos(t)) / 2, Math.sin(t)] } if slender <= 1

        radius = ((slender**2) + 1) / 4
        angle = (2 * share - 1) * Math.asin(slender / 2 / radius)
        [0.5 + (radius * Math.sin(angle) / slender), 2 * ((radius * Math.cos(angle)) - radius + 0.5)]
      end

      # nil where a form is no frame.
      def self.of(form) = OUTLINES.key?(form[:kind]) ? new(form) : nil

      attr_reader :length_mm, :width_mm, :places

      def initialize(form)
        @length_mm = form[:length].mm
        @width_mm = form[:width].mm
        outline = OUTLINES.fetch(form[:kind])
        @places = (0..STEPS).map { |i|
          outline.call(i / STEPS.to_f, length_mm / width_mm)
                    .then { |y, c| [y * length_mm, [c, 0.0].max * width_mm] }
        }.freeze
        freeze
      end

      # The stretch [from, to] along it where at least so much is clear, nil where it never is.
      def stretch(least_mm)
        wide = places.each_index.select { |i| places[i][1] >= least_mm }
        return if wide.empty?

        [meeting(wide.first - 1, wide.first, least_mm), meeting(wide.last + 1, wide.last, least_mm)]
      end

      # How wide it stands at a place along it.
      def clear_mm(along)
        i = places.bsearch_index { |place, _| place >= along } || STEPS
        return places[i][1] if i.zero? || along >= length_mm

        (from, narrow), (to, wide) = places[i - 1], places[i]
        narrow + ((wide - narrow) * (along - from) / (to - from))
      end

      # How far each edge leans to the other where it closes, in radians: half a right angle and more where it is round.
      def lean_rad(side)
        (here, clear), (inside, wider) = (side == "end") ? places.last(2).reverse : places.first(2)
        Math.atan2((wider - clear) / 2, (inside - here).abs)
      end

      # Places along it between two, with what is clear there: [[mm from the first, clear mm], ...].
      def between(from, to)
        [[from, clear_mm(from)], *places.select { |along, _| along > from + 1e-6 && along < to - 1e-6 },
          [to, clear_mm(to)]].map { |along, clear| [along - from, clear] }
      end

      # The way of a base wire of a diameter along one edge (side -1 near, 1 far): [[along, across], ...].
      def edge(side, wire_mm) = places.map { |along, clear| [along, side * (clear + wire_mm) / 2] }

      private

      # Where between two places the outline is so wide.
      def meeting(outer, inner, least_mm)
        return places[inner][0] unless outer.between?(0, STEPS)

        (one, narrow), (other, wide) = places[outer], places[inner]
        ((wide - narrow).abs < 1e-12) ? other : one + ((other - one) * (least_mm - narrow) / (wide - narrow))
      end
    end
  end
end
