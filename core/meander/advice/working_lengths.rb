# frozen_string_literal: true

module Meander
  module Advice
    # The lengths of weaving wire a hand can manage. Past about two metres it kinks (common practice, no source).
    module WorkingLengths
      KINKS_MM = 2000.0

      # plan: of a strip.
      def self.call(plan) = [too_long(plan), joined(plan)].compact

      def self.too_long(plan)
        longest = plan.account.lengths.map(&:cut_mm).max
        return if plan.account.comfortable? && longest <= KINKS_MM + 1e-9

        Item.new(id: "working-length-long", severity: "warn", place: "/allowances/working_length",
                 title: "The longest working length is #{Units::Text.length(longest)}",
                 why: plan.account.comfortable? ? "Past about 2 m the wire kinks and every pull is slow." : "A single repeat with its tails is longer than the comfortable length asked for.",
                 remedy: plan.account.comfortable? ? "Join lengths of 2 m or less." : "Allow a longer working length, shorter tails or a smaller repeat.",
                 figures: {longest_mm: longest})
      end

      def self.joined(plan)
        joins = plan.account.joins.size
        return if joins.zero?

        Item.new(id: "joins", severity: "note", place: "/allowances/working_length",
                 title: "#{Units::Text.count(plan.account.lengths.size, "working length")}, #{Units::Text.count(joins, "join")}",
                 why: "Each is short enough to handle and starts with a whole repeat.",
                 remedy: "Join on the single coils a repeat begins with, at the back, where the ends can be tucked.",
                 figures: {joins:})
      end
      private_class_method :too_long, :joined
    end
  end
end
