# frozen_string_literal: true

module Meander
  module Advice
    # Pins that contradict each other, with what letting go of each would give.
    module PinConflicts
      NAMES = {"repeats" => "the repeats", "woven" => "the woven length", "wire" => "the weaving wire"}.freeze

      def self.call(plan)
        pins = Planner::SolveFit.pins(plan.piece)
        plan.fit.conflicts.map do |conflict|
          freed = conflict[:pins].filter_map { |pin| free(plan, pins, pin) }
          AdviceItem.new(id: "pins-conflict", severity: "stop", place: "/pins", title: title(conflict[:pins], plan.piece),
                   why: "#{Units::Text.sentence(conflict[:reason])}.", remedy: remedy(freed, plan.piece), figures: {pins: conflict[:pins], frees: freed})
        end
      end

      def self.name(pin, piece) = NAMES.fetch(pin) { "the #{piece.worn_on}" }

      def self.title(pins, piece)
        names = Units::Text.list(pins.map { |pin| name(pin, piece) })
        (pins.size == 1) ? "#{names.capitalize} cannot be met" : "#{names.capitalize} contradict each other"
      end

      # What a pin would become if it were let go and the others kept; nil where that alone solves nothing.
      def self.free(plan, pins, pin)
        rest = pins.reject { |other, _| other == pin }
        return if rest.empty?

        fit = Planner::SolveFit.holding(plan, rest)
        {pin:, words: words(pin, fit, plan)} if fit.conflicts.empty?
      end

      def self.words(pin, fit, plan)
        case pin
        when "wrist" then "a #{plan.piece.worn_on} of #{Units::Text.length(fit.wrist_mm)}"
        when "repeats" then Units::Text.count(fit.repeats, "repeat")
        when "woven" then "#{Units::Text.length(fit.woven_mm)} woven"
        else "#{Units::Text.length(plan.free.working_mm(fit.repeats))} of weaving wire"
        end
      end

      def self.remedy(freed, piece)
        return "Change one of the values, or the pattern, bare ends and opening." if freed.empty?

        choices = freed.map { |free| "let go of #{name(free[:pin], piece)} (it becomes #{free[:words]})" }
        "#{Units::Text.sentence(Units::Text.list(choices, "or"))}."
      end
      private_class_method :name, :title, :free, :words, :remedy
    end
  end
end
