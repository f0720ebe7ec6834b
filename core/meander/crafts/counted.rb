# frozen_string_literal: true

module Meander
  module Crafts
    # How far a section is worked whose length follows from a count: of stitches, rounds, rows. What includes it answers
    # section, free?, woven_mm(count), most_repeats and advance_mm. All in mm.
    module Counted
      # How many the document asks for; nil where that is found by what the piece must meet.
      # @raise [InvalidInput] where no count reaches so far
      def given
        extent = section[:extent]
        case extent[:kind]
        when "repeats" then extent[:count] unless free?
        when "length" then reaching(extent[:length].mm) unless free?
        end
      end

      def makeable(repeats) = repeats.clamp(1, most_repeats)

      # So many in words, as what includes it counts them.
      def counted(repeats) = Units::Text.count(repeats, "repeat")

      # How many come nearest to a length.
      def nearest(length_mm)
        over = (1..most_repeats).bsearch { |count| woven_mm(count) >= length_mm } || most_repeats
        [over - 1, over].select(&:positive?).min_by { |count| (woven_mm(count) - length_mm).abs }
      end

      # It takes no working wire.
      def working_mm(_repeats) = 0.0
      def worked_round_mm = 0.0
      def sides = 1

      private

      # As many as come nearest to a length that was asked for.
      def reaching(mm)
        most = woven_mm(most_repeats) + advance_mm
        too_much(Units::Text.length(mm), "about #{Units::Text.length(most)}") if mm > most
        nearest(mm)
      end

      def too_much(given, most)
        raise InvalidInput.new([Fault.new(path: "#{section.place}/extent", code: "too_much",
          message: "this is more than can be planned at once", given:, accepted: "up to #{most} in one section")])
      end
    end
  end
end
