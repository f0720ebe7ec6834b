# frozen_string_literal: true

module Meander
  module Braid
    # How strands cross, round after round: crossings in the order they are made, each in a gap between two neighbours
    # (gap 1 between the first two strands from the near side) and which of the two lies over: the one that goes right,
    # to the far side, or the one that goes left. Immutable.
    class Scheme
      Crossing = Struct.new(:gap, :over) do
        def right? = over == "right"
        # "1r": in gap 1 the strand that goes right lies over.
        def to_s = "#{gap}#{over[0]}"
      end

      attr_reader :strands, :crossings

      # The flat braid: every strand goes over and under its neighbours in turn. First the odd gaps, the strand that
      # goes right over, then the even ones, the strand that goes left over: of three strands 1r 2l, of four 1r 3r 2l.
      # Begun from its far edge it is the mirror image of that: 2l 1r, and 3l 1l 2r.
      def self.flat(strands, begun = "near")
        gaps = (1...strands).partition(&:odd?).flatten
        near = new(strands, gaps.map { |gap| Crossing.new(gap, gap.odd? ? "right" : "left") })
        (begun == "far") ? near.mirrored : near
      end

      # As a section says it.
      def self.said(strands, scheme)
        (scheme[:kind] == "flat") ? flat(strands, scheme[:begun]) : of(strands, scheme[:crossings])
      end

      # crossings: as a document has them, { gap:, over: }.
      def self.of(strands, crossings)
        new(strands, crossings.map { |one| Crossing.new(one[:gap], one[:over]) })
      end

      # Near for far.
      def mirrored
        Scheme.of(strands, crossings.map { |one| {gap: strands - one.gap, over: one.right? ? "left" : "right"} })
      end

      # crossings: Crossing values.
      def initialize(strands, crossings)
        @strands = strands
        @crossings = crossings.map(&:freeze).freeze
        @order = crossed.freeze
        freeze
      end

      # The places the strands begin a round at, in the order they end it.
      attr_reader :order

      # The same after so many rounds.
      def after(rounds)
        (rounds % period).times.reduce([*0...strands]) { |now, _| order.map { |place| now[place] } }
      end

      # After so many rounds every strand is back where it began.
      def period
        places, rounds = order, 1
        until places == [*0...strands]
          places = order.map { |place| places[place] }
          rounds += 1
        end
        rounds
      end

      def to_s = crossings.join(" ")

      # Crossings that can be made at once, one after another: [[Crossing, ...], ...].
      def layers
        free_from = Array.new(strands + 1, 0)
        crossings.each_with_object([]) do |crossing, all|
          at = free_from[crossing.gap - 1, 2].max
          free_from[crossing.gap - 1, 2] = [at + 1, at + 1]
          (all[at] ||= []) << crossing
        end
      end

      # Where in a round a strand rests longest at a place, between the crossing that brings it there and the one that
      # takes it away: [the place it begins the round at, layers made by then].
      def rest(place)
        touched = layers.each_index.select { |i| layers[i].any? { |one| [place, place + 1].include?(one.gap) } }
        from, to = [*touched, touched.first + layers.size].each_cons(2).max_by { |one, other| other - one }
        middle = (from + 1 + to) / 2.0 % layers.size
        lying = layers.first(middle.floor).flatten.each_with_object([*0...strands]) { |one, now| swap(now, one) }
        [lying[place], middle]
      end

      # Who lies over whom in all rounds until every strand is back: { [strand, strand] => true }, strands by the place
      # they begin at.
      def covers
        lying = [*0...strands]
        period.times.each_with_object({}) do |_, found|
          crossings.each do |crossing|
            left, right = lying[crossing.gap - 1, 2]
            found[crossing.right? ? [left, right] : [right, left]] = true
            swap(lying, crossing)
          end
        end
      end

      private

      def crossed = crossings.each_with_object([*0...strands]) { |crossing, lying| swap(lying, crossing) }
      def swap(lying, crossing) = lying[crossing.gap - 1, 2] = lying[crossing.gap - 1, 2].reverse
    end
  end
end
