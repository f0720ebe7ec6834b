# frozen_string_literal: true

module Meander
  module Document
    # A piece as it was read and checked: the values the planner asks for, and the plain document they came from.
    # Lengths in mm.
    class Piece
      # The colour of what is bought and says no metal.
      BOUGHT = "#9ea3a8"

      attr_reader :document

      # document: plain nested hashes with symbol keys and Units::Size for sizes, as PieceReader makes them.
      def initialize(document)
        @document = document.freeze
        @wires = document[:wires].to_h { |fields| [fields[:id], Wire.new(**fields.slice(:id, :role, :size, :metal, :temper)).freeze] }.freeze
        @findings = document[:findings].map { |fields| Findings::Registry.build(fields) }.freeze
        @beads = document[:tray].to_h { |fields| [fields[:id], Beads::Kind.new(fields)] }.freeze
        @sections = document[:sections].each_with_index.map { |fields, i| section_of(fields, "/sections/#{i}") }.freeze
        freeze
      end

      def name = document[:name]
      def body = document[:body]
      def cuff? = body[:kind] == "cuff"
      def ring? = body[:kind] == "ring"
      # Is it one strip that is as long as what it is worn on asks for?
      def band? = !Fields::BUILT.include?(body[:kind])
      def worn_on = ring? ? "finger" : "wrist"
      def ease_mm = body[:ease]&.mm || 0.0
      # What is hung on its endings.
      attr_reader :findings

      # The kind of bead a placement names.
      def bead(id) = @beads.fetch(id)
      # Placements on a section, or of all of them.
      def beads(section = nil) = section ? document[:beads].select { |one| one[:section] == section } : document[:beads]
      def wires = @wires.values
      def wire(id) = @wires.fetch(id)
      attr_reader :sections
      def section(id) = sections.find { |one| one.id == id }
      # Those that are cut in one and lie in a section.
      def base_wires = sections.flat_map(&:base).uniq
      # Bought ends that are crimped on, and what their bodies are called in pictures.
      def ribbons = document[:endings].select { |ending| ending[:kind] == "ribbon" }
      def ribbon_body(ending) = "#{ending[:id]} body"

      # What every line of its pictures is coloured: by the ids of wires, findings and bodies.
      def colours
        {**wires.to_h { |wire| [wire.id, wire.material.colour] }, **findings.to_h { |finding| [finding.id, finding.material&.colour || BOUGHT] }, **ribbons.to_h { |ending|
          [ribbon_body(ending), BOUGHT]
        }}
      end

      def endings = document[:endings]
      def allowance_mm(key) = document[:allowances][key].mm
      def margin = document[:allowances][:margin]

      # The tail a base wire has at a side, to hold it by and to bend.
      def base_tail_mm(side) = (side == "start" || document[:allowances][:base_tails] == "both") ? allowance_mm(:base_tail) : 0.0

      # The value a quantity is pinned at (mm or a count), nil where it is free; "wrist" is the finger of a ring, too.
      def pinned(quantity)
        quantity = worn_on if quantity == "wrist"
        pin = document[:pins].find { |candidate| candidate[:quantity] == quantity }
        pin && (pin[:count] || pin[:length].mm)
      end

      # The document as plain JSON values, every size as { typed:, mm: }.
      def to_h = Plain.call(document)

      private

      def section_of(fields, place)
        base, working = fields.values_at(:base, :weaving).map { |ids| (ids || []).map { |id| wire(id) } }
        Section.new(self, fields, base:, working:, place:, threaded: beads(fields[:id]).select { |placed| placed[:rule] == "woven" })
      end
    end
  end
end
