# frozen_string_literal: true

module Meander
  module Document
    # Checks the routes of wires: of kinds, sections, seats, folds and beads there are; every place claimed once; every
    # way from stop to stop one that a wire can go.
    class RouteChecks
      # @return [Boolean] whether every stop is one that can be looked at further
      def self.call(document, routes, reading) = new(document, routes, reading).call

      def initialize(document, routes, reading)
        @document = document
        @routes = routes
        @reading = reading
        @kinds = document[:kinds].to_h { |kind| [kind[:id], kind] }
        @sections = document[:sections].to_h { |section| [section[:id], section] }
        @folds = routes.folds.map(&:id)
      end

      def call
        @document[:wires].each_with_index { |wire, i| wire(wire, "/wires/#{i}") }
        @document[:kinds].each_with_index do |kind, i|
          next if @document[:wires].any? { |wire| wire[:kind] == kind[:id] }

          fault("/kinds/#{i}", "unused", kind[:id], "no wire is of this kind", "a kind of a wire, or none")
        end
        return false if @reading.faults.any?

        seats
        return false if @reading.faults.any?

        @document[:wires].each_with_index { |wire, i| onward(wire, "/wires/#{i}") }
        true
      end

      private

      def fault(path, code, given, message, accepted) = @reading.fault(path, code, given, message:, accepted:)
      def known(ids) = ids.empty? ? "one of the piece, which has none yet" : ids.join(", ")

      def wire(wire, place)
        kind = @kinds[wire[:kind]]
        unless kind
          return fault("#{place}/kind", "reference", wire[:kind], "there is no such kind of wire", known(@kinds.keys))
        end

        wire[:route].each_with_index { |stop, i| stop(stop, kind, "#{place}/route/#{i}") }
        ends(wire, place)
        begun(wire, place) if wire[:begun]
      end

      def stop(stop, kind, place)
        case stop[:kind]
        when "visit" then visit(stop, kind, place)
        when "fold" then twice(stop[:id], "#{place}/id") if taken?(stop[:id])
        when "cover" then refer(stop[:fold], @folds, "#{place}/fold", "there is no such fold")
        when "carry"
          placed = @document[:beads].map { |one| one[:id] }
          refer(stop[:beads], placed, "#{place}/beads", "there is no such placement of beads")
        end
      end

      # A wire that weaves is begun in the first section of its way, or in any of them; where it weaves one alone, only
      # within that.
      def begun(wire, place)
        stop, stops = wire[:begun][:stop], wire[:route]
        unless stops.size >= stop
          return fault("#{place}/begun/stop", "reference", stop, "there is no such stop on its way",
            (stops.size == 1) ? "1" : "1 to #{stops.size}")
        end
        return if stops.all? { |one| woven?(one) } && (stops.size > 1 || within?(stops.first))

        fault("#{place}/begun", "built", stop,
          "work on a wire begins within it only where all of it weaves one section from the middle outwards, or " \
          "where it goes on to both sides of a section", "null")
      end

      def woven?(stop) = stop[:kind] == "visit" && !stop[:seat].start_with?("base ")
      def within?(stop) = @sections[stop[:section]]&.then { |section| section[:from] == "middle" }

      def twice(id, place) = fault(place, "duplicate", id, "the id #{id} is used twice", "an id of its own")

      # Findings hang on folds and endings alike, so their ids are apart.
      def taken?(fold) = @folds.count(fold) > 1 || @document[:endings].any? { |one| one[:id] == fold }

      def refer(id, ids, path, message)
        fault(path, "reference", id, message, known(ids)) unless ids.include?(id)
      end

      def visit(stop, kind, place)
        section = @sections[stop[:section]]
        unless section
          return fault("#{place}/section", "reference", stop[:section], "there is no such section",
            known(@sections.keys))
        end

        role, number = Shape::Seat.parts(stop[:seat])
        seats = Crafts::Registry.fetch(section[:craft]).seats
        unless seats.key?(role) && seats[role].max >= number
          return fault("#{place}/seat", "seat", stop[:seat], "#{section[:id]} has no such seat",
            seats.map { |name, count| "#{name} 1#{" to #{count.max}" if count.max > 1}" }.join(", "))
        end

        use = (role == "base") ? "base" : "working"
        return if kind[:use] == use

        fault("#{place}/seat", "reference", stop[:seat], "a #{kind[:use]} wire cannot lie there",
          (use == "base") ? "a wire cut in one" : "a wire that is worked with")
      end

      # A route begins and ends somewhere.
      def ends(wire, place)
        %i[start end].each do |side|
          told = wire[:ends][side] or next
          refer(told[:ending], @document[:endings].map { |one| one[:id] }, "#{place}/ends/#{side}/ending",
            "there is no such ending")
          next if wire[:route].any? { |stop| stop[:kind] == "visit" }

          fault("#{place}/ends/#{side}", "route", told[:ending], "only a wire that lies in a section ends in something",
            "null")
        end
        return if %w[visit cover carry].include?(wire[:route].last[:kind]) && wire[:route].first[:kind] != "fold"

        fault("#{place}/route", "route", wire[:route].last[:kind], "this route has no end",
          "a section to begin and to end in")
      end

      # Every base seat is taken once, from the first on; working seats by one wire or by two side by side.
      def seats
        @document[:sections].each_with_index do |section, i|
          Crafts::Registry.fetch(section[:craft]).seats.each do |role, count|
            seats_of(section, role, count, "/sections/#{i}")
          end
        end
      end

      def seats_of(section, role, count, place)
        taken = @routes.seated(section[:id], role).group_by(&:number)
        missing = (1..[count.min, *taken.keys].max).find { |number| !taken.key?(number) }
        if missing
          fault(place, "seats", taken.empty? ? "none" : "#{role} #{taken.keys.max}",
            "no wire lies at #{role} #{missing} of #{section[:id]}", "a wire whose route visits it")
        end
        most = (role == "base") ? 1 : 2
        taken.each do |number, visits|
          next if visits.size <= most

          fault(pointer(visits.last), "seats", "#{role} #{number}",
            "#{visits.map { |visit| visit.wire[:id] }.join(" and ")} claim one seat of #{section[:id]}",
            "a seat of its own")
        end
      end

      def pointer(visit) = "/wires/#{@document[:wires].index(visit.wire)}/route/#{visit.stop}/seat"

      # From visit to visit a base wire goes on to another section, or is folded at an end of one.
      def onward(wire, place)
        unless @kinds[wire[:kind]][:use] == "base"
          return WorkingRoute.call(wire, place, @document, @routes, @reading)
        end

        @routes.of(wire[:id]).each_cons(2) do |from, to|
          fold = @routes.folds.find { |one| one.to.equal?(to) }
          path = "#{place}/route/#{to.stop}"
          next folded(from, to, path) if fold
          next unless from.section == to.section

          fault(path, "built", to.section, "#{wire[:id]} lies in #{from.section} already, so it cannot go on to it",
            "another section, or a fold between the two")
        end
        away(wire, place)
      end

      def folded(from, to, path)
        return if from.section == to.section && from.leaves == to.enters

        fault(path, "built", to.section, "a fold joins two ends of one side", "another seat of #{from.section}")
      end

      # Of the wires that go on from section to section one at least is left to hold the two together.
      def away(wire, place)
        @routes.ways.select { |way| way.wire == wire && way.cut_away }.each do |gone|
          alike = @routes.ways.select { |way| way.sections.sort == gone.sections.sort }
          next unless alike.all?(&:cut_away)

          fault("#{place}/route/#{gone.to.stop - 1}", "built", wire[:id],
            "nothing would hold the two sections together", "all but one at the most")
        end
      end
    end
  end
end
