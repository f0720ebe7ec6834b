# frozen_string_literal: true

module Meander
  module Crafts
    module Weaving
      module Advice
        # Asks every check about a woven section, or about a woven strip that belongs to no piece. Places are told from
        # the section on.
        module Council
          CHECKS = [NoRoom, Pitch, OddNumber, NotHeld, EndsOnPair, PulledTogether, RunsTwice, FacesDiffer, SidesUnequal,
            FrameNarrows, OpensSteeply, ClosedFrame, WireRatio, RidesOver,
            TightestBend].freeze
          OF_SECTIONS = [Bend, Frames, EvenEnds, SharedCentre, WorkingLengths].freeze

          # checked: Woven.
          # @return [Array<AdviceItem>]
          def self.of_strip(checked) = CHECKS.filter_map { |check| check.call(checked) }

          # woven: Weaving::Woven.
          # @return [Array<AdviceItem>]
          def self.call(woven)
            said = of_strip(woven.strip.checked).reject { |item| told_otherwise?(item.id, woven) }
            OF_SECTIONS.take(2).flat_map { |check| check.call(woven) } + said +
              OF_SECTIONS.drop(2).flat_map { |check| check.call(woven) }.compact
          end

          # Uneven ends of a coil pattern are told by EvenEnds, with the count that would even them; those of a ring
          # meet and are not seen. How far a strip can be bent is told where it is not bent yet.
          def self.told_otherwise?(id, woven)
            case id
            when "sides-unequal" then woven.section.pattern[:kind] == "coils" || woven.section.piece.ring?
            when "tightest-bend" then !woven.straight?
            else false
            end
          end
          private_class_method :told_otherwise?
        end
      end
    end
  end
end
