# frozen_string_literal: true

module Meander
  module Advice
    # What cannot be done where the maker put it in the order of work.
    module StepsBroken
      def self.call(plan) = Work::Sequence.of(plan).breaks.map { |one| item(plan, one) }

      # one: Work::Sequence::Break.
      def self.item(plan, one) = one.needs ? too_early(plan, one) : closed(plan, one)

      # Where the maker put it.
      def self.place(plan, one) = ["/steps", plan.piece.document[:steps].index(one.task.id)].compact.join("/")

      def self.too_early(plan, one)
        what, first = Units::Text.sentence(one.task.words), one.needs.words
        AdviceItem.of("step-too-early", "stop", place(plan, one), "#{what}: not before #{first}",
          "#{Units::Text.sentence(first)} comes first: #{one.why}.", "Move it behind #{first} in the order of work.",
          task: one.task.id, needs: one.needs.id)
      end

      # Both ends of a wire are bent before something is slid on it.
      def self.closed(plan, one)
        what, name = Units::Text.sentence(one.task.words), plan.names.call(plan.piece.wire(one.wire))
        AdviceItem.of("step-closed-off", "stop", place(plan, one), "#{what}: no end of #{name} is open any more",
          "It is slid on over an end, and both ends of #{name} are bent by then.",
          "Move it before one of its endings in the order of work.", task: one.task.id, wire: one.wire)
      end
      private_class_method :place, :too_early, :closed
    end
  end
end
