# frozen_string_literal: true

module Meander
  module Document
    # What the routes of wires say, read off once: which wire sits where, what ends in what, what is folded, covered and
    # carried.
    class Routes
      # A visit of a wire (as read): stop: its number on the route; role, number: of the seat.
      Visit = Struct.new(:wire, :stop, :section, :role, :number, :back, :cut_away, keyword_init: true) do
        def base? = role == "base"

        # The side of its section that it comes in at, and leaves at.
        def enters = back ? "end" : "start"
        def leaves = back ? "start" : "end"
      end
      # An end of a wire at an ending: side: of the wire, start or end; ending: its id; place: among the wires there;
      # visit: of the section it leaves.
      End = Struct.new(:wire, :side, :ending, :place, :visit) do
        def section = visit&.section
        # The side of the section it stands at.
        def at = visit && ((side == "start") ? visit.enters : visit.leaves)
      end
      # From a visit on to the next in another section; cut_away: whether that is cut away in the end.
      Way = Struct.new(:from, :to, :cut_away) do
        def wire = from.wire
        def sections = [from.section, to.section]

        # Its visit to one of the two sections.
        def at(section) = (from.section == section) ? from : to
      end
      # A fold on a route: between which two visits.
      Fold = Struct.new(:wire, :id, :ring, :from, :to)

      # wires: as read.
      def initialize(wires)
        @wires = wires
        @visits = wires.flat_map { |wire| visits_of(wire) }.freeze
        @of = visits.group_by { |visit| visit.wire[:id] }.freeze
        @folds = wires.flat_map { |wire| folds_of(wire) }.freeze
        @ways = wires.flat_map { |wire| ways_of(wire) }.freeze
        @ended = wires.flat_map { |wire| ends_of(wire) }.freeze
        @ends = ended.group_by(&:ending).transform_values { |some| some.sort_by(&:place).freeze }.freeze
        @end_of = ended.to_h { |one| [[one.wire[:id], one.side], one] }.freeze
        freeze
      end

      # Every visit; every fold; every way between sections; every end that ends in something.
      attr_reader :visits, :folds, :ways, :ended

      def of(wire_id) = @of.fetch(wire_id, [])

      # Which visit of a wire, from 0, work on it begins with.
      def begun(wire_id)
        own = of(wire_id)
        stop = own.first&.wire&.dig(:begun, :stop) or return 0
        own.index { |visit| visit.stop == stop - 1 } || 0
      end

      # Visits to the seats of a section that are called so, in the order of the seats.
      def seated(section_id, role)
        visits.select { |visit| visit.section == section_id && visit.role == role }.sort_by.with_index do |visit, i|
          [visit.number, i]
        end
      end

      # Ends in an ending, in their order there.
      def ends(ending_id) = @ends.fetch(ending_id, [].freeze)

      # Where an end of a wire (start or end) ends; nil where it is cut flush.
      def end_of(wire_id, side) = @end_of[[wire_id, side]]

      # The wire that covers a fold, and that which carries a placement of beads: as read, nil where there is none.
      def cover(fold_id)
        @wires.find { |wire| wire[:route].any? { |stop| stop[:kind] == "cover" && stop[:fold] == fold_id } }
      end

      def carrier(beads_id)
        @wires.find { |wire| wire[:route].any? { |stop| stop[:kind] == "carry" && stop[:beads] == beads_id } }
      end

      # Ways of base wires between a section and others, by their seats there.
      def ways_of_section(id)
        ways.select { |way| way.from.base? && way.sections.include?(id) }.sort_by { |way| way.at(id).number }
      end

      # Is a wire cut away on its way to a visit?
      def away?(visit) = visit.stop.positive? && visit.wire[:route][visit.stop - 1][:kind] == "way"

      private

      def ends_of(wire)
        %w[start end].filter_map do |side|
          wire[:ends][side.to_sym]&.then do |told|
            End.new(wire, side, told[:ending], told[:place], outermost(wire, side)).freeze
          end
        end
      end

      def folds_of(wire)
        own = of(wire[:id])
        folds = wire[:route].each_with_index.select { |stop, _| stop[:kind] == "fold" }
        folds.map do |stop, i|
          Fold.new(wire, stop[:id], stop[:ring], own.reverse.find { |visit| visit.stop < i },
            own.find { |visit| visit.stop > i }).freeze
        end
      end

      def ways_of(wire)
        folded = folds.select { |fold| fold.wire == wire }.map(&:to)
        of(wire[:id]).each_cons(2).reject { |_, to| folded.include?(to) }.map do |from, to|
          Way.new(from, to, away?(to)).freeze
        end
      end

      def visits_of(wire)
        wire[:route].each_with_index.select { |stop, _| stop[:kind] == "visit" }.map do |stop, i|
          role, number = Shape::Seat.parts(stop[:seat])
          Visit.new(wire:, stop: i, section: stop[:section], role:, number:, back: stop[:back],
            cut_away: stop[:cut_away]).freeze
        end
      end

      def outermost(wire, side) = of(wire[:id]).then { |own| (side == "start") ? own.first : own.last }
    end
  end
end
