# frozen_string_literal: true

require "json"

module Meander
  module Document
    # A section of a piece as its craft asks it: its fields, the wires at its seats, and what the piece says of them.
    # Lengths in mm.
    class Section
      attr_reader :piece, :fields, :base, :working, :threaded, :seating, :place

      # base: the wires that are cut in one, in the order they lie; working: those that are worked with; threaded:
      # placements of beads that are threaded while it is worked; seating: what the visits say: which base wires are cut
      # away (cut_away, their numbers), whether working wires take turns (in_turn), whether they are begun
      # within themselves (begun_within), what is kept of them (reserve), what the ends of a working wire are bent to
      # here (ended: endings as read, by side); place: the JSON pointer to it.
      def initialize(piece, fields, base:, working:, threaded:, seating:, place:)
        @piece = piece
        @fields = fields
        @base = base.freeze
        @working = working.freeze
        @threaded = threaded.freeze
        @seating = seating.freeze
        @place = place
        freeze
      end

      def id = fields[:id]
      def craft = fields[:craft]
      def [](key) = fields[key]

      # The same with other values, or on other wires.
      def with(base: self.base, working: self.working, threaded: self.threaded, seating: self.seating, **changes)
        Section.new(piece, {**fields, **changes}, base:, working:, threaded:, seating:, place:)
      end

      def pattern = fields[:pattern]
      def bare_mm = fields[:bare][:length].mm
      def form = fields[:form]

      # The strands that are laid side by side or take turns, each with the wire it is.
      def strands = working
      def working_wire = working.first
      def in_turn? = seating[:in_turn]
      def from_middle? = fields[:from] == "middle"

      # Is one length begun at its middle for both halves, however long it is?
      def begun_within? = from_middle? && seating[:begun_within]

      # Do both halves share the coils in the middle?
      def shares_centre? = from_middle? && fields[:centre] == "shared"

      # Is the base wire of a number cut away once the section is worked, so that only what lies under it stays?
      def cut_away?(number) = seating[:cut_away].include?(number)

      # Is how far it is worked, or how much of it is bare, found by what the piece must meet?
      def free? = fields.dig(:extent, :kind) == "free" || fields.dig(:bare, :gives) == true

      # Is the number of its frames found by what the piece must meet?
      def copies_found? = fields[:form].is_a?(Hash) && form.key?(:frames) && form[:frames].nil?

      # The same with so many frames.
      def copied(count) = with(form: {**form, frames: count})

      # All placements of beads on it.
      def beads = piece.beads(id)

      # What a working wire keeps on a tail for later: its mm, and whether on the tail it begins with.
      def reserve_mm = seating[:reserve][:length].mm
      def reserved_first? = seating[:reserve][:side] == "start"

      # What the working wire ends in at a side (start or end), as read; nil where its tail is cut off.
      def ended(side) = seating[:ended][side]

      # All that it is worked by, wherever it stands: what is equal is worked alike.
      def key
        kinds = threaded.map { |placed| piece.bead(placed[:bead]).fields }
        [fields.except(:at), *places, base, working, seating, piece.document[:allowances], piece.document[:weaves],
          threaded, kinds, piece.kind]
      end

      # Where sections stand, as far as it says that itself, and what it is worked onto.
      def places
        return [] unless Crafts::Registry.fetch(craft).respond_to?(:names_places?)

        [*piece.document[:sections].map { |one| one.slice(:id, :at) }, *Crafts::Rim.key(self)]
      end

      # The same as text.
      def written = JSON.generate(Plain.call(key.map { |part| part.is_a?(Array) ? part.map { |one| one.to_h } : part }))
    end
  end
end
