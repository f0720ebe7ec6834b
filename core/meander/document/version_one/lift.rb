# frozen_string_literal: true

module Meander
  module Document
    module VersionOne
      # A document of the first version as the present one has it: the wires get routes. A wire for each section,
      # placement of beads, cover and strand that had one of its own; two that a fold joined become one with the fold a
      # place on it; what was bent to a band says what it is worn on; pinned repeats become the extent, wire to hand a
      # pin on its kind; a finding hangs on the first ending that holds it.
      class Lift
        WORN = {"cuff" => "wrist", "bracelet" => "wrist", "links" => "wrist", "ring" => "finger", "earring" => "ear",
          "pendant" => "neck"}.freeze
        # What sections no longer say themselves.
        GONE = %i[base weaving strands turns cut_away reserve].freeze
        # Two ends of one wire of the first version.
        OTHER = {"start" => "end", "end" => "start"}.freeze

        def self.holds?(ending, side)
          ending[:side] == side &&
            (Endings::Registry::HOLDS.include?(ending[:kind]) || (ending[:kind] == "fold" && !ending[:ring].nil?))
        end

        # document: as read by VersionOne::Fields, plain hashes with symbol keys and Units::Size.
        # @return [Hash] the same as JSON values of the present version
        def self.call(document) = new(document).call

        def initialize(document)
          @old = document
          @sections = document[:sections]
          @kinds = document[:wires].each_with_index.to_h { |wire, i| [wire[:id], "k#{i + 1}"] }
          @taken = document[:wires].select { |wire| wire[:role] == "base" }.map { |wire| wire[:id] }
          @folds, @endings = document[:endings].partition { |ending| ending[:kind] == "fold" }
        end

        def call
          wires = [*base_wires, *working_wires]
          lifted = {
            **@old.slice(:name, :notes, :tray, :allowances, :weaves),
            format: Document::Fields::FORMAT, version: Document::Fields::VERSION, kind: @old[:body][:kind],
            pair: @old[:body][:pair] || false,
            worn:, kinds: kinds(wires), wires:, sections: @sections.map { |section| section(section) },
            endings: @endings.map { |ending| ending.except(:side, :wires) },
            beads: @old[:beads].map { |placed| placed.except(:weaving) }, stones: [], steps: [], pins:,
            findings: @old[:findings].map { |finding| finding(finding) }
          }
          Plain.json(lifted)
        end

        private

        def band? = !Fields::BUILT.include?(@old[:body][:kind])
        def worn = WORN[@old[:body][:kind]]&.then { |on| {on:, **@old[:body].except(:kind, :pair)} }

        def kinds(wires)
          used = wires.map { |wire| wire[:kind] }
          @old[:wires].map { |wire|
            {id: @kinds[wire[:id]], use: (wire[:role] == "base") ? "base" : "working",
              **wire.slice(:size, :metal, :temper)}
          }.select { |kind| used.include?(kind[:id]) }
        end

        # Every chain of base wires that folds join, begun at its first free end.
        def base_wires
          met = []
          lying = @old[:wires].select do |wire|
            wire[:role] == "base" && @sections.any? { |section| section[:base].include?(wire[:id]) }
          end
          lying.map { |wire| wire[:id] }.filter_map do |id|
            next if met.include?(id)

            chain = chain(id)
            met.concat(chain.map(&:first))
            joined(chain)
          end
        end

        # The wires from a free end on, each with the end it is entered at: [[id, "start"], ...].
        def chain(id)
          free = %w[start end].find { |side| fold_at(id, side).nil? }
          first = [id, free || "start"]
          seen = [id]
          while (fold = fold_at(*first)) && !seen.include?(other = other_of(fold, first[0]))
            first = [other, OTHER[fold[:side]]]
            seen << other
          end
          found = [first]
          while (fold = fold_at(found.last[0], OTHER[found.last[1]])) &&
              found.none? { |one, _| one == other_of(fold, found.last[0]) }
            found << [other_of(fold, found.last[0]), fold[:side]]
          end
          found
        end

        def fold_at(id, side) = @folds.find { |fold| fold[:side] == side && fold[:wires].include?(id) }
        def other_of(fold, id) = fold[:wires].find { |wire| wire != id }

        def joined(chain)
          first, last = chain.first, chain.last
          route = chain.each_with_index.flat_map do |(id, entered), i|
            [*([folded(fold_at(id, entered))] if i.positive?), *visits(id, back: entered == "end")]
          end
          id = @old[:wires].map { |wire| wire[:id] }.find { |one| chain.any? { |other, _| other == one } }
          {id:, kind: @kinds[id], route:, ends: {start: ended(first[0], first[1]), end: ended(last[0], OTHER[last[1]])},
            reserve: nothing_kept, begun: nil}
        end

        def folded(fold) = {kind: "fold", **fold.slice(:id, :ring)}
        def nothing_kept = {side: "end", length: Units::Size.new(0.0, "0 mm")}

        def visits(id, back:)
          own = @sections.select { |section| section[:base].include?(id) }
          stops = own.flat_map do |section|
            away = (section[:at][:cut_away] || []).include?(id)
            visit = {kind: "visit", section: section[:id], seat: "base #{section[:base].index(id) + 1}", back:,
              cut_away: (section[:cut_away] || []).include?(id)}
            [({kind: "way", cut_away: true} if away), visit].compact
          end
          back ? stops.reverse : stops
        end

        def ended(id, side)
          ending = @endings.find { |one| one[:side] == side && one[:wires].include?(id) } or return
          {ending: ending[:id], place: ending[:wires].index(id) + 1}
        end

        def working_wires
          woven = @sections.flat_map { |section| strands(section) }
          covers = @folds.select { |fold| fold[:cover] }.map do |fold|
            working(fold[:cover], [{kind: "cover", fold: fold[:id]}])
          end
          carried = @old[:beads].select { |placed| placed[:weaving] }.map do |placed|
            working(placed[:weaving], [{kind: "carry", beads: placed[:id]}])
          end
          woven + covers + carried
        end

        # Side by side they share a seat; in turn each has its own.
        def strands(section)
          return [] unless section[:weaving]
          return [working(section[:weaving].first, [seated(section, "lacing 1")])] if section[:craft] == "lace"

          Array.new(section[:strands]) do |i|
            seat = (section[:turns] == "in_turn") ? i + 1 : 1
            working(section[:weaving][i] || section[:weaving][0], [seated(section, "weaving #{seat}")],
              section[:reserve])
          end
        end

        def seated(section, seat) = {kind: "visit", section: section[:id], seat:, back: false, cut_away: false}

        def working(id, route, reserve = nothing_kept)
          own = (1..).lazy.map { |number| (number == 1) ? id : "#{id[0, 28]}-#{number}" }.find do |free|
            !@taken.include?(free)
          end
          @taken << own
          {id: own, kind: @kinds[id], route:, ends: {start: nil, end: nil}, reserve:, begun: nil}
        end

        def section(section)
          kept = {**section.except(*GONE), copies: 1}
          kept[:at] = section[:at].except(:cut_away) if section[:at]
          return kept unless section[:craft] == "weave"

          {**kept, bare: {length: section[:bare], gives: band?}, extent: extent(section)}
        end

        def extent(section)
          return section[:extent] unless band?

          pinned = @old[:pins].find { |pin| pin[:quantity] == "repeats" }
          pinned ? {kind: "repeats", count: pinned[:count]} : {kind: "free"}
        end

        def pins
          first = @sections.first
          @old[:pins].filter_map do |pin|
            case pin[:quantity]
            when "repeats" then nil
            when "woven" then {**pin, section: first[:id]}
            when "weaving_wire" then {**pin, quantity: "wire", kind: @kinds[first[:weaving].first]}
            else pin
            end
          end
        end

        # A hook with two eyes hangs in two loops.
        def finding(finding)
          holders = @old[:endings].select { |ending| self.class.holds?(ending, finding[:side]) }.map do |ending|
            ending[:id]
          end
          {**finding.except(:side), on: holders.first((finding[:kind] == "two_eye_hook") ? 2 : 1)}
        end
      end
    end
  end
end
