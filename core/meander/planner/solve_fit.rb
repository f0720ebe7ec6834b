# frozen_string_literal: true

module Meander
  module Planner
    # Finds what a piece leaves open: how far sections are worked, how much of their ends is bare, how many frames a
    # chain has.
    #
    # A section's own pins come first, its repeats or its woven length. One section without any, or a chain, is as long
    # as the wrist or finger asks for; others are woven as far as the wire to hand goes, in equal shares. What cannot be
    # met is a conflict between the pins.
    class SolveFit
      # laid: the sections as their crafts lay them, a chain whose frames are to be found with one of them; ends: Ends.
      # @return [Fit]
      def self.call(piece, laid, ends, pins = Pins.of(piece))
        new(piece, laid, Reach.new(piece, laid, ends), pins).call
      end

      # What would be found if only these pins held, see PinConflicts.
      def self.holding(plan, pins) = call(plan.piece, plan.laid, plan.ends, pins)

      def initialize(piece, laid, reach, pins)
        @piece = piece
        @pins = pins
        @reach = reach
        @laid = laid.reject { |one| one.on.any? }
        @open = @laid.select(&:free?)
        @chain = piece.sections.find(&:copies_found?)
        @conflicts = []
        @extents = @laid.reject(&:free?).to_h { |one| [one.id, [one.given, one.bare_mm]] }
        @wire = WireToHand.new(@laid, pins, @extents)
      end

      # @return [Fit]
      def call
        worn = round? ? answering : nil
        (@open - [worn]).each { |one| own(one)&.then { |repeats| settle(one, repeats) } }
        shared(@open.reject { |one| one == worn || @extents.key?(one.id) })
        return answer unless round?
        return answer(**fitted(worn)) if worn

        answer(**told((@chain && @pins.wrist_mm) ? chained : measured))
      end

      private

      def round? = %w[wrist finger].include?(@piece.worn[:on])
      def settle(one, repeats, bare_mm = one.bare_mm) = @extents[one.id] = [repeats, bare_mm]
      def conflict(pins, reason) = @conflicts << {pins: pins.uniq, reason:}.freeze

      def wearing
        @wearing ||=
          Wearing.new(@piece, thickness_mm: @laid.map(&:thickness_mm).max,
            width_mm: (@laid.size == 1) ? @laid.first.width_mm : 0.0)
      end

      def answer(**told)
        found = [*@open.map(&:id), *([@chain.id] if @chain)].freeze
        Fit.new(extents: @extents.freeze, found:, copies: {}.freeze, floats: [], conflicts: @conflicts.uniq.freeze,
          **told).freeze
      end

      # The section that answers to what the piece is worn on: all there is, the one whose bare ends give, or that which
      # nothing else finds.
      def answering
        return @open.first if @laid.size == 1

        @open.find { |one| one.section[:bare][:gives] } ||
          (@open.find { |one| @pins.on(one.id).empty? } if @pins.wrist_mm)
      end

      # As its own pins have it; nil where it has none.
      def own(one)
        repeats = counted(one) || @pins.woven_mm(one.id)&.then { |mm| [one.nearest(mm), one.most_repeats].min }
        check_woven(one, repeats) if @pins.woven_mm(one.id)
        repeats
      end

      # From the middle outwards repeats come in pairs.
      def counted(one)
        @pins.repeats(one.id)&.then do |repeats|
          whole = one.makeable(repeats)
          if whole != repeats
            conflict([["repeats", one.id]],
              "from the middle outwards repeats come in pairs: #{repeats - 1} or #{repeats + 1}, not #{repeats}")
          end
          whole
        end
      end

      # A woven length counts as met when no other number of repeats comes nearer.
      def check_woven(one, repeats)
        wanted, woven = @pins.woven_mm(one.id), one.woven_mm(repeats)
        return if (woven - wanted).abs <= FitWorn.half_step_mm(one, repeats)

        conflict(@pins.on(one.id),
          "#{FitWorn.reaching(one, repeats, woven)}, not #{Units::Text.length(wanted)}")
      end

      # Sections that nothing but their wire finds, in equal shares of it.
      def shared(sections)
        rooms = sections.to_h { |one| [one, @wire.room_mm(one)] }
        sections.each do |one|
          share = rooms[one]&.then { |mm| mm / sections.count { |other| @wire.key(other) == @wire.key(one) } }
          most = share ? @wire.most_repeats(one, share) : 0
          if most < one.sides
            conflict([@wire.key(one)], share ? @wire.short(one, one.sides) : "nothing says how far it is woven")
          end
          settle(one, [most, one.sides].max)
        end
      end

      # The section that answers to what the piece is worn on, with how it is worn.
      def fitted(one)
        fit = FitWorn.new(@piece, one, @pins, wearing, @reach, @extents, method(:conflict))
        repeats = within_wire(one, own(one) || (fit.nearest if @pins.wrist_mm))
        told, bare_mm = fit.call(repeats)
        settle(one, repeats, bare_mm)
        wrist, ease = told.values_at(:wrist_mm, :ease_mm)
        {**told, **round(wrist, ease), round_mm: wrist ? wearing.round_mm(wrist, ease) : told[:strip_mm]}
      end

      # Wire to hand limits what the wrist asks for; it contradicts a number of repeats or a length that needs more.
      def within_wire(one, wanted)
        room = @wire.room_mm(one) or return wanted || one.sides
        most, fixed = @wire.most_repeats(one, room), @pins.on(one.id)
        return [wanted || most, most].min if most >= one.sides && fixed.empty?

        planned = fixed.any? ? wanted : one.sides
        conflict([*(fixed.any? ? fixed : @pins.keys), @wire.key(one)], @wire.short(one, planned)) if planned > most
        planned
      end

      # As many frames of the chain as come nearest.
      def chained
        chain = @laid.find { |one| one.id == @chain.id }
        pitch, one_mm = chain.worked(*@extents.fetch(chain.id)).pitch_mm, @reach.call(@extents)
        frames = (1 + ((wanted_mm - one_mm) / pitch).round).clamp(1, Crafts::Common::MOST_COPIES)
        strip = one_mm + ((frames - 1) * pitch)
        off = strip - wanted_mm
        far = off.abs > (pitch / 2) + Tolerance::PACKING_MM
        if far
          conflict([["wrist", nil]],
            "#{Units::Text.count(frames, "frame")} reach #{Units::Text.length(strip)}, " \
            "#{Units::Text.length(wanted_mm)} is asked for")
        end
        {strip_mm: strip, off_mm: off, ease_mm: @piece.ease_mm + off, copies: {chain.id => frames}.freeze, frames:}
      end

      # How far a piece reaches whose extents are all given, and how many frames of a chain it has would come nearest.
      def measured
        strip = @reach.call(@extents)
        chain = @laid.map { |one| one.worked(*@extents.fetch(one.id)) }.find(&:pitch_mm)
        off = @pins.wrist_mm ? strip - wanted_mm : 0.0
        {strip_mm: strip, off_mm: off, ease_mm: @piece.ease_mm,
          frames: chain && [chain.copies - (off / chain.pitch_mm).round, 1].max}
      end

      def wanted_mm = wearing.strip_mm(@pins.wrist_mm, @piece.ease_mm)

      # How that is worn.
      def told(found)
        strip, ease = found.values_at(:strip_mm, :ease_mm)
        wrist = @pins.wrist_mm || wearing.wrist_mm(strip, ease)
        wrist = nil if wrist < Wearing::SMALLEST_WRIST_MM && @pins.wrist_mm.nil?
        {**found, wrist_mm: wrist, wanted_mm: strip - found[:off_mm],
          round_mm: strip + wearing.opening_mm(wrist || 0.0), **round(wrist, ease)}
      end

      def round(wrist, ease)
        {lift_mm: wearing.lift_mm, slide_mm: wearing.slide_mm, opening_mm: wrist ? wearing.opening_mm(wrist) : 0.0,
          size_words: (@piece.ring? && wrist) ? Units::RingSize.names(wrist + ease) : ""}
      end
    end
  end
end
