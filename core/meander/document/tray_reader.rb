# frozen_string_literal: true

module Meander
  module Document
    # Reads a kind of bead in the maker's tray, and what is asked of the tray (parsed JSON).
    module TrayReader
      # A kind and how many there are.
      ENTRY = Shape::Record.new({bead: Fields::BEAD, stock: Shape::Count.new(0..1_000_000)})
      # A gap to fill, and the wires that go through a hole together.
      FIT = Shape::Record.new({gap: Shape::Size.new("gap to fill", accept: 0.3..2000.0, plausible: 1.0..300.0),
        wires: Shape::List.new(Shape::Size.new("wire through the hole", accept: 0.05..6.0, plausible: 0.2..1.6), 1..7)})

      # A gap to hold while it is woven.
      HOLD = Shape::Record.new({gap: Shape::Size.new("gap to hold", accept: 0.05..200.0, plausible: 0.3..30.0)})

      # @raise [InvalidInput] with every fault
      def self.call(json)
        Reading.whole(ENTRY, json) { |entry, reading| BeadChecks.kind(entry[:bead], "/bead", reading) }
      end

      # @return [Hash] gap_mm:, wires: (mm)
      # @raise [InvalidInput] with every fault
      def self.asked(json)
        Reading.whole(FIT, json).then { |asked| {gap_mm: asked[:gap].mm, wires: asked[:wires].map(&:mm)} }
      end

      # @return [Float] the gap to hold, in mm
      # @raise [InvalidInput] with every fault
      def self.held_mm(json) = Reading.whole(HOLD, json)[:gap].mm

      # A kind that was read before and written out plain.
      def self.kept(json)
        sizes = %w[length width hole].to_h { |key| [key.to_sym, Units::Size.new(json[key]["mm"], json[key]["typed"])] }
        Beads::Kind.new({**json.except(*sizes.keys.map(&:to_s)).transform_keys(&:to_sym), **sizes})
      end
    end
  end
end
