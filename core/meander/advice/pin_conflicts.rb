# frozen_string_literal: true

module Meander
  module Advice
    # Pins that contradict each other, with what letting go of each would give.
    module PinConflicts
      NAMES = {"repeats" => "the repeats", "woven" => "the woven length", "wire" => "the weaving wire"}.freeze

      def self.call(plan)
        pins = Planner::Pins.of(plan.piece)
        plan.fit.conflicts.map do |conflict|
          freed = conflict[:pins].filter_map { |pin| free(plan, pins, pin) }
          AdviceItem.new(id: "pins-conflict", severity: "stop", place: "/pins", title: title(conflict[:pins], plan),
            why: "#{Units::Text.sentence(conflict[:reason])}.",
            remedy: remedy(freed),
            figures: {pins: conflict[:pins].map(&:first), frees: freed.map { |one| one.except(:name) }})
        end
      end

      # A pin in words: of which section, where there are several.
      def self.name((quantity, of), plan)
        section = plan.sections.find { |one| one.id == of }
        [NAMES.fetch(quantity) { "the #{plan.piece.worn_on}" }, section && plan.called(section)].compact.join(" of ")
      end

      def self.title(pins, plan)
        names = Units::Text.list(pins.map { |pin| name(pin, plan) })
        (pins.size == 1) ? "#{names.capitalize} cannot be met" : "#{names.capitalize} contradict each other"
      end

      # What a pin would become if it were let go and the others kept; nil where that alone solves nothing.
      def self.free(plan, pins, pin)
        rest = pins.without(pin)
        return if rest.empty?

        fit = Planner::SolveFit.holding(plan, rest)
        {pin: pin.first, name: name(pin, plan), words: words(pin, fit, plan)} if fit.conflicts.empty?
      end

      def self.words((quantity, of), fit, plan)
        return "a #{plan.piece.worn_on} of #{Units::Text.length(fit.wrist_mm)}" if quantity == "wrist"

        laid = plan.laid.select do |one|
          (quantity == "wire") ? fit.extents.key?(one.id) && one.section.working.any? { |wire| wire.kind == of } :
            one.id == of
        end
        repeats = fit.extents.fetch(laid.first.id).first
        case quantity
        when "repeats" then laid.first.counted(repeats)
        when "woven" then "#{Units::Text.length(laid.first.woven_mm(repeats))} woven"
        else "#{Units::Text.length(laid.sum { |one| one.working_mm(fit.extents.fetch(one.id).first) })} of weaving wire"
        end
      end

      def self.remedy(freed)
        return "Change one of the values, or the pattern, bare ends and opening." if freed.empty?

        choices = freed.map { |free| "let go of #{free[:name]} (it becomes #{free[:words]})" }
        "#{Units::Text.sentence(Units::Text.list(choices, "or"))}."
      end
      private_class_method :name, :title, :free, :words, :remedy
    end
  end
end
