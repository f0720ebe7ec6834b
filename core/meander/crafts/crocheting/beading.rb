# frozen_string_literal: true

module Meander
  module Crafts
    module Crocheting
      # The beads of a crocheted section: which stitch carries which of them. Beads slide to their place on the wire, so
      # they are strung before the first stitch, the last used first.
      class Beading
        # placement: the number of its placement; row: of the fabric, 0 of chains; place: of the stitch in its row, in
        # the order of work; stitch: among all that could carry one, from 0.
        Spot = Struct.new(:placement, :row, :place, :stitch)

        # Spare beads for each hundred (common practice, no source).
        SPARE = 0.05

        # The placements as read, and the kinds of their beads.
        attr_reader :placements, :kinds

        def initialize(section, gauge)
          @section = section
          @gauge = gauge
          @placements = section.threaded
          @kinds = placements.map { |one| section.piece.bead(one[:bead]) }.freeze
          @told = {}.compare_by_identity
          shares
        end

        def any? = placements.any?
        def cord? = @section[:fabric][:kind] == "cord"

        # @return [Array<Spot>] in the order of work
        # @raise [InvalidInput] where two claim one stitch, or a chart names one that is not there
        def spots(fabric)
          @told[fabric] ||= begin
            all = carriers(fabric)
            taken = fixed(all)
            drawn(all, taken)
            taken.sort.map { |at, number| Spot.new(number, *all[at], at).freeze }.freeze
          end
        end

        # What the beads add to how far chains reach, and to the wire.
        def longer_mm(fabric) = cord? ? wire_mm(fabric) : 0.0
        def wire_mm(fabric) = any? ? spots(fabric).sum { |spot| @gauge.bead_mm(kinds[spot.placement].along_mm) } : 0.0

        # So many more are strung than are needed.
        def self.spare(count) = (count * SPARE).ceil

        private

        # Every stitch that can carry a bead: [[row, place], ...].
        def carriers(fabric)
          return Array.new(fabric.begun.count) { |i| [0, i] } if fabric.rows.empty?

          fabric.rows.each_with_index.flat_map do |row, i|
            row.each_stitch.filter_map { |one| [i + 1, one.head] if one.head && one.kind != "chain" }
          end
        end

        # Those by number and by chart: { stitch => placement }.
        def fixed(all)
          placements.each_with_index.with_object({}) do |(placement, number), taken|
            pick = placement[:pick]
            at = case pick[:kind]
            when "every" then counted(pick, all.size, placement[:count])
            when "chart" then charted(pick, all, number)
            else next
            end
            at.each { |one| claim(taken, one, number) }
          end
        end

        def claim(taken, at, number)
          return taken[at] = number unless taken.key?(at)

          refuse(number, "pick", "stitch #{at + 1} carries #{kinds[taken[at]].name} already", "stitches that are free")
        end

        def counted(pick, most, count)
          found, at = [], pick[:first]
          while at < most && (count.zero? || found.size < count)
            found << at
            at += pick[:every][(found.size - 1) % pick[:every].size]
          end
          found
        end

        def charted(pick, all, number)
          where = all.each_with_index.to_h
          pick[:places].each_with_index.map do |one, i|
            where[[one[:row], one[:stitch] - 1]] || refuse(number, "pick/places/#{i}", "there is no stitch " \
              "#{one[:stitch]} in row #{one[:row]} that carries a bead", "rows up to #{all.last&.first || 0}")
          end
        end

        # By chance, from a printed seed: every stitch that is free carries one of them with its share.
        def drawn(all, taken)
          chance = shared.first && Random.new(placements[shared.first][:pick][:seed])
          shared.any? && all.each_index do |at|
            drawn = chance.rand
            next if taken.key?(at)

            number = shared.find { |one| (drawn -= placements[one][:pick][:share]).negative? }
            taken[at] = number if number && room?(taken, number)
          end
        end

        def room?(taken, number)
          count = placements[number][:count]
          count.zero? || taken.each_value.count(number) < count
        end

        def shared = @shared ||= placements.each_index.select { |i| placements[i][:pick][:kind] == "share" }

        def shares
          all = shared.sum { |i| placements[i][:pick][:share] }
          return if all <= 1 + 1e-9

          refuse(shared.last, "pick/share", "the shares come to #{Units::Text.percent(all)}", "100 % in all")
        end

        def refuse(number, key, message, accepted)
          place = "/beads/#{@section.piece.document[:beads].index(placements[number])}/#{key}"
          raise InvalidInput.new([Fault.new(path: place, code: "bead", message:, given: placements[number][:id],
            accepted:)])
        end
      end
    end
  end
end
