# frozen_string_literal: true

module Meander
  # The order a maker works in, step by step in words.
  module Work
    # The order of work of a piece: cut, string, then section by section, join, set beads, bend to what it is worn on,
    # end.
    class Order
      # plan: Planner::Plan.
      # @return [Array<Step>]
      def self.call(plan) = new(plan).call

      def initialize(plan)
        @plan = plan
        @context = Context.new(plan)
        @laid = []
      end

      def call
        [cut, *Beading.strung(@plan), *sections, *Beading.set(@plan, @plan.calibration), *worn, *covers,
          *Finishing.call(@plan), *pair,
          Finishing.look(@plan.band ? "the printed page" : "the printed template")]
      end

      private

      def cut
        marked = @plan.band ? "mark where the weave starts, its middle and where it stops" : "mark them"
        Cutting.call(@plan, "straighten the base wires and #{marked}")
      end

      # What is made on other sections comes once all of them lie ready.
      def sections
        own, on_others = @plan.sections.partition { |section| section.joins.empty? }
        [*own, *on_others].flat_map { |section| [*added(section), *section.steps(@context), *freed(section)] }
      end

      def added(section)
        fresh = section.base - @laid
        @laid |= section.base
        return [] if fresh.empty? || section == @plan.sections.first

        [Step.of("add", "Add #{Units::Text.list(fresh.map(&:words))} for #{@context.called(section)}.", section.id,
          wires: fresh.map(&:id))]
      end

      # Base wires that only led on to here are cut away once the section holds.
      def freed(section)
        routes = @plan.piece.routes
        gone = routes.seated(section.id, "base").select { |visit| routes.away?(visit) }.map { |visit| visit.number - 1 }
        return [] if gone.empty?

        named = Units::Text.list(gone.map { |number| "wire #{number + 1}" })
        said = "Cut #{named} away between #{@context.called(section)} and the one before it; file the stubs, no end " \
               "may stand out."
        [Step.of("secure", said, section.id, wires: gone.map { |number| section.base[number].id })]
      end

      # A band is bent to what it is worn on. Too short for any wrist, it has none to be bent to.
      def worn
        fit = @plan.fit
        return [] unless fit.free && @plan.piece.band?

        to = fit.wrist_mm ? " to a wrist of #{say(fit.wrist_mm)}" : ""
        how = {"cuff" => "Bend it over a bottle or a mandrel from both " \
                         "ends#{"#{to}, open #{say(fit.opening_mm)}" if fit.wrist_mm}.",
               "bracelet" => "Bend it gently over a bottle or a mandrel#{to}.",
               "ring" => "Bend it on the ring mandrel#{" to #{fit.size_words}" unless fit.size_words.empty?}, #{met}."}
        [Step.of("bend", how.fetch(@plan.piece.kind), fit.free, wires: @plan.piece.base_wires.map(&:id))]
      end

      # How the ends of a ring meet.
      def met
        closing = @plan.piece.worn[:closing] || {kind: nil}
        {"beside" => "its ends side by side", "over" => "one end over the other",
          "open" => "open #{say(@plan.fit.opening_mm)}"}[closing[:kind]]
      end

      def covers
        @plan.separate_lengths.select { |own| own.kind == "cover" }.map do |own|
          Step.of("end",
            "Wind #{own.cut_mm} mm of #{own.wire.words} on a mandrel as thick as the base wire and slide it over: it " \
            "#{own.use}.", nil, own.wraps / @plan.calibration.pace.to_f,
            wires: [own.wire.id])
        end
      end

      def pair
        @plan.pair? ?
          [Step.of("pair",
            "Make the second one as its mirror image: same counts, same marks, what turns to the left now turns to " \
            "the right.")] : []
      end

      def say(length_mm) = Units::Text.length(length_mm)
    end
  end
end
