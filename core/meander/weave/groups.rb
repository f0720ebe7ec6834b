# frozen_string_literal: true

module Meander
  module Weave
    # A walk as a maker counts it: wraps round a span of base wires, so many times, and single passes between them.
    # Groups are what is added, recounted, moved and taken out; joining them gives the list of gaps again.
    module Groups
      # near, far: first and last base wire of the span, counted from 1; side: where the wraps begin, "near" or "far".
      Wraps = Struct.new(:near, :far, :times, :side, keyword_init: true) do
        def gaps = ((side == "near") ? [near - 1, far] : [far, near - 1]) * times
        def turned = self.class.new(**to_h, side: (side == "near") ? "far" : "near").freeze
        def to_h = {kind: "wraps", near:, far:, times:, side:}

        # From the group as a document tells it.
        def self.of(near:, far:, times:, side:, **)
          new(near: [near, far].min, far: [near, far].max, times:, side:).freeze
        end

        def initialize(kind: "wraps", **fields) = super(**fields)
      end

      # Passes from gap to gap, none of them a wrap.
      Through = Struct.new(:gaps) do
        def turned = nil
        def to_h = {kind: "through", gaps:}
      end

      # The groups of a list of gaps, in order; their gaps together are the list.
      # @example
      #   Groups.of([0, 1, 0, 1, 0, 2]).map(&:gaps) #=> [[0, 1, 0, 1], [0, 2]]
      def self.of(gaps)
        groups = []
        rest = gaps
        until rest.empty?
          count = wraps(rest, groups.last)
          count = 0 if count == 1 && groups.last.is_a?(Array)
          count.zero? ? through(groups, rest.first) : groups << wrapped(rest, count)
          rest = rest.drop(count.zero? ? 1 : 2 * count)
        end
        groups.map { |group| group.is_a?(Array) ? Through.new(group.freeze).freeze : group }
      end

      # How often the first two gaps come again and again. Once only is a wrap too, if the wire then turns back, or came
      # from wraps over the same wires.
      def self.wraps(gaps, before)
        from, to, onward = gaps
        return 0 unless to
        return 0 if onward && (onward > to) == (to > from) && !(before.is_a?(Wraps) && before.gaps.last == to)

        gaps.each_slice(2).take_while { |pair| pair == [from, to] }.size
      end

      def self.through(groups, gap) = groups.last.is_a?(Array) ? groups.last << gap : groups << [gap]

      def self.wrapped(gaps, count)
        from, to = gaps
        near, far = [from, to].minmax
        Wraps.new(near: near + 1, far:, times: count, side: (from < to) ? "near" : "far").freeze
      end
      private_class_method :wraps, :through, :wrapped

      # The gaps of groups made one after another, again and again. Where wraps would begin at the gap the group before
      # leaves, they are begun on their other side; as few of them as will do.
      # @return [Array<Integer>, nil] nil where no way round makes them follow each other
      def self.join(groups)
        ways = [groups.first, groups.first.turned].compact.filter_map { |first| following(first, groups.drop(1)) }
        ways.min_by { |way| way.zip(groups).count { |one, other| one.gaps.first != other.gaps.first } }
          &.flat_map(&:gaps)
      end

      # The groups after a first one, each turned where need be: the way with the fewest turned, by the gap it ends at.
      def self.following(first, rest)
        ways = {first.gaps.last => [0, [first]]}
        rest.each do |group|
          ways = [group, group.turned].compact.each_with_object({}) do |choice, found|
            cost, way = ways.reject { |last, _| last == choice.gaps.first }.values.min_by(&:first)
            found[choice.gaps.last] = [cost + (choice.equal?(group) ? 0 : 1), way + [choice]] if way
          end
        end
        ways.reject { |last, _| last == first.gaps.first }.values.min_by(&:first)&.last
      end
      private_class_method :following

      # Stretches before and after a walk, each turned round where it would begin at the gap the wire comes from.
      def self.meeting(gaps, before, after)
        onward, last = gaps.first, gaps.last
        before = before.reverse
          .map { |one| ((one[:gaps].last == onward) ? turned(one) : one).tap { |met| onward = met[:gaps].first } }
            .reverse
        after = after.map do |one|
          ((one[:gaps].first == last) ? turned(one) : one).tap { |met| last = met[:gaps].last }
        end
        {before:, after:}
      end

      def self.turned(stretch) = {**stretch, gaps: stretch[:gaps].reverse}
      private_class_method :turned
    end
  end
end
