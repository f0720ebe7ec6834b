# frozen_string_literal: true

module Meander
  module Weave
    # The mirror images of a section's walk with what is woven before and after it, as patterns of their own.
    module Mirrors
      # pattern: a walk as a document has it; base: how many base wires. Near for far (across), end for start (along), back for
      # front (turned); nil for a coil pattern, which has no images of its kind.
      def self.call(pattern, base)
        return if pattern[:kind] == "coils"

        {across: image(pattern) { |walk| walk.across(base) }, along: image(pattern, &:along), turned: image(pattern, &:turned)}
      end

      def self.image(pattern)
        gaps = ->(list) { yield(Walk.new(list)).gaps }
        stretches = ->(side) { pattern[side].map { |stretch| {gaps: gaps.call(stretch[:gaps]), times: stretch[:times]} } }
        {gaps: gaps.call(pattern[:gaps]), before: stretches.call(:before), after: stretches.call(:after)}
      end
      private_class_method :image
    end
  end
end
