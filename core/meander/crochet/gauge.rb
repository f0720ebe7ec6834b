# frozen_string_literal: true

module Meander
  module Crochet
    # How large stitches come out, and how much wire each takes: of hook and wire, or of a swatch. Lengths in mm. Wire
    # keeps the form that the hook gave it: what a stitch takes lies between what it would if drawn tight (taut) and
    # what its loops take as the hook leaves them (formed), which is planned with.
    class Gauge
      # So much thicker are wires held together, of what one is (assumed, no source), by their number.
      BUNDLES = [1.0, 1.6, 2.0].freeze
      # A stitch is so many hooks wide, and a chain so many long (from memory, no source).
      WIDE = 1.3
      # Wire thicker than this, by the hook, does not follow it.
      STIFF = 0.2

      # What a maker measured on a swatch. stitch_mm, row_mm: of one; row_mm nil of a chain; factor: what was used of
      # what would be reckoned, nil where that was not measured.
      Swatch = Struct.new(:stitch_mm, :row_mm, :used_mm, keyword_init: true)

      attr_reader :hook_mm, :wire_mm, :wires, :swatch

      # wire_mm: of one wire; wires: how many are held together; stitch: the key of that a swatch was made of.
      def initialize(hook_mm, wire_mm, wires = 1, swatch: nil, stitch: "single")
        @hook_mm = hook_mm
        @wire_mm = wire_mm
        @wires = wires
        @swatch = swatch
        @measured = stitch
        @told = {}
      end

      # The bundle as one wire; q in the formulas.
      def bundle_mm = wire_mm * BUNDLES[wires - 1]
      def stitch_mm = swatch&.stitch_mm || (WIDE * hook_mm)

      # How high a stitch is.
      def height_mm(stitch)
        usual = Stitches.fetch(stitch).height * hook_mm
        return usual unless swatch&.row_mm

        measured = Stitches.fetch(@measured).height * hook_mm
        measured.zero? ? usual : usual * swatch.row_mm / measured
      end

      # How thick the cloth is.
      def thickness_mm = hook_mm + (2 * bundle_mm)

      # Is what a stitch takes reckoned, or was it measured?
      def assumed? = swatch&.used_mm.nil?

      # What a stitch takes as it is planned: formed, or as a swatch used it.
      def mm(stitch) = formed_mm(stitch) * factor

      # At the least.
      def taut_mm(stitch)
        @told[[:taut, stitch]] ||= begin
          s, t, h, q = stitch_mm, height_mm(stitch), hook_mm, bundle_mm
          one = Stitches.fetch(stitch).taut
          one ? one.zip([s, t, h, q]).sum { |share, size| share * size } : (2.53 * s) + (1.21 * h) + (4.43 * q)
        end
      end

      # As the hook forms it: a chain as it is drawn, a single as a chain on two doubled legs with a turn round the
      # wire, all else as much longer than taut as a chain is.
      def formed_mm(stitch)
        @told[[:formed, stitch]] ||= case stitch
        when "chain" then ChainPath.length_mm(hook_mm, bundle_mm, stitch_mm)
        when "single" then formed_mm("chain") + (4 * leg_mm(stitch)) + (Math::PI * bundle_mm)
        when "slip" then formed_mm("chain") + (2 * leg_mm(stitch)) + (Math::PI * bundle_mm)
        else taut_mm(stitch) * formed_mm("chain") / taut_mm("chain")
        end
      end

      # Of a swatch against what would be reckoned of it.
      def factor
        return 1.0 if assumed?

        @told[:factor] ||= swatch.used_mm / formed_mm(@measured)
      end

      # What a bead adds to the stitch that carries it, and to how far a chain reaches.
      def bead_mm(along_mm) = [along_mm + bundle_mm - stitch_mm, 0.0].max

      private

      def leg_mm(stitch) = Math.hypot(height_mm(stitch), bundle_mm)
    end
  end
end
