# frozen_string_literal: true

module Meander
  # Pieces put together from sections, each bent to a form.
  module Built
    # A woven section as a straight strip by itself, with plain ends, so that it is planned as any strip is.
    module Part
      NOTHING = Units::Size.new(0.0, "0 mm").freeze

      # opening: the frame's Form::Opening, nil where its wires stand alike all along; stretch: [from, to] along it that is woven.
      def self.piece(piece, section, opening, stretch)
        Document::Piece.new({**piece.document, body: {kind: "cuff", ease: NOTHING, opening: {kind: "length", length: NOTHING}},
          wires: piece.document[:wires].select { |wire| (section[:base] + section[:weaving]).include?(wire[:id]) },
          sections: [strip(section, opening, stretch)], beads: woven_beads(piece, section), findings: [], endings: %w[start end].map { |side| {id: side, kind: "plain", side:, wires: section[:base]} },
          pins: [{id: "p1", **wanted(section[:extent], stretch)}]})
      end

      # Those that are threaded while it is woven.
      def self.woven_beads(piece, section) = piece.beads(section[:id]).select { |placed| placed[:rule] == "woven" }

      # The same strip woven at a pitch in mm.
      def self.opened(part, pitch)
        Document::Piece.new({**part.document, sections: [{**part.section, rise: {kind: "open", pitch: size(pitch)}}]})
      end

      def self.strip(section, opening, stretch)
        spacing = opening ? {kind: "changing", ends: "joined", stations: opening.between(*stretch).map { |at, clear| {at: size(at), clear: size(clear)} }} : section[:spacing]
        {**section, spacing:, from: opening ? "end" : section[:from], bare: NOTHING}
      end

      def self.wanted(extent, stretch)
        case extent[:kind]
        when "repeats" then {quantity: "repeats", count: extent[:count]}
        when "length" then {quantity: "woven", length: extent[:length]}
        else {quantity: "woven", length: size(stretch[1] - stretch[0])}
        end
      end

      def self.size(length_mm) = Units::Size.new(length_mm, "")
      private_class_method :strip, :wanted, :size
    end
  end
end
