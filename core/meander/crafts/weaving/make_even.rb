# frozen_string_literal: true

module Meander
  module Crafts
    module Weaving
      # Fills a length evenly: how many coils between the motifs of a weave, and how many repeats, so that the strip
      # begins and ends with the same coils on one wire, every space between is equal, and both halves are alike.
      #
      # A motif that reads the same from both ends is woven from one end: coils, motif, coils, ..., motif, coils. Any
      # other is woven from the middle outwards, half of the coils first.
      class MakeEven
        # between: coils between the motifs; repeats: motifs in all; woven_mm; left_mm: what the length has over it and
        # the bare ends asked for, less than nothing where the ends get shorter; bare_mm: what each bare end becomes;
        # from: end or middle; pattern: for the section.
        Filling = Struct.new(:between, :repeats, :woven_mm, :left_mm, :bare_mm, :from, :pattern, keyword_init: true)
        MOST_BETWEEN = 40
        # So many are laid out in any case.
        FEW = 6
        # Differences finer than this vanish in the bare ends.
        FINE_MM = 0.5
        # So many are offered.
        BEST = 6

        # strip_mm: the length to fill, with its bare ends and reach_mm, which is what its endings add; free: which
        # group of the walk (Weave::Groups) may have any number of coils.
        # @return [Array<Filling>] the one with the least left over first
        # @raise [InvalidInput]
        def self.call(section, strip_mm:, reach_mm:, free:, calibration: Calibration.usual)
          new(section, strip_mm - reach_mm, free, calibration).call
        end

        # Which groups of a walk may be free: coils on one base wire with something else between them.
        def self.free_groups(groups)
          return [] if groups.size < 2

          groups.each_index.select { |i| groups[i].is_a?(Weave::Groups::Wraps) && groups[i].near == groups[i].far }
        end

        def self.groups(pattern)
          Weave::Groups.of((pattern[:kind] == "coils") ? Weave::Walk.coils(pattern[:single], pattern[:both]).gaps :
            pattern[:gaps])
        end

        def initialize(section, room_mm, free, calibration)
          @section = section
          @room_mm = room_mm
          @calibration = calibration
          @layouts = {}
          check(free)
          groups = self.class.groups(@section.pattern)
          @coils = groups[free]
          @motif_groups = groups.rotate(free).drop(1)
          @motif = @motif_groups.flat_map(&:gaps)
          @from = symmetric? ? "end" : "middle"
        end

        def call
          found = likely.flat_map { |between| fillings(layout(between), between) }
          if found.empty?
            refuse("/strip", Units::Text.length(@room_mm), "no whole repeat with even coils fits", "a longer strip")
          end
          best(found)
        end

        private

        def check(free)
          all = self.class.free_groups(self.class.groups(@section.pattern))
          accepted = all.any? ? "one of #{all.join(", ")}" :
            "a weave with coils on one wire and something else between them"
          refuse("/free", free, "these are no coils that could be more or fewer", accepted) unless all.include?(free)
          if @section[:spacing][:kind] == "changing"
            refuse("/spacing", "gaps that change", "a weave over gaps that change cannot be made even",
              "gaps that stay")
          end
        end

        def refuse(path, given, message, accepted)
          raise InvalidInput.new([Fault.new(path:, code: "even", message:, given:, accepted:)])
        end

        # The motif is the same from both ends where it is so pass by pass, or in its counts: as many round the same
        # wires.
        def symmetric?
          counts = @motif_groups.map { |group| group.to_h.except(:side) }
          counts == counts.reverse || (@motif.drop(1) == @motif.drop(1).reverse && @motif.first == @coils.gaps.first)
        end

        def best(fillings)
          fillings.min_by(BEST) do |one|
            [(one.left_mm.abs / FINE_MM).round, (one.between - @coils.times).abs, -one.repeats]
          end
        end

        # How many coils to try: few are all laid out; of more, as every coil adds the same, those that come nearest by
        # that.
        def likely
          all = (1..MOST_BETWEEN).reject { |between| @from == "middle" && between.odd? }
          few, more = all.partition { |between| between <= FEW }
          fewer, most = layout(FEW - 2), layout(FEW)
          found = more.flat_map do |between|
            fillings(Reckoned.new(fewer, most, (between - FEW) / 2.0), between)
          end
          few + best(found).map(&:between).uniq
        end

        # What more coils come to, going on as two layouts with fewer do.
        Reckoned = Struct.new(:fewer, :more, :steps) do
          def sides = more.sides
          def woven_mm(repeats) = more.woven_mm(repeats) + (steps * (more.woven_mm(repeats) - fewer.woven_mm(repeats)))
        end
        private_constant :Reckoned

        def layout(between)
          @layouts[between] ||=
            Layout.new(@section.with(pattern: pattern(between), from: @from, centre: "own"), @calibration)
        end

        # The nearest whole numbers of repeats that leave room for the bare ends, for so many coils between; no bare end
        # is less than nothing.
        def fillings(layout, between)
          wanted = @room_mm - (2 * @section.bare_mm)
          each = layout.woven_mm(2 * layout.sides) - layout.woven_mm(layout.sides)
          most = ((wanted - layout.woven_mm(layout.sides)) / each).floor + 1
          [most, most + 1].filter_map do |count|
            if count.positive? && count * layout.sides <= Layout::MOST_REPEATS
              filling(between, count * layout.sides, layout)
            end
          end
        end

        def filling(between, repeats, layout)
          woven = layout.woven_mm(repeats)
          bare = (@room_mm - woven) / 2
          return if bare.negative?

          Filling.new(between:, repeats:, woven_mm: woven, left_mm: 2 * (bare - @section.bare_mm), bare_mm: bare,
            from: @from, pattern: pattern(between)).freeze
        end

        # From one end: the coils come again after the last motif. From the middle: half of them before the first motif
        # of each half.
        def pattern(between)
          coils = @coils.gaps.first(2)
          if @from == "end"
            return {kind: "walk", gaps: (coils * between) + @motif, before: [],
              after: [{gaps: coils, times: between}]}
          end

          {kind: "walk", gaps: @motif + (coils * between), before: [{gaps: coils, times: between / 2}], after: []}
        end
      end
    end
  end
end
