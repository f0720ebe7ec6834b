# frozen_string_literal: true

module Meander
  module Weave
    # The mirror images of a section's walk with what is woven before and after it, as patterns of their own.
    module Mirrors
      # pattern: a walk as a document has it; base: how many base wires. Near for far (across), end for start (along),
      # back for front (turned).
      def self.call(pattern, base)
        pattern = as_walk(pattern) if pattern[:kind] == "coils"
        {across: across(pattern, base), along: image(pattern, &:along), turned: image(pattern, &:turned)}
      end

      # Near for far alone.
      def self.across(pattern, base)
        pattern = as_walk(pattern) if pattern[:kind] == "coils"
        image(pattern) { |walk| walk.across(base) }
      end

      def self.image(pattern)
        gaps = ->(list) { yield(Walk.new(list)).gaps }
        stretches = ->(side) { pattern[side].map { |stretch| {**stretch, gaps: gaps.call(stretch[:gaps])} } }
        {gaps: gaps.call(pattern[:gaps]), before: stretches.call(:before), after: stretches.call(:after)}
      end

      # A coil pattern as the walk it is, with the coils before and after it.
      def self.as_walk(pattern)
        coils = ->(times) { times.zero? ? [] : [{gaps: [0, 1], times:}] }
        {gaps: Walk.coils(pattern[:single], pattern[:both]).gaps, before: coils.call(pattern[:anchor]),
          after: coils.call(pattern[:closing])}
      end
      private_class_method :image, :as_walk
    end
  end
end
