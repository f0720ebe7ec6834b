# frozen_string_literal: true

module Meander
  module Braid
    # Crossings as text: the gap, then r where the strand that goes right lies over, l where the one that goes left
    # does; a round bracket with a number after it is made so often: "1r 2l", "(1r 2l)3 1r".
    module Notation
      TOKEN = /\G\s*,?\s*(?:(?<gap>\d{1,2})\s*(?<over>[rlRL])|(?<open>\()|(?<close>\))\s*(?<times>\d{0,3}))\s*/
      OVER = {"r" => "right", "l" => "left"}.freeze
      # So many crossings make a round at the most.
      MOST = 100
      ACCEPTED = "crossings as 1r 2l: the gap, then r or l for the strand that lies over; (1r 2l)3 for three times"

      # @return [Array<Hash>] as a document has them: { gap:, over: }
      # @raise [Error] naming what cannot be read
      def self.read(text, strands)
        levels, at = [[]], 0
        while at < text.size
          match = TOKEN.match(text, at) or raise Error, "“#{text[at, 20]}” is no crossing; accepted: #{ACCEPTED}"
          at = match.end(0)
          take(match, levels, strands)
        end
        raise Error, "a bracket is not closed; accepted: #{ACCEPTED}" if levels.size > 1
        raise Error, "there is no crossing; accepted: #{ACCEPTED}" if levels.first.empty?

        levels.first
      end

      def self.write(crossings) = crossings.map { |one| "#{one[:gap]}#{one[:over][0]}" }.join(" ")

      def self.take(match, levels, strands)
        if match[:open]
          raise Error, "brackets are nested too deeply; accepted: up to 8" if levels.size > 8

          levels << []
        elsif match[:close]
          raise Error, "a bracket is closed that was not opened; accepted: #{ACCEPTED}" if levels.size == 1

          levels.pop.then { |inner| levels.last.concat(inner * times(match)) }
        else
          levels.last << {gap: gap(match, strands), over: OVER.fetch(match[:over].downcase)}
        end
        return if levels.last.size <= MOST

        raise Error,
          "more than #{MOST} crossings; accepted: up to #{MOST} in a round, which is made as often as you say"
      end

      def self.times(match)
        return 1 if match[:times].empty?

        often = match[:times].to_i
        return often if often.between?(1, MOST)

        raise Error, "“#{match[:times]}” times; accepted: 1 to #{MOST}"
      end

      def self.gap(match, strands)
        match[:gap].to_i.tap do |number|
          next if number.between?(1, strands - 1)

          raise Error, "there is no gap #{number} between #{strands} strands; accepted: 1 to #{strands - 1}"
        end
      end
      private_class_method :take, :times, :gap
    end
  end
end
