# frozen_string_literal: true

module Meander
  module Document
    # Checks sections: each stands on one before it, is as long as something says, and is what its craft can work.
    class SectionChecks
      # Pins on what a piece is worn on.
      WORN = %w[wrist finger].freeze
      # A section with the wires at its seats, as a craft checks it. fields: as read; base, working: Wire values;
      # cut_away: numbers of base seats; in_turn: whether working wires take turns; earlier: ids of the sections before
      # it that something can stand on; path: answers the JSON pointer to a wire's kind; seats: how many base wires
      # every section has, by its id; ended: its sides (start, end) at which a base wire goes into an ending.
      Seated = Struct.new(:fields, :base, :working, :cut_away, :in_turn, :earlier, :path, :seats, :ended) do
        def [](key) = fields[key]
      end

      def self.call(document, routes, reading) = new(document, routes, reading).call

      def initialize(document, routes, reading)
        @document = document
        @routes = routes
        @reading = reading
        @sections = document[:sections]
        @measured = document[:pins].any? { |pin| WORN.include?(pin[:quantity]) }
      end

      def call
        @sections.each_with_index do |section, i|
          stands(section, i) if section[:at]
          extent(section, "/sections/#{i}") if section[:extent]
          craft, seated = Crafts::Registry.fetch(section[:craft]), seated(section, i)
          cords(craft, seated)
          craft.check(seated, "/sections/#{i}", @reading)
        end
      end

      private

      def fault(path, given, message, accepted) = @reading.fault(path, "built", given, message:, accepted:)
      def standing(count) = @sections.first(count).select { |section| section[:at] }.map { |section| section[:id] }

      # Cord keeps no form by itself.
      def cords(craft, seated)
        return if craft.respond_to?(:cord?)

        wire = [*seated.base, *seated.working].find { |one| one.material.fibre? } or return
        fault("#{seated.path.call(wire)}/metal", wire.material.name, "cord keeps no form: #{craft.words} is of wire",
          "a metal, or a section that is knotted or braided")
      end

      def stands(section, index)
        at = section[:at]
        return gathered(at[:ends], index) if at[:kind] == "gathered"
        return if at[:kind] == "first"
        return rimmed(section, index) if at[:kind] == "rim"
        return if standing(index).include?(at[:section])

        fault("/sections/#{index}/at/section", at[:section], "a section stands on one before it", earlier(index))
      end

      # Onto a wire that others can be worked onto, by a craft that is worked so.
      def rimmed(section, index)
        craft = Crafts::Registry.fetch(section[:craft])
        unless craft.respond_to?(:rimmed?) && craft.rimmed?(section)
          return fault("/sections/#{index}/at/kind", "rim",
            "onto a wire or an edge go cords folded over a bar, or crochet begun in an edge: a band, rows, or a disc",
            "first, after, gathered, beside, centre, mirror")
        end
        wires = rims(index)
        return if wires.include?(section[:at][:section])

        fault("/sections/#{index}/at/section", section[:at][:section],
          "it is worked onto a bent wire before it, the edge of a weave or the last bar of knots",
          wires.empty? ? "a place of another kind: there is none before it" : wires.join(", "))
      end

      def rims(index)
        @sections.first(index).select { |one| Crafts::Registry.fetch(one[:craft]).respond_to?(:rim) }
          .map { |one| one[:id] }
      end

      def earlier(index) = index.zero? ? "first" : standing(index).join(", ")

      # Ends of sections before it, each named once.
      def gathered(ends, index)
        ends.each_with_index do |one, i|
          path = "/sections/#{index}/at/ends/#{i}"
          if ends.index(one) < i
            next fault(path, "#{one[:section]} #{one[:side]}", "an end comes together with itself", "each end once")
          end
          next if standing(index).include?(one[:section])

          fault("#{path}/section", one[:section], "ends of sections before it come together in one", earlier(index))
        end
      end

      # A frame says by itself how far it is worked; what is free is found by a pin.
      def extent(section, place)
        frame = Form::Opening::OUTLINES.key?(section[:form][:kind])
        if %w[fill share].include?(section[:extent][:kind]) && !frame
          fault("#{place}/extent/kind", section[:extent][:kind], "only a frame says by itself how far it is woven",
            "repeats, length, free")
        end
        if section[:extent][:kind] == "free"
          found(section, "#{place}/extent/kind", "free",
            frame ? "fill, share, repeats, length" : "repeats, length, or a pin on it")
        end
        found(section, "#{place}/form/frames", "null", "1 to 40, or a wrist pinned") if endless?(section)
        gives(section, place) if section.dig(:bare, :gives)
      end

      def endless?(section) = section[:form].key?(:frames) && section[:form][:frames].nil?

      def gives(section, place)
        worn = WORN.include?(@document[:worn]&.fetch(:on))
        unless worn
          fault("#{place}/bare/gives", true, "bare ends give way in a piece that is worn round something", "false")
        end
        if worn && @sections.find { |one| one.dig(:bare, :gives) } != section
          fault("#{place}/bare/gives", true, "the bare ends of one section give way", "false")
        end
      end

      # A pin of its own, or of its wire; and of one alone what the piece is worn on.
      def found(section, path, given, accepted)
        return if pinned?(section)
        return fault(path, given, "nothing says how far this section is woven", accepted) unless @measured

        first = asked.first
        if first != section
          fault(path, given, "what it is worn on finds one section, and that is #{first[:id]}", accepted)
        end
      end

      def pinned?(section)
        return false if endless?(section)

        kinds = @measured ? [] :
          @routes.visits.select { |visit| visit.section == section[:id] && !visit.base? }
            .map { |visit| visit.wire[:kind] }
        @document[:pins].any? do |pin|
          (pin[:quantity] == "woven" && pin[:section] == section[:id]) ||
            (pin[:quantity] == "wire" && kinds.include?(pin[:kind]))
        end
      end

      # Sections that only what the piece is worn on can find.
      def asked
        @sections.select do |section|
          section[:extent] && (endless?(section) || section[:extent][:kind] == "free" || section.dig(:bare, :gives)) &&
            !pinned?(section)
        end
      end

      def seated(section, index)
        seats = Crafts::Registry.fetch(section[:craft]).seats.keys
        base, *working = ["base", *(seats - ["base"])].map { |role| @routes.seated(section[:id], role) }
        wires = ->(visits) { visits.map { |visit| wire(visit.wire) } }
        in_turn = working.flatten.map(&:number).uniq.size > 1
        path = ->(wire) { "/kinds/#{@document[:kinds].index { |kind| kind[:id] == wire.kind }}" }
        Seated.new(section, wires.call(base), wires.call(working.flatten), base.select(&:cut_away).map(&:number),
          in_turn, standing(index), path, base_seats, ended(base))
      end

      def ended(visits)
        visits.flat_map { |visit|
          first, *, last = @routes.of(visit.wire[:id]).values_at(0, -1)
          [([visit.enters, "start"] if visit.equal?(first)), ([visit.leaves, "end"] if visit.equal?(last))]
            .compact.filter_map { |side, of| side if @routes.end_of(visit.wire[:id], of) }
        }.uniq
      end

      def base_seats
        @base_seats ||= @sections.to_h { |section| [section[:id], @routes.seated(section[:id], "base").size] }
      end

      def wire(fields)
        kind = @document[:kinds].find { |one| one[:id] == fields[:kind] }
        Wire.new(id: fields[:id], kind: kind[:id], **kind.slice(:use, :size, :metal, :temper))
      end
    end
  end
end
