# frozen_string_literal: true

module Meander
  module Output
    # What there is to choose from in every craft, side by side: the weaves on a base wire with a weaving wire, the
    # braids in that base wire, the fabrics in that weaving wire, the knots in cord as thick as the base wire.
    module AcrossCrafts
      TRIED = Document::Shape::Record.new({
        base: Document::Shape::Size.new("base wire", accept: 0.1..6.0, plausible: 0.5..1.6),
        working: Document::Shape::Size.new("weaving wire", accept: 0.1..2.0, plausible: 0.2..0.8)
      })

      # Fabrics that are as long as they are worked.
      STRIPS = %w[cord band tube rows].freeze

      # @param json [Hash] { "base" => a size as a document has it, "working" => another }
      # @return [Array<Hash>] craft:, key:, name:, suits:, width_mm:, thickness_mm:, worked_mm: wire or cord that is
      #   worked with for a centimetre, its path alone; held_mm: base wire in it; minutes: for a centimetre, at this
      #   maker's pace; assumed: whether neither a relaxed path nor a swatch says it
      # @raise [InvalidInput]
      def self.call(json, calibration)
        said = Document::Reading.whole(TRIED, json)
        base, working = said[:base], said[:working]
        [*weaves(base.mm, working.mm, calibration), *braids(base), *fabrics(working), *knots(base)].map do |row|
          pace = calibration.pace_of(row[:craft])
          {**row.except(:moves), minutes: row[:moves] / pace}
        end
      end

      def self.weaves(base_mm, wire_mm, calibration)
        Weave::Samples::ALL.map do |sample|
          repeat = Weave::Samples.placed(sample, base_mm, wire_mm, calibration.lean)
          low, high = repeat.frame.x_range(repeat.walk.visited)
          row("weave", sample, {width_mm: high - low, thickness_mm: repeat.frame.thickness_mm},
            worked_mm: repeat.wire_mm * 10 / repeat.advance_mm, held_mm: 10.0 * sample.base,
            moves: repeat.passes.size * 5.0 / repeat.advance_mm)
        end
      end

      def self.braids(wire)
        tried(BraidFigures, :wire, wire, "braid") { |figures| figures[:wire_per_cm_mm] }
      end

      # Discs, cups and their like have no length that so much wire could be told for.
      def self.fabrics(wire)
        all = tried(FabricFigures, :wire, wire, "crochet", assumed: true) { |one| one[:wire_per_cm_mm] }
        strips = Crochet::Samples::ALL.select { |sample| STRIPS.include?(sample.fabric[:kind]) }.map(&:key)
        all.select { |row| strips.include?(row[:key]) }
      end

      def self.knots(cord) = tried(KnotFigures, :cord, cord, "knot", assumed: true) { |one| one[:cord_per_cm_mm] }

      # A collection as its own craft tells it; the block says what is worked with.
      def self.tried(collection, of, size, craft, assumed: nil)
        collection.collection({of.to_s => {"typed" => size.typed}}).map do |one|
          figures = one[:figures]
          row(craft, one, figures, worked_mm: yield(figures), held_mm: 0.0, moves: figures[:moves_per_cm],
            assumed: assumed || figures[:assumed])
        end
      end

      def self.row(craft, sample, figures, assumed: false, **more)
        {craft:, key: sample[:key], name: sample[:name], suits: sample[:suits],
          **figures.slice(:width_mm, :thickness_mm), assumed:, **more}
      end
      private_class_method :weaves, :braids, :fabrics, :knots, :tried, :row
    end
  end
end
