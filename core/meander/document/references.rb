# frozen_string_literal: true

module Meander
  module Document
    # Checks what the parts of a document say about each other: ids that are unique and known, wires used in their role,
    # one ending a side of a kind the body can wear, each quantity pinned once.
    class References
      ENDINGS_OF = {"cuff" => {"start" => %w[plain], "end" => %w[plain]},
                     "ring" => {"start" => %w[plain], "end" => %w[plain]},
                     "bracelet" => {"start" => %w[loop hook], "end" => %w[hook loop]}}.freeze

      def self.call(document, reading) = new(document, reading).call

      def initialize(document, reading)
        @document = document
        @reading = reading
        @roles = document[:wires].to_h { |wire| [wire[:id], wire[:role]] }
      end

      def call
        %i[wires sections endings pins].each { |key| unique_ids(key) }
        wire_roles
        strands
        strand_sizes
        cut_away
        spacing
        WalkChecks.call(section[:pattern], section[:base].size, "/sections/0/pattern", @reading)
        @document[:weaves].each_with_index { |weave, i| WalkChecks.call({kind: "walk", **weave}, weave[:base], "/weaves/#{i}", @reading) }
        ending_sides
        ending_wires
        pinned_once
      end

      private

      def unique_ids(key)
        repeated(@document[key].map { |item| item[:id] }) do |id, i|
          @reading.fault("/#{key}/#{i}/id", "duplicate", id, message: "the id #{id} is used twice in #{key}", accepted: "an id of its own")
        end
      end

      def repeated(values)
        values.each_with_index { |value, i| yield value, i if values.index(value) < i }
      end

      def wire_roles
        section[:base].each_with_index { |id, i| used_as(id, "base", "/sections/0/base/#{i}") }
        repeated(section[:base]) do |id, i|
          @reading.fault("/sections/0/base/#{i}", "duplicate", id, message: "base wire #{id} is laid twice", accepted: "each base wire once")
        end
        section[:weaving].each_with_index { |id, i| used_as(id, "weaving", "/sections/0/weaving/#{i}") }
      end

      def section = @document[:sections].first

      def used_as(id, role, path)
        return if @roles[id] == role

        known = @roles.select { |_, other| other == role }.keys
        @reading.fault(path, "reference", id, message: "#{id} is not a #{role} wire of this piece", accepted: known.join(", "))
      end

      def strands
        laid = section[:weaving]
        if laid.size > section[:strands] || laid.uniq.size < laid.size
          @reading.fault("/sections/0/weaving", "strands", laid.join(", "), message: "#{section[:strands]} strand cannot be of #{laid.size} wires",
                         accepted: "one wire for one strand; one, or two different ones, for two")
        end
        return if section[:turns] == "together" || [laid.size, section[:strands]] == [2, 2]

        @reading.fault("/sections/0/turns", "strands", "in_turn", message: "one wire cannot take turns with itself", accepted: "together, or two weaving wires")
      end

      def strand_sizes
        places = section[:weaving].filter_map { |id| @document[:wires].index { |wire| wire[:id] == id } }
        one, other = places.map { |at| @document[:wires][at][:size] }
        return unless other && (one.mm - other.mm).abs > 1e-6

        @reading.fault("/wires/#{places[1]}/size", "strands", other.typed, message: "two weaving wires in one weave must be of one size", accepted: one.typed)
      end

      def cut_away
        section[:cut_away].each_with_index do |id, i|
          next if section[:base].include?(id)

          @reading.fault("/sections/0/cut_away/#{i}", "reference", id, message: "#{id} is no base wire of this section", accepted: section[:base].join(", "))
        end
        return if section[:cut_away].uniq.size < section[:base].size

        @reading.fault("/sections/0/cut_away", "reference", section[:cut_away].join(", "), message: "every base wire would be cut away", accepted: "all but one at the most")
      end

      def spacing
        spacing = section[:spacing]
        clear_gaps(spacing[:clear]) if spacing[:kind] == "apart"
        stations(spacing[:stations]) if spacing[:kind] == "changing"
      end

      def clear_gaps(given)
        needed = section[:base].size - 1
        return if given.size == needed

        @reading.fault("/sections/0/spacing/clear", "list", "a list of #{given.size}", message: "#{section[:base].size} base wires have #{needed} gaps between them",
                       accepted: "a list of #{needed}")
      end

      # Places go on along the weave; a wire cut away and an open pitch are reckoned on gaps that stay as they are.
      def stations(given)
        given.each_cons(2).with_index(1) do |(one, other), i|
          next if other[:at].mm > one[:at].mm

          @reading.fault("/sections/0/spacing/stations/#{i}/at", "order", other[:at].typed, message: "this place does not lie after the one before it",
                         accepted: "more than #{one[:at].typed}")
        end
        only_even("/sections/0/rise/kind", "open", "an open pitch") if section[:rise][:kind] == "open"
        only_even("/sections/0/turns", "in_turn", "taking turns") if section[:turns] == "in_turn"
        only_even("/sections/0/cut_away", section[:cut_away].join(", "), "cutting base wires away") if section[:cut_away].any?
        only_even("/sections/0/spacing/kind", "changing", "a gap that changes") if section[:base].size == 1
      end

      def only_even(path, given, what)
        accepted = (section[:base].size == 1) ? "two base wires or more" : "none, or base wires that stand alike all along"
        @reading.fault(path, "spacing", given, message: "#{what} cannot be planned here", accepted:)
      end

      def ending_sides
        allowed = ENDINGS_OF.fetch(@document[:body][:kind])
        sides = @document[:endings].map { |ending| ending[:side] }
        repeated(sides) do |side, i|
          @reading.fault("/endings/#{i}/side", "duplicate", side, message: "two endings stand at the #{side}", accepted: "one at the start, one at the end")
        end
        @document[:endings].each_with_index { |ending, i| ending_kind(ending, i, allowed.fetch(ending[:side])) }
        hook_meets_loop if @document[:body][:kind] == "bracelet"
      end

      def ending_kind(ending, index, kinds)
        return if kinds.include?(ending[:kind])

        @reading.fault("/endings/#{index}/kind", "ending", ending[:kind],
                       message: "a #{@document[:body][:kind]} does not close with a #{ending[:kind]} end", accepted: kinds.join(", "))
      end

      def hook_meets_loop
        kinds = @document[:endings].map { |ending| ending[:kind] }
        return if kinds.uniq.size == 2

        @reading.fault("/endings/1/kind", "ending", kinds.last, message: "two endings of one kind do not close", accepted: "a hook and a loop")
      end

      def ending_wires
        base = @document[:sections].first[:base]
        @document[:endings].each_with_index do |ending, i|
          keeps_its_wires(ending)
          next if ending[:wires].sort == base.sort

          @reading.fault("/endings/#{i}/wires", "reference", ending[:wires].join(", "),
                         message: "an ending takes every base wire of its section once, the one that forms it first",
                         accepted: base.join(", "))
        end
      end

      # A hook or loop is formed by its first wire and bound with its second.
      def keeps_its_wires(ending)
        gone = (ending[:kind] == "plain") ? [] : ending[:wires].first(2) & section[:cut_away]
        return if gone.empty?

        @reading.fault("/sections/0/cut_away", "reference", gone.join(", "), message: "#{gone.first} forms or binds the #{ending[:kind]}, so it cannot be cut away",
                       accepted: "wires that only run under the weave")
      end

      def pinned_once
        repeated(@document[:pins].map { |pin| pin[:quantity] }) do |quantity, i|
          @reading.fault("/pins/#{i}/quantity", "duplicate", quantity, message: "#{quantity} is pinned twice", accepted: "each quantity once")
        end
        kind = @document[:body][:kind]
        other, own = (kind == "ring") ? %w[wrist finger] : %w[finger wrist]
        @document[:pins].each_with_index do |pin, i|
          @reading.fault("/pins/#{i}/quantity", "reference", other, message: "a #{kind} is not measured by the #{other}", accepted: own) if pin[:quantity] == other
        end
      end
    end
  end
end
