# frozen_string_literal: true

module Meander
  module Braid
    # Some rounds of any scheme of crossings as round tubes that were laid down by the crossings and then relaxed: every
    # strand draws in as far as the others, and the beads on them, let it. The rounds go on without end, each strand
    # where another one began them. Lengths in strand diameters, the mean one where strands differ. Bounded: so many
    # points, so many rounds of relaxing. Searches are local, so its lengths are assumed until a swatch says what a
    # strand really takes.
    class RelaxedFigure
      # A strand has so many points for each layer of crossings.
      POINTS = 6
      # The advance of a layer of crossings, in diameters: as the flat braids of 3 to 7 strands, carried on.
      USUAL = ->(strands) { 1.75 + (0.25 * (strands - 3)) }
      TIGHT = ->(strands) { 1.25 + (0.17 * (strands - 3)) }
      # How far apart strands are laid to begin with, and how far over each other.
      LAID = [1.15, 0.55].freeze

      # Braided by hand strands go further out of their way than drawn tight: by so much more than the flat braids of 3
      # to 7 strands take beyond their length (the ratio of PlainFigure's to this), of 8 and 9 carried on; assumed.
      FORMED = {3 => 1.14, 4 => 1.36, 5 => 1.51, 6 => 1.87, 7 => 2.2, 8 => 2.5, 9 => 2.8}.freeze

      # How much more than this relaxed path a strand takes, of a braid where that takes `ratio` mm a mm.
      def self.formed(strands, ratio) = (1 + (FORMED.fetch(strands) * (ratio - 1))) / ratio

      # Strands unlike each other are relaxed until all are back where they began, by so many points at most.
      MOST_POINTS = 450

      KEPT = Kept.new(64)

      # Are they few enough to be told apart?
      def self.fits?(scheme) = scheme.strands * POINTS * scheme.layers.size * scheme.period <= MOST_POINTS

      # A bead in every round: on the strand that begins the round at a place, so many points on, so large.
      Bead = Struct.new(:place, :point, :size)

      # lines: by the place each strand begins at, [[x, y, z], ...] from y = 0 to the end of the rounds; rounds: how
      # many are told; steps: points of a strand in one of them.
      attr_reader :lines, :rounds, :steps

      # The same scheme at the same advance is relaxed once, and of two that are mirror images one: so that both take
      # the same.
      def self.of(scheme, advance, thick: nil, beads: [])
        image = scheme.mirrored
        return kept(scheme, advance, thick, beads) if scheme.to_s <= image.to_s

        facing = beads.map { |bead| Bead.new(scheme.strands - 1 - bead.place, bead.point, bead.size) }
        kept(image, advance, thick&.reverse, facing).mirrored
      end

      def self.kept(scheme, advance, thick, beads)
        KEPT.fetch([scheme.strands, scheme.to_s, advance.round(4), thick, beads]) do
          new(scheme, advance, thick:, beads:)
        end
      end
      private_class_method :kept

      # advance: of a round; thick: of each strand by the place it begins at, nil where all are alike; beads: Bead
      # values.
      def initialize(scheme, advance, thick: nil, beads: [])
        @scheme = scheme
        @each = advance
        @rounds = (thick && self.class.fits?(scheme)) ? scheme.period : 1
        @layers = scheme.layers * rounds
        @steps = POINTS * scheme.layers.size
        @order = scheme.after(rounds)
        @lines = relaxed(thick, beads)
        freeze
      end

      # The way of a strand through one round, from y = 0 to its end. strand: the place it begins at; place: that at
      # which it begins this round.
      def line(strand, place, round)
        return lines[place] if rounds == 1

        from = (round % rounds) * steps
        lines[strand][from..(from + steps)].map { |x, y, z| [x, y - ((round % rounds) * @each), z] }
      end

      # The same near for far.
      def mirrored = dup.tap(&:face_about).freeze

      # How far its strands reach across it: [x, x].
      def reach = lines.flatten(1).map(&:first).minmax

      # The nearest two strands come to each other, and a strand to a bead, as shares of what they must keep.
      def clearance = @tubes.clearance
      def bead_clearance = @tubes.bead_clearance

      protected

      def face_about = @lines = lines.reverse.map { |line| line.map { |x, y, z| [-x, y, z] }.freeze }.freeze

      private

      def strands = @scheme.strands
      def advance = @each * rounds

      def relaxed(thick, beads)
        @tubes = tubes = Tubes.new(laid.flatten(1), strands, @order, advance)
        tubes.thick(thick) if rounds > 1
        rounds.times do |round|
          lying = @scheme.after(round)
          beads.each do |bead|
            tubes.bead((lying[bead.place] * steps * rounds) + (round * steps) + bead.point, bead.size)
          end
        end
        tubes.relax
        Array.new(strands) { |place| tubes.line(place).freeze }.freeze
      end

      # Layer by layer each strand goes straight to its next place, over or under.
      def laid
        wide, high = LAID
        lying = [*0...strands]
        lines = Array.new(strands) { [] }
        @layers.each_with_index do |layer, at|
          goes = Array.new(strands) { |place| [place, 0] }
          layer.each do |crossing|
            left = crossing.gap - 1
            goes[left] = [left + 1, crossing.right? ? 1 : -1]
            goes[left + 1] = [left, crossing.right? ? -1 : 1]
          end
          lying.each_with_index do |strand, place|
            to, over = goes[place]
            POINTS.times do |step|
              share = step / POINTS.to_f
              x = place + ((to - place) * (1 - Math.cos(Math::PI * share)) / 2)
              lines[strand] << [(x - ((strands - 1) / 2.0)) * wide, advance * (at + share) / @layers.size,
                over * high * Math.sin(Math::PI * share)]
            end
          end
          lying = lying.each_with_index.sort_by { |_, place| goes[place][0] }.map(&:first)
        end
        lines
      end
    end
  end
end
