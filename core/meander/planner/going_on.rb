# frozen_string_literal: true

module Meander
  module Planner
    # Working wire that goes on from section to section: which of them one length weaves. It goes on as long as a hand
    # can manage it; a section whose beads are strung beforehand begins a length of its own.
    class GoingOn
      # A way that is led to a section: its id, of which wire, its points in the finished piece, how long it is, and
      # whether it goes straight across, along no base wire.
      Led = Struct.new(:section, :wire, :points, :mm, :across)

      # sections: { id => Crafts::OnWire }, of those that share a length; leads: Led values.
      attr_reader :sections, :leads

      # What a section weaves on such a length, and what is led to it.
      Element = Struct.new(:section, :path_mm, :led_mm)

      # piece: Document::Piece; placed: Placed, every section with wire of its own.
      def initialize(piece, placed)
        @placed = placed
        travelling = piece.wires.reject(&:base?).select { |wire| piece.routes.of(wire.id).size > 1 }
        @leads = []
        runs = travelling.flat_map { |wire| shared(wire, piece.routes.of(wire.id)) }
        @sections = on(runs).freeze
        @leads.freeze
        freeze
      end

      private

      # The lengths of a wire that several sections share: [[Element, ...], ...]. Of a section that takes several
      # lengths only the first comes on, and only the last goes on.
      def shared(wire, visits)
        first, *others = visits.map { |visit| @placed.section(visit.section) }
        runs = others.reduce([[last(first)]]) do |found, section|
          lengths = section.strip.account.lengths.size
          come_on(wire, found.last, section)
          found << [] unless found.last.last.section == section
          (found.last.empty? || lengths > 1) ? [*found.reject(&:empty?), [last(section)]] : found
        end
        runs.select { |run| run.size > 1 }
      end

      def last(section) = Element.new(section, section.strip.account.lengths.last.path_mm, 0.0)

      # Adds a section to a length, where that can weave it, too.
      def come_on(wire, run, section)
        led = led(wire, run.last.section, section)
        element = Element.new(section, section.strip.account.lengths.first.path_mm, led.mm)
        return unless fits?(run, element)

        @leads << led
        run << element
      end

      def fits?(run, element)
        return false if element.section.section.threaded.any?

        all = [*run, element]
        mm = all.sum { |one| one.path_mm + one.led_mm }
        all.all? { |one| one.section.strip.account.holds?(mm) }
      end

      # { section id => OnWire }.
      def on(runs)
        runs.each_with_object(Hash.new { |all, id| all[id] = Crafts::OnWire.new }) do |run, found|
          run.each_with_index do |one, i|
            shared = shared_by(run, i)
            whole = one.section.strip.account.lengths.size == 1
            found[one.section.id].first = shared if i.positive? || whole
            found[one.section.id].last = shared if i.zero? || whole
          end
        end
      end

      def shared_by(run, index)
        one, before = run[index], run.first(index)
        Crafts::OnWire::Element.new(from: before.last&.section&.id, led_mm: one.led_mm,
          onward: run.drop(index + 1).map { |other| other.section.id },
          before_mm: before.sum { |other| other.path_mm + other.led_mm } + one.led_mm,
          others_mm: run.sum(&:path_mm) - one.path_mm, leads_mm: run.sum(&:led_mm),
          kept_mm: kept_mm(run)).freeze
      end

      # On the tail it begins with, or ends with, where that is the one of its section.
      def kept_mm(run)
        {run.first => true, run.last => false}.sum do |one, first|
          section, alone = one.section.section, one.section.strip.account.lengths.size == 1
          (alone && section.reserved_first? == first) ? section.reserve_mm : 0.0
        end
      end

      # Along a base wire that runs from the one to the other, at its back; straight across where none does.
      def led(wire, from, to)
        bare = from.strip.bare_mm + to.strip.bare_mm
        along = along(from, to).min_by { |points, _| Form::Trace.polyline_mm(points) }
        return across(wire, from, to, bare) unless along

        points, base = along
        deep = (base.mm + wire.mm) / 2
        Led.new(to.id, wire, points.map { |x, y, z| [x, y, z - deep] }, Form::Trace.polyline_mm(points) + bare, false)
          .freeze
      end

      # [[points, base wire], ...], from the end of the one to the beginning of the other.
      def along(from, to)
        @placed.ways.flat.keys.filter_map do |way|
          next unless way.sections.sort == [from.id, to.id].sort

          here, there = way.at(from.id), way.at(to.id)
          sides = [here, there].map { |visit| visit.equal?(way.from) ? visit.leaves : visit.enters }
          next unless sides[1] == "start"

          bare = @placed.ways.to(way.to)
          bare = bare.reverse if way.from.equal?(there)
          [((sides[0] == "end") ? [] : back(from, here)) + bare, from.base[here.number - 1]]
        end
      end

      # A base wire of a section from its end back to its beginning.
      def back(section, visit) = section.trace(visit.number - 1).reverse.map { |point| @placed.pose(section).at(point) }

      def across(wire, from, to, bare)
        ends = [@placed.pose(from).at(from.out[0]), @placed.pose(to).at([0.0, 0.0, 0.0])]
        deep = (from.base.map(&:mm).max + wire.mm) / 2
        Led.new(to.id, wire, ends.map { |x, y, z| [x, y, z - deep] }, Form::Trace.polyline_mm(ends) + bare, true).freeze
      end
    end
  end
end
