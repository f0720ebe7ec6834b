# frozen_string_literal: true

module Meander
  module Work
    # A cuff, bracelet or ring bent to what it is worn on. Too short for any wrist, it has none to be bent to.
    class Wearing
      # plan: Planner::Plan.
      # @return [Array<Step>]
      def self.call(plan) = new(plan).call

      def initialize(plan)
        @plan = plan
        @fit = plan.fit
        @wrist = @fit.wrist_mm
      end

      def call
        return [] unless Document::Fields::BANDS.include?(@plan.piece.kind)
        return [] if @plan.band && @fit.free.nil?

        bases = @plan.piece.base_wires
        [Step.of("bend", "Bend #{how}.", @fit.free || @plan.sections.first.id, wires: bases.map(&:id),
          makes: Step::Made.wires(bases))]
      end

      private

      def say(length_mm) = Units::Text.length(length_mm)
      def what = @plan.band ? "the strip" : "the whole of it"
      def wrist = @wrist ? " to a wrist of #{say(@wrist)}" : ""

      def how
        case @plan.piece.kind
        when "cuff" then "#{what} over a bottle or a mandrel, #{inwards}"
        when "bracelet" then "#{what} gently over a bottle or a mandrel#{wrist}"
        else "#{what} on the ring mandrel#{" to #{@fit.size_words}" unless @fit.size_words.empty?}, #{met}"
        end
      end

      def inwards
        return "from both ends inwards" unless @wrist

        "from both ends inwards,#{wrist}; the opening is then #{say(@fit.opening_mm)}, measured along the curve"
      end

      # How the ends of a ring meet.
      def met
        closing = @plan.piece.worn[:closing] || {kind: nil}
        {"beside" => "its ends side by side", "over" => "one end over the other",
          "open" => "open #{say(@fit.opening_mm)}"}[closing[:kind]]
      end
    end
  end
end
