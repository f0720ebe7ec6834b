# frozen_string_literal: true

module Meander
  module Braid
    # Does a scheme hold, or does it come undone? Three ways in which it does are looked for: a gap that nothing crosses
    # leaves two parts side by side; a crossing that the next one of its gap takes back is none; and where some strands
    # lie over all others whenever they meet, they lift off as a layer. What none of these finds is taken to hold.
    module Holding
      # What comes undone: place: the number of a crossing (from 0), nil of all of them; words: in a sentence.
      Loose = Struct.new(:place, :words)

      # @return [Loose, nil] nil where it holds
      def self.call(scheme) = parted(scheme) || taken_back(scheme) || layered(scheme)

      def self.parted(scheme)
        gap = (1...scheme.strands).find { |one| scheme.crossings.none? { |crossing| crossing.gap == one } } or return
        Loose.new(nil, "nothing crosses gap #{gap}, so the braid falls into two beside each other")
      end

      # Two crossings of a gap after each other, with none beside them between, the second of which undoes the first:
      # the strand that went right over goes back left, over still. Read round and round.
      def self.taken_back(scheme)
        all = scheme.crossings
        all.each_with_index do |crossing, i|
          step = (1..all.size).find { |n| (all[(i + n) % all.size].gap - crossing.gap).abs < 2 }
          other = all[(i + step) % all.size]
          next if step == all.size || other.gap != crossing.gap || other.over == crossing.over

          return Loose.new((i + step) % all.size,
            "crossing #{((i + step) % all.size) + 1} (#{other}) takes crossing #{i + 1} (#{crossing}) back")
        end
        nil
      end

      # Strands fall into layers where not every one lies over every other by way of those between.
      def self.layered(scheme)
        covers = scheme.covers.keys
        every = [covers, covers.map(&:reverse)].all? { |pairs| reached(0, pairs).size == scheme.strands }
        return if every

        under = (0...scheme.strands).map { |one| reached(one, covers) }.min_by(&:size).sort
        names = Units::Text.list(under.map { |one| one + 1 })
        said = (under.size == 1) ? "strand #{names} lies" : "strands #{names} lie"
        Loose.new(nil, "#{said} under all others wherever they meet, so the rest lifts off")
      end

      # All that are led to from one by pairs [from, to].
      def self.reached(first, pairs)
        seen = [first]
        seen.each { |one| seen.concat(pairs.filter_map { |from, to| to if from == one } - seen) }
      end
      private_class_method :parted, :taken_back, :layered, :reached
    end
  end
end
