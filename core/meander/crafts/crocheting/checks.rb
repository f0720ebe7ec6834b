# frozen_string_literal: true

module Meander
  module Crafts
    module Crocheting
      # What is wrong with a crocheted section beyond the shapes of its fields.
      class Checks
        # No loop is drawn through with less, by the bundle of wires; hooks this much thicker make no stitches but holes
        # (our choice, no source).
        HOOKS = (3.0..40.0)

        # section: Document::SectionChecks::Seated.
        def self.call(section, place, reading) = new(section, place, reading).call

        def initialize(section, place, reading)
          @section = section
          @place = place
          @reading = reading
        end

        def call
          return unless held

          hook
          turns
          form
          edge
          rows if @section[:fabric][:kind] == "rows"
        end

        private

        def fabric = @section[:fabric]

        def fault(path, given, message, accepted)
          @reading.fault("#{@place}/#{path}", "crochet", given, message:, accepted:)
        end

        # As many wires to each cord; no more than three at once.
        def held
          cords, wires = fabric[:cords] || 1, @section.base.size
          most = cords * Crochet::Gauge::BUNDLES.size
          alike = (wires % cords).zero?
          return true if alike && (wires <= most || @section[:turns])

          fault("fabric", "#{wires} wires", alike ? "more than three wires are not held together" :
            "its cords hold as many wires each", (1..Crochet::Gauge::BUNDLES.size).map { |one| one * cords }.join(", "))
          false
        end

        def hook
          gauge = Layout.gauge(@section.fields, @section.base.map(&:mm))
          wires = HOOKS.minmax.map { |share| share * gauge.bundle_mm }
          return if @section[:hook].mm.between?(wires[0] - 1e-9, wires[1] + 1e-9)

          fault("hook", @section[:hook].typed, "wire so thick by its hook makes no loops that a hook passes",
            Braiding::Limits.between(*wires))
        end

        def turns
          return unless @section[:turns]

          wires = @section.base.size
          if wires == 1
            fault("turns", @section[:turns], "one wire by itself takes no turns",
              "null, or two wires and more")
          end
          return unless %w[cord].include?(fabric[:kind])

          fault("turns", @section[:turns], "chains have no rows to take turns in", "null")
        end

        # What grows from its middle lies as it is.
        def form
          kind = @section[:form][:kind]
          return if kind == "straight" || %w[cord band tube].include?(fabric[:kind])

          fault("form/kind", kind, "this fabric is not bent to a form", "straight")
        end

        # Only what is worked in rows, or a tube, begins on a rim; a disc round a ring of wire.
        def edge
          return unless @section[:begun] == "edge"

          unless %w[band tube rows disc].include?(fabric[:kind]) && fabric[:lying] != "along"
            return fault("begun", "edge", "only rows across, or a tube, begin on the edge of another section", "chain")
          end
          return rim if @section[:at][:kind] == "rim"
          return if @section[:at][:kind] == "after" && fabric[:kind] != "disc"

          fault("begun", "edge", "there is no edge here that it could be worked into",
            "chain, or a place on from a section before it, or on a bent wire")
        end

        # Along a wire it lies as that does.
        def rim
          kind, bare = @section[:form][:kind], @section[:bare][:length]
          fault("form/kind", kind, "along a wire it lies as the wire is bent", "straight") unless kind == "straight"
          fault("bare/length", bare.typed, "its first row goes round the wire", "0 mm") unless bare.mm.zero?
        end

        # Every row where it is first worked.
        def rows
          made = fabric[:rows].sum { |row| row[:times] }
          wrong = Crochet::Shapes.fabric(fabric, nil, [made, MOST_ROWS].min,
            edge: @section[:begun] == "edge", ring: about_ring? ? Crochet::Rounds::SOME : nil).fault or return
          row, words, accepted = wrong
          fault("fabric/rows/#{listed(row)}", "row #{row}", "row #{row} cannot be worked: #{words}", accepted)
        end

        # Are they rounds about a ring of wire?
        def about_ring? = @section[:at][:kind] == "rim" && fabric[:rounds] != "rows"

        MOST_ROWS = 2000

        # Where the list has a row.
        def listed(number)
          past = 0
          fabric[:rows].index { |row| (past += row[:times]) >= number } || 0
        end
      end
    end
  end
end
