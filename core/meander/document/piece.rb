# frozen_string_literal: true

module Meander
  module Document
    # A piece as it was read and checked: the values the planner asks for, and the plain document they came from.
    # Lengths in mm.
    class Piece
      NOTHING = Units::Size.new(0.0, "0 mm").freeze
      # The colour of what is bought and says no metal.
      BOUGHT = "#9ea3a8"

      # Is a document of a piece that is one straight strip, as long as what it is worn on asks for? A cuff, bracelet or
      # ring may be put together otherwise.
      def self.band?(document)
        first, *others = document[:sections]
        Fields::BANDS.include?(document[:kind]) && others.empty? && first[:craft] == "weave" &&
          first[:form][:kind] == "straight"
      end

      # routes: what its wires say of where they go; sections, endings (folds with them) and findings in the order of
      # the document.
      attr_reader :document, :routes, :sections, :endings, :findings

      # document: plain nested hashes with symbol keys and Units::Size for sizes, as PieceReader makes them.
      def initialize(document)
        @document = document.freeze
        @routes = Routes.new(document[:wires])
        kinds = document[:kinds].to_h { |kind| [kind[:id], kind] }
        @wires = document[:wires].to_h { |fields| [fields[:id], wire_of(fields, kinds)] }.freeze
        @beads = document[:tray].to_h { |fields| [fields[:id], Beads::Kind.new(fields)] }.freeze
        @sections = document[:sections].each_with_index.map { |fields, i| section_of(fields, "/sections/#{i}") }.freeze
        @endings =
          [*document[:endings].map { |fields| ending_of(fields) }, *routes.folds.map { |fold| fold_of(fold) }].freeze
        @findings = document[:findings].map { |fields| finding_of(fields) }.freeze
        freeze
      end

      # Short, as a document is long.
      def inspect = "#<#{self.class} of #{name}>"

      def name = document[:name]
      def kind = document[:kind]
      def pair? = document[:pair]
      def worn = document[:worn] || {}
      def cuff? = kind == "cuff"
      def ring? = kind == "ring"
      # Is it one straight strip, as long as what it is worn on asks for?
      def band? = self.class.band?(document)
      def worn_on = ring? ? "finger" : "wrist"
      def ease_mm = worn[:ease]&.mm || 0.0

      # The kind of bead a placement names.
      def bead(id) = @beads.fetch(id)
      # Placements on a section, or of all of them; the wire that one has of its own, nil where it has none.
      def beads(section = nil) = section ? document[:beads].select { |one| one[:section] == section } : document[:beads]
      def carrier(beads_id) = routes.carrier(beads_id)&.then { |fields| wire(fields[:id]) }
      def wires = @wires.values
      def wire(id) = @wires.fetch(id)
      def section(id) = sections.find { |one| one.id == id }

      # Those that are cut in one.
      def base_wires = wires.select { |wire| routes.of(wire.id).first&.base? }

      # Bought ends that are crimped on, and what their bodies are called in pictures.
      def ribbons = endings.select { |ending| ending.kind == "ribbon" }
      def ribbon_body(ending) = "#{ending.id} body"

      # What every line of its pictures is coloured: by the ids of wires, findings and bodies.
      def colours
        {**wires.to_h { |wire| [wire.id, wire.material.colour] },
          **findings.to_h { |finding| [finding.id, finding.material&.colour || BOUGHT] },
          **ribbons.to_h { |ending| [ribbon_body(ending), BOUGHT] }}
      end

      def allowance_mm(key) = document[:allowances][key].mm
      def margin = document[:allowances][:margin]

      # The tail a base wire has at a side of a section, to hold it by and to bend.
      def base_tail_mm(side)
        (side == "start" || document[:allowances][:base_tails] == "both") ? allowance_mm(:base_tail) : 0.0
      end

      # The length a quantity is pinned at, in mm, nil where it is free; "wrist" is the finger of a ring, too. section,
      # kind: what it is a pin on.
      def pinned(quantity, section: nil, kind: nil)
        quantity = worn_on if quantity == "wrist"
        pin = document[:pins].find do |one|
          one[:quantity] == quantity && (section.nil? || one[:section] == section) && (kind.nil? || one[:kind] == kind)
        end
        pin && pin[:length].mm
      end

      # The document as plain JSON values, every size as { typed:, mm: }.
      def to_h = Plain.call(document)

      private

      def wire_of(fields, kinds)
        kind = kinds.fetch(fields[:kind])
        Wire.new(id: fields[:id], kind: kind[:id], **kind.slice(:use, :size, :metal, :temper)).freeze
      end

      def section_of(fields, place)
        seats = Crafts::Registry.fetch(fields[:craft]).seats.keys
        working = (seats - ["base"]).flat_map { |role| routes.seated(fields[:id], role) }
        base = routes.seated(fields[:id], "base")
        Section.new(self, fields, base: base.map { |visit| wire(visit.wire[:id]) },
          working: working.map { |visit| wire(visit.wire[:id]) }, place:,
          threaded: beads(fields[:id]).select { |placed| Beads::Rules::THREADED.include?(placed[:rule]) },
          seating: {cut_away: base.each_index.select { |i| base[i].cut_away },
            in_turn: working.map(&:number).uniq.size > 1,
            begun_within: working.any? { |visit| visit.wire[:begun] }, reserve: working.first && reserve(working.first),
            ended: working.first ? ended(working.first) : {}})
      end

      # What a working wire ends in where its first section begins, and where its last one ends.
      def ended(visit)
        %w[start end].filter_map { |side|
          told = routes.end_of(visit.wire[:id], side)
          next unless told&.visit.equal?(visit)

          [told.at, document[:endings].find { |ending| ending[:id] == told.ending }]
        }.to_h
      end

      # What a working wire keeps for later is kept in the first of its sections, or in the last.
      def reserve(visit)
        told, own = visit.wire[:reserve], routes.of(visit.wire[:id])
        kept_at = (told[:side] == "start") ? own.first : own.last
        kept_at.equal?(visit) ? told : {**told, length: NOTHING}
      end

      def ending_of(fields)
        ends = routes.ends(fields[:id])
        wires = ends.map { |one| wire(one.wire[:id]) }
        past = routes.seated(ends.first.section, "base").size
        numbers = ends.map { |one| one.visit.base? ? one.visit.number - 1 : past }
        Ending.new(fields:, section: ends.first.section, side: ends.first.at, numbers:, wires:).freeze
      end

      def fold_of(fold)
        cover = routes.cover(fold.id)&.then { |fields| wire(fields[:id]) }
        Ending.new(fields: {id: fold.id, kind: "fold", ring: fold.ring, cover:}, section: fold.from.section,
          side: fold.from.leaves, numbers: [fold.from, fold.to].map { |visit| visit.number - 1 },
          wires: [wire(fold.wire[:id])]).freeze
      end

      def finding_of(fields)
        on = endings.find { |ending| ending.id == fields[:on].first }
        Findings::Registry.build({**fields, side: on.side})
      end
    end
  end
end
