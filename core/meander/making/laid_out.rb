# frozen_string_literal: true

module Meander
  module Making
    # What is laid out before a piece is begun: tools and mandrels by what its endings, forms and crafts ask for, and
    # its beads (common practice, no source).
    class LaidOut
      # Ends that are rolled or bent round something.
      ROUND = %w[loop eye hook doubled_hook curl bail].freeze

      # @param plan [Planner::Plan]
      # @return [Array<Hash>] id:, words:
      def self.call(plan) = new(plan).call

      def initialize(plan)
        @plan = plan
        @piece = plan.piece
        @cord, @metal = plan.piece.base_wires.partition { |wire| wire.material.fibre? }
        @found = []
      end

      def call
        cut
        formed
        crafts
        worn
        beads
        @found
      end

      private

      def item(id, words) = @found << {id: "out #{id}", words:}

      def cut
        item("rule", "A ruler and a pen that marks wire.")
        if @metal.any?
          item("cutters", "Flush cutters, and something over the eyes.")
          item("pliers", "Pliers with nylon jaws to straighten wire, flat ones to hold it, a fine file for its tips.")
        end
        item("scissors", "Scissors, and tape or glue against fraying.") if @cord.any?
      end

      def formed
        round = @piece.endings.select { |one| ROUND.include?(one.kind) }.map { |one| @plan.ended(one.id).words }.uniq
        item("round", "Round-nose pliers, or rods, for: #{round.join("; ")}.") if round.any?
        shaped = @plan.band.nil? && @metal.any?
        item("template", "The printed template; lay a ruler on its scale first.") if shaped
      end

      def crafts
        hooks = @plan.sections.map(&:section).select { |one| one.craft == "crochet" }.map { |one| one[:hook].mm }.uniq
        hooks.each { |mm| item("hook #{mm}", "A crochet hook #{Units::Text.wire(mm)} thick.") }
        knotted = @plan.sections.any? { |one| one.section.craft == "knot" }
        item("board", "A board or a clip to fasten cords to.") if knotted
      end

      def worn
        return unless @plan.fit.worn?

        item("mandrel", @piece.ring? ? "A ring mandrel." : "A bottle or a mandrel near the wrist, and the wrist guide.")
      end

      def beads
        told = Needed.beads(@plan)
        item("beads", "A mat, and #{Units::Text.list(told)}; a few more than that.") if told.any?
      end
    end
  end
end
