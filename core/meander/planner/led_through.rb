# frozen_string_literal: true

module Meander
  module Planner
    # Finds the hole an end is led through, as that end sees it, once both stand.
    class LedThrough
      # leaving: LedEnd, as it is before that is known; loop: EndedAt; called: that in words; place: the JSON pointer to
      # the ending.
      # @return [Endings::Hole]
      # @raise [InvalidInput] where it cannot be led there
      def self.call(leaving, loop, called, place) = new(leaving, loop, called, place).hole

      def initialize(leaving, loop, called, place)
        @end = leaving
        @loop = loop
        @called = called
        @place = place
      end

      def hole
        refuse(:through, "#{@called} does not lie flat with this end", "a loop in its plane") unless flat?

        found = Endings::Hole.new(at: at(0.0), inside: @loop.ending.hole_mm, wire: @loop.ending.wires.first.mm,
          turns: @loop.bent.turns_beside, before: at(-1.0).zip(at(0.0)).first(2).map { |back, here| back - here },
          thick: @loop.section.thickness_mm, called: @called)
        found.tap { reached(found) }
      end

      private

      def flat? = [@end, @loop].all? { |one| one.section.flat? }

      # A place of the loop's axis, so far outwards from the middle of its hole.
      def at(off)
        across, out, height = @loop.bent.middle_of_hole
        @end.local(@loop.at([across, out + off, height || 0.0]))
      end

      def reached(hole)
        widest = Endings::Led.widest_mm(hole, @end.ending.wires.first.mm, @end.bent.leaves_at)
        if widest.nil? || widest < Document::Fields::LED_BEND.begin
          refuse(:through, "#{@called} stands so near that this end cannot be bent into it", "a loop further off")
        end
        return if @end.ending[:inside].mm <= widest

        # Rounded down, so that it is accepted.
        refuse(:inside, "a bend that wide does not come round to #{@called}",
          "at most #{(widest * 10).floor / 10.0} mm")
      end

      def refuse(key, message, accepted)
        given = @end.ending[key]
        raise InvalidInput.new([Fault.new(path: "#{@place}/#{key}", code: "led", message:, accepted:,
          given: given.respond_to?(:typed) ? given.typed : given)])
      end
    end
  end
end
