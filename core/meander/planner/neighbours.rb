# frozen_string_literal: true

module Meander
  module Planner
    # What one repeat fewer and one more of every section whose repeats were found would do, or one frame of a chain:
    # how far it is woven then, the length reached (nil where the piece is worn round nothing), and the weaving wire. {
    # section:, repeats:, ... }; of a chain repeats are frames.
    module Neighbours
      # plan: Plan.
      def self.call(plan)
        plan.fit.found.flat_map do |id|
          laid, worked = plan.laid.find { |one| one.id == id }, plan.placed.section(id)
          plan.fit.copies.key?(id) ? frames(worked, plan.fit) : repeats(laid, plan.fit)
        end
      end

      def self.repeats(laid, fit)
        now = fit.extents.fetch(laid.id).first
        woven, wire = laid.woven_mm(now), laid.working_mm(now)
        [now - laid.sides, now + laid.sides].select { |count| count.between?(1, laid.most_repeats) }.map do |count|
          told(laid.id, count, laid.woven_mm(count) - woven, laid.working_mm(count) - wire,
            fit).merge(woven_mm: laid.woven_mm(count))
        end
      end

      def self.frames(chain, fit)
        wire = chain.wire_uses.sum(&:total_mm) / chain.copies
        [-1, 1].map { |by| [chain.copies + by, by] }
          .select { |count, _| count.between?(1, Crafts::Common::MOST_COPIES) }.map do |count, by|
          told(chain.id, count, by * chain.pitch_mm, by * wire, fit).merge(woven_mm: count * chain.strip.woven_mm)
        end
      end

      def self.told(section, repeats, change, weaving_change_mm, fit)
        reached = fit.worn? ? {strip_mm: fit.strip_mm + change, off_mm: fit.strip_mm + change - fit.wanted_mm} :
          {strip_mm: nil, off_mm: nil}
        {section:, repeats:, change_mm: change, **reached, weaving_change_mm:}
      end
      private_class_method :repeats, :frames, :told
    end
  end
end
