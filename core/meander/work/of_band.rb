# frozen_string_literal: true

module Meander
  module Work
    # The order of work of one woven band: cut, string, anchor, weave, secure, beads, bend to its round, end.
    class OfBand
      def self.call(plan) = new(plan).call

      # plan: Planner::Plan.
      def initialize(plan)
        @plan = plan
        @piece = plan.piece
        @weaving = Weaving.new(plan, where: where, weaves: @piece.document[:weaves], section: @piece.section[:id])
      end

      # @return [Array<Step>]
      def call
        [cut, *Beading.strung(@plan), @weaving.anchor, *Beading.held(@plan.gaps), *@weaving.weave, *freed,
          *Beading.set(@plan, @plan.layout.calibration), *bent, *Finishing.call(@piece) { |one| @plan.layout.endings.fetch(one[:side]) }, Finishing.look("the printed page")]
      end

      private

      def cut
        Cutting.call(@plan, "straighten the base wires and mark where the weave starts, its middle and where it stops")
      end

      # From the middle it begins at the middle mark, else at the start mark of the first wire.
      def where = (@plan.layout.sides == 2) ? "at the middle mark" : "at the start mark, #{Units::Text.length(@plan.bars.first.start_mark_mm)} from the end"

      # Base wires cut away once it holds.
      def freed
        gone = @plan.bars.select { |bar| @piece.cut_away?(bar.wire.id) }.map { |bar| "wire #{@plan.bars.index(bar) + 1}" }
        gone.empty? ? [] : [Step.of("secure", "Cut #{Units::Text.list(gone)} away; file the stubs, no end may stand out.", @piece.section[:id],
          wires: @plan.bars.map { |bar| bar.wire.id }.select { |id| @piece.cut_away?(id) })]
      end

      # Too short for any wrist, it has none to be bent to.
      def bent
        fit = @plan.fit
        to = fit.wrist_mm ? " to a wrist of #{say(fit.wrist_mm)}" : ""
        how = {"cuff" => "Bend it over a bottle or a mandrel from both ends#{"#{to}, open #{say(fit.opening_mm)}" if fit.wrist_mm}.",
               "bracelet" => "Bend it gently over a bottle or a mandrel#{to}.",
               "ring" => "Bend it on the ring mandrel#{" to #{fit.size_words}" unless fit.size_words.empty?}, #{met}."}
        [Step.of("bend", how.fetch(@piece.body[:kind]), @piece.section[:id], wires: @piece.base_wires.map(&:id))]
      end

      # How the ends of a ring meet.
      def met
        closing = @piece.body[:closing] || {kind: nil}
        {"beside" => "its ends side by side", "over" => "one end over the other", "open" => "open #{say(@plan.fit.opening_mm)}"}[closing[:kind]]
      end

      def say(length_mm) = Units::Text.length(length_mm)
    end
  end
end
