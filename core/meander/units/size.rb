# frozen_string_literal: true

module Meander
  module Units
    # A length in mm together with the words it was typed in, so that `20 awg` survives.
    class Size
      attr_reader :mm, :typed

      def initialize(mm, typed)
        @mm = mm.to_f
        @typed = typed.dup.freeze
        freeze
      end

      # A size that was worked out, named in mm.
      def self.of(mm) = new(mm.round(3), "#{Text.number(mm, 3)} mm")

      def to_h = {mm:, typed:}
      def ==(other) = other.is_a?(Size) && mm == other.mm && typed == other.typed
      alias_method :eql?, :==
      def hash = [mm, typed].hash
    end
  end
end
