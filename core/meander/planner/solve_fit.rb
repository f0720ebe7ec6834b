# frozen_string_literal: true

module Meander
  module Planner
    # Answers what is not pinned of wrist, repeats, woven length and weaving wire.
    #
    # One pin decides the number of repeats and the others follow. Where the wrist is pinned beside another, the bare ends take up the
    # difference first, then the ease. What cannot be taken up is a conflict between the pins.
    class SolveFit
      # laid: the sections as their crafts lay them; ends: Ends.
      # @return [Fit]
      def self.call(piece, laid, ends)
        given = laid.reject(&:free?).to_h { |one| [one.id, [one.given, one.bare_mm]] }
        free = laid.find(&:free?) or return Fit.new(extents: given, floats: [], conflicts: []).freeze

        new(piece, free, ends.reach_mm, pins(piece), given).call
      end

      # { "wrist" => mm, "repeats" => count, "woven" => mm, "wire" => mm }, those that are pinned.
      def self.pins(piece)
        section = piece.sections.find(&:free?) or return {"wrist" => piece.pinned("wrist")}.compact

        {"wrist" => piece.pinned("wrist"), "repeats" => section[:extent][:count], "woven" => piece.pinned("woven", section: section.id),
          "wire" => piece.pinned("wire", kind: section.working_wire.kind)}.compact
      end

      # What would be found if only these pins held, see PinConflicts.
      def self.holding(plan, pins) = new(plan.piece, plan.free, plan.ends.reach_mm, pins, {}).call

      # A piece whose extents are all given, once it is known how far it reaches.
      # thickness_mm: of its thickest section; chain: Crafts::Weaving::Chain, nil where there is none.
      def self.reached(piece, fit, reach_mm, thickness_mm, chain)
        wearing = Wearing.new(piece, thickness_mm:, width_mm: 0.0)
        wrist = piece.pinned("wrist")
        wanted = wrist ? wearing.strip_mm(wrist, piece.ease_mm) : reach_mm
        round = reach_mm + wearing.opening_mm(wrist || 0.0)
        frames = chain && [chain.copies + ((wanted - reach_mm) / chain.pitch_mm).round, 1].max
        Fit.new(**fit.to_h, ease_mm: piece.ease_mm, wrist_mm: wrist || positive(wearing.wrist_mm(reach_mm, piece.ease_mm)), round_mm: round, lift_mm: 0.0, slide_mm: 0.0, size_words: "",
          opening_mm: wearing.opening_mm(wrist || 0.0), strip_mm: reach_mm, wanted_mm: wanted, off_mm: reach_mm - wanted, frames:).freeze
      end

      def self.positive(wrist_mm) = (wrist_mm < Wearing::SMALLEST_WRIST_MM) ? nil : wrist_mm
      private_class_method :positive

      def initialize(piece, laid, reach_mm, pins, given)
        @piece = piece
        @laid = laid
        @reach_mm = reach_mm
        @pins = pins
        @given = given
        @wearing = Wearing.new(@piece, thickness_mm: laid.thickness_mm, width_mm: laid.width_mm)
        @conflicts = []
      end

      def call
        repeats = settle_repeats
        @pins["wrist"] ? fit_wrist(repeats, @pins["wrist"]) : find_wrist(repeats)
      end

      private

      def settle_repeats
        wanted = pinned_repeats || woven_repeats || wrist_repeats
        check_woven(wanted) if @pins["woven"]
        @pins["wire"] ? within_wire(wanted) : wanted
      end

      # From the middle outwards repeats come in pairs.
      def pinned_repeats
        @pins["repeats"]&.then do |repeats|
          whole = @laid.makeable(repeats)
          conflict(["repeats"], "from the middle outwards repeats come in pairs: #{repeats - 1} or #{repeats + 1}, not #{repeats}") if whole != repeats
          whole
        end
      end

      def woven_repeats = @pins["woven"]&.then { |mm| @laid.nearest(mm) }

      def wrist_repeats
        @pins["wrist"]&.then { |wrist| @laid.nearest(strip_for(wrist) - (2 * @laid.bare_mm) - @reach_mm) }
      end

      def strip_for(wrist) = @wearing.strip_mm(wrist, @piece.ease_mm)

      # A woven length counts as met when no other number of repeats comes nearer.
      def check_woven(repeats)
        off = (@laid.woven_mm(repeats) - @pins["woven"]).abs
        return if off <= half_step_mm(repeats)

        conflict(@pins.keys & %w[repeats woven],
                 "#{Units::Text.count(repeats, "repeat")} with the coils at both ends reach " \
                 "#{Units::Text.length(@laid.woven_mm(repeats))}, not #{Units::Text.length(@pins["woven"])}")
      end

      # Wire to hand limits what the wrist asks for; it contradicts a number of repeats or a length that needs more.
      def within_wire(wanted)
        most = most_repeats(@pins["wire"])
        fixed = @pins["repeats"] || @pins["woven"]
        return [wanted || most, most].min if most >= @laid.sides && !fixed

        planned = fixed ? wanted : @laid.sides
        wire_conflict(planned, fixed ? @pins.keys - ["wrist"] : @pins.keys) if planned > most
        planned
      end

      def wire_conflict(repeats, pins)
        conflict(pins, "#{Units::Text.count(repeats, "repeat")} #{(repeats == 1) ? "needs" : "need"} " \
                       "#{Units::Text.length(@laid.working_mm(repeats))} of weaving wire, #{Units::Text.length(@pins["wire"])} to hand")
      end

      # The most repeats this much weaving wire makes, joins and all.
      def most_repeats(wire_mm)
        most = @laid.class::MOST_REPEATS / @laid.sides
        too_many = (1..most).bsearch { |count| @laid.working_mm(count * @laid.sides) > wire_mm }
        ((too_many || (most + 1)) - 1) * @laid.sides
      end

      def fit_wrist(repeats, wrist)
        wanted = strip_for(wrist)
        rest = @laid.woven_mm(repeats) + @reach_mm
        off = rest + (2 * @laid.bare_mm) - wanted
        bare, ease, floats = (off.abs <= free_play(repeats)) ? [@laid.bare_mm, @piece.ease_mm + off, []] : float(wanted, rest)
        answer(repeats, bare, ease, wrist, wanted, off, floats)
      end

      # With the wrist alone pinned the nearest repeat is taken as it comes; another pin, and a ring, ask for the exact length.
      def free_play(repeats) = (@pins.keys == ["wrist"] && !@piece.ring?) ? half_step_mm(repeats) : 0.0

      # Half of what the next longer strip differs by.
      def half_step_mm(repeats) = ((@laid.woven_mm(repeats + @laid.sides) - @laid.woven_mm(repeats)) / 2) + Tolerance::PACKING_MM

      def float(wanted, rest)
        bare = (wanted - rest) / 2
        return [bare, @piece.ease_mm, ["bare"]] unless bare.negative?

        ease = @piece.ease_mm + rest - wanted
        ease_conflict(ease) unless @wearing.ease_range.cover?(ease)
        [0.0, ease, %w[bare ease]]
      end

      def ease_conflict(ease)
        most = Units::Text.length(@wearing.ease_range.max)
        conflict(@pins.keys, "with no bare ends left the ease would be #{Units::Text.length(ease)}; " \
                             "#{@piece.ring? ? "within #{most} it is the same size" : "up to #{most} can be worn"}")
      end

      def find_wrist(repeats)
        strip = @laid.woven_mm(repeats) + (2 * @laid.bare_mm) + @reach_mm
        wrist = @wearing.wrist_mm(strip, @piece.ease_mm)
        if wrist < Wearing::SMALLEST_WRIST_MM
          conflict(@pins.keys, "a strip of #{Units::Text.length(strip)} goes round no #{@piece.worn_on}")
          wrist = nil
        end
        answer(repeats, @laid.bare_mm, @piece.ease_mm, wrist, strip, 0.0, [])
      end

      def conflict(pins, reason) = @conflicts << {pins:, reason:}.freeze

      def answer(repeats, bare, ease, wrist, wanted, off, floats)
        woven = @laid.woven_mm(repeats)
        strip = woven + (2 * bare) + @reach_mm
        Fit.new(extents: {**@given, @laid.id => [repeats, bare]}, free: @laid.id, woven_mm: woven,
                round_mm: wrist ? @wearing.round_mm(wrist, ease) : strip, lift_mm: @wearing.lift_mm, slide_mm: @wearing.slide_mm,
                size_words: (@piece.ring? && wrist) ? Units::RingSize.names(wrist + ease) : "", ease_mm: ease, wrist_mm: wrist,
                opening_mm: wrist ? @wearing.opening_mm(wrist) : 0.0, strip_mm: strip, wanted_mm: wanted, off_mm: off,
                floats:, conflicts: @conflicts.uniq.freeze).freeze
      end
    end
  end
end
