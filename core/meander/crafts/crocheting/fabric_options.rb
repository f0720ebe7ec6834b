# frozen_string_literal: true

module Meander
  module Crafts
    module Crocheting
      # A crocheted fabric on its own, belonging to no piece: chains, or rows of one stitch.
      class FabricOptions
        include Units::OptionTexts

        OPTIONS = %w[hook wire stitch stitches rows bead every wires slack].freeze
        NEEDED = %w[hook wire stitch stitches].freeze
        RANGES = {"hook" => 0.5..20.0, "wire" => 0.05..3.0, "bead" => 0.3..60.0}.freeze
        STITCHES = ["chain", *Crochet::Stitches::TALL].freeze

        attr_reader :gauge, :fabric, :stitch, :slack, :beads, :bead_mm, :every

        # texts: option => text as typed, see OPTIONS.
        # @raise [Error] naming the option, what was given and what is accepted
        def self.read(texts) = new(texts)

        def initialize(texts)
          @texts = texts
          needs(NEEDED)

          @stitch = stitch_typed
          @gauge = Crochet::Gauge.new(size("hook"), size("wire"), whole("wires", 1, 1..3), stitch:)
          hook
          @slack = share("slack", 0.0, 0.0..5.0)
          @fabric = made
          @every = whole("every", 1, 1..500)
          @bead_mm = texts.key?("bead") ? size("bead") : nil
          @beads = bead_mm ? carriers / every : 0
          freeze
        end

        def chain? = stitch == "chain"
        def rows = fabric.rows.size
        def across = fabric.begun.count

        # A chain with a bead is so much longer.
        def length_mm
          chain? ? (across * gauge.stitch_mm) + beads_mm : rows * gauge.height_mm(stitch)
        end

        def width_mm = chain? ? gauge.hook_mm + (2 * gauge.bundle_mm) : across * gauge.stitch_mm
        def beads_mm = bead_mm ? beads * gauge.bead_mm(bead_mm) : 0.0

        # Of each wire; the block says what of a stitch.
        def wire_mm(&mm) = fabric.wire_mm(&mm) + beads_mm

        private

        def carriers = chain? ? across : across * rows

        def stitch_typed
          text = @texts["stitch"]
          return text if STITCHES.include?(text)

          raise Error, "--stitch: “#{text[0, 30]}” is no such stitch; accepted: #{STITCHES.join(", ")}"
        end

        # Chains by themselves have no chain more for a turn.
        def made
          across, rows = whole("stitches", nil, 1..2000), whole("rows", 1, 1..2000)
          if chain?
            raise Error, "--rows: chains have none; accepted: 1" if rows > 1

            return Crochet::Fabric.new(Crochet::Fabric::Begin.new("chain", across), "rows", [])
          end
          if across * rows > Layout::MOST_STITCHES
            raise Error, "--rows: #{across * rows} stitches; accepted: up to #{Layout::MOST_STITCHES} stitches in all"
          end

          Crochet::Fabric.new(Crochet::Fabric::Begin.new("chain", across), "rows",
            Array.new(rows, Crochet::Increases.plain(stitch, across)))
        end

        def hook
          least, most = Checks::HOOKS.minmax.map { |share| share * gauge.bundle_mm }
          return if gauge.hook_mm.between?(least - 1e-9, most + 1e-9)

          raise Error, "--hook: #{@texts["hook"]} draws no loops of this wire; accepted: " \
            "#{Units::Text.number(least, 2)} to #{Units::Text.number(most, 2)} mm"
        end

        def size(option) = size_of(option, @texts[option], RANGES.fetch(option))
      end
    end
  end
end
