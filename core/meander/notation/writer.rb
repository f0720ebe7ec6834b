# frozen_string_literal: true

module Meander
  module Notation
    # Writes a list of gaps in the short notation that Reader reads.
    module Writer
      # Reading what is written gives the gaps back.
      def self.call(gaps)
        parts = []
        rest = gaps
        until rest.empty?
          count = wraps(rest)
          count = 0 if count == 1 && parts.last.is_a?(Array)
          count.zero? ? through(parts, rest.first) : parts << wrapped(rest, count)
          rest = rest.drop(count.zero? ? 1 : 2 * count)
        end
        parts.map { |part| part.is_a?(Array) ? "through #{part.join(" ")}" : part }.join(", ")
      end

      # How often the first two gaps come again and again. Once only is a wrap too, if the wire then turns back.
      def self.wraps(gaps)
        from, to, onward = gaps
        return 0 unless to
        return 0 if onward && (onward > to) == (to > from)

        gaps.each_slice(2).take_while { |pair| pair == [from, to] }.size
      end

      def self.through(parts, gap) = parts.last.is_a?(Array) ? parts.last << gap : parts << [gap]

      def self.wrapped(gaps, count)
        from, to = gaps
        first, last = [from, to].minmax
        span = (last == first + 1) ? last.to_s : "#{first + 1}-#{last}"
        "#{count} #{(from < to) ? "on" : "far"} #{span}"
      end
      private_class_method :wraps, :through, :wrapped
    end
  end
end
