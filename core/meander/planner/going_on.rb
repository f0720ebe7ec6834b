# frozen_string_literal: true

module Meander
  module Planner
    # Working wire that goes on from section to section: which of them one length makes. It goes on as long as a hand
    # can manage it; a section whose beads are strung beforehand begins a length of its own, and what joins others goes
    # on from a woven one.
    class GoingOn
      # sections: { id => Crafts::OnWire }, of those that share a length; leads: LedWay::Led values.
      attr_reader :sections, :leads

      # What a section takes of such a length, and what is led to it.
      Element = Struct.new(:section, :path_mm, :led_mm) do
        def woven? = !section.strip.nil?
        def threaded? = section.section.threaded.any?

        # Is all of the section made with this length?
        def whole? = !woven? || section.strip.account.lengths.size == 1
      end

      # piece: Document::Piece; placed: Placed, every section with wire of its own.
      def initialize(piece, placed, calibration)
        @piece = piece
        @placed = placed
        @stretch = (1 + calibration.slack) * (1 + piece.margin)
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
          comes_on = come_on(wire, found.last, section)
          (comes_on && found.last.last.whole?) ? found : [*found, [last(section)]]
        end
        runs.select { |run| run.size > 1 }
      end

      def last(section) = Element.new(section, section.strip&.account&.lengths&.last&.path_mm || section.path_mm, 0.0)
      def first(section) = section.strip&.account&.lengths&.first&.path_mm || section.path_mm

      # Adds a section to a length, where that can make it, too.
      def come_on(wire, run, section)
        led = LedWay.new(@placed, wire).call(run.last.section, section)
        element = Element.new(section, first(section), led.mm)
        return false unless run.first.woven? && !element.threaded? && comfortable?([*run, element])

        @leads << led
        run << element
      end

      # Can a hand manage a length that makes all these?
      def comfortable?(run)
        ends = (2 * @piece.allowance_mm(:tail)) + @piece.allowance_mm(:waste) + kept_mm(run) + ended_mm(run)
        mm = run.sum { |one| one.path_mm + one.led_mm }
        (mm * @stretch) + ends <= @piece.allowance_mm(:working_length) + Tolerance::PACKING_MM
      end

      # { section id => OnWire }.
      def on(runs)
        runs.each_with_object(Hash.new { |all, id| all[id] = Crafts::OnWire.new }) do |run, found|
          run.each_with_index do |one, i|
            shared = shared_by(run, i)
            found[one.section.id].first = shared if i.positive? || one.whole?
            found[one.section.id].last = shared if i.zero? || one.whole?
          end
        end
      end

      def shared_by(run, index)
        one, before = run[index], run.first(index)
        Crafts::OnWire::Element.new(from: before.last&.section&.id, led_mm: one.led_mm,
          onward: run.drop(index + 1).map { |other| other.section.id },
          before_mm: before.sum { |other| other.path_mm + other.led_mm } + one.led_mm,
          others_mm: run.sum(&:path_mm) - one.path_mm, leads_mm: run.sum(&:led_mm),
          kept_mm: kept_mm(run), ended_mm: ended_mm(run)).freeze
      end

      # What is left of it is bent to, where the last of its sections is woven to its end.
      def ended_mm(run) = (run.last.woven? && run.last.whole?) ? run.last.section.layout.left_over_mm("end") : 0.0

      # On the tail it begins with, or ends with, where that is the one of its section.
      def kept_mm(run)
        {run.first => true, run.last => false}.sum do |one, first|
          section = one.section.section
          (one.whole? && section.reserved_first? == first) ? section.reserve_mm : 0.0
        end
      end
    end
  end
end
