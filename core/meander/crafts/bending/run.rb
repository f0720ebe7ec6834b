# frozen_string_literal: true

module Meander
  module Crafts
    module Bending
      # A run of straights and arcs, part by part: where on the wire each begins, and what is done there.
      class Run
        # Ends nearer to each other than this share of the whole are told how far they miss each other.
        NEAR = 0.12
        TOUCHING_MM = 0.05

        # bent: Bending::Bent.
        def initialize(bent)
          @bent = bent
          @parts = bent.section[:bend][:parts]
          @begins = @parts.each_with_object([0.0]) { |part, all| all << (all.last + Form::Bends.part_mm(part)) }
        end

        # Where an arc begins and where one ends within the run: [[mm, words, place], ...]. Nothing is done where a
        # straight goes on from another.
        def marks
          inner = @begins.drop(1).zip(@parts.each_cons(2)).filter_map do |mm, parts|
            words = words(*parts.map { |part| part[:kind] == "arc" }) if parts
            [mm, words] if words
          end
          places = Form::Trace.places(@bent.trace(0), inner.map(&:first), @bent.length_mm)
          inner.zip(places).map { |(mm, words), place| [mm, words, place] }
        end

        # Part by part in words.
        def told = @parts.map { |part| (part[:kind] == "straight") ? straight(part) : arc(part) }.join(", then ")

        # How its ends stand where they come near each other; nil where they do not.
        def advice
          gap = Math.hypot(*@bent.out[0].first(2))
          return unless gap.between?(TOUCHING_MM, NEAR * @bent.length_mm)

          turned = @bent.out[1].abs * 180 / Math::PI
          AdviceItem.of("run-ends-near", "note", "/bend/parts",
            "The ends of the run miss each other by #{Units::Text.length(gap)}",
            "It turns #{Units::Text.number(turned, 1)}° in all; a closed outline turns 360°.",
            "Change a length or an angle where they should meet.", gap_mm: gap, turned:)
        end

        private

        # What happens between two parts: whether an arc ends there, and whether one begins.
        def words(ends, begins)
          return "one arc ends, the next begins" if ends && begins
          return "arc begins" if begins

          "arc ends" if ends
        end

        def straight(part) = "#{Units::Text.length(part[:length].mm)} straight"

        def arc(part)
          rod = (2 * part[:radius].mm) - @bent.wire.mm
          "#{part[:angle]}° towards its #{part[:towards]} side round a rod of #{Units::Text.length(rod)}"
        end
      end
    end
  end
end
