# frozen_string_literal: true

module Meander
  module Crafts
    module Knotting
      # What is wrong with a knotted section that is closed round: what that says already, and what has no room there.
      class RoundChecks
        # section: Document::SectionChecks::Seated; fault: called with path, given, message, accepted.
        def self.call(section, fault) = new(section, fault).call

        # Where a row runs into its own first knot over the join: how many of its knots come before, nil where it
        # does not. Only its last knot reaches over.
        def self.meets(row, cords)
          hang = row[:knots].take_while { |one| one[:kind] == "pass" }.sum { |one| one[:cords] }
          taken = 0
          row[:knots].index do |one|
            from, taken = taken, taken + one[:cords]
            taken > cords && (from >= cords || one[:kind] == "pass" || taken - cords > hang)
          end
        end

        def initialize(section, fault)
          @section = section
          @fault = fault
          @round = section[:round]
          @cords = section.base.map(&:mm)
        end

        def call
          said.each do |path, given, message, accepted|
            return @fault.call(path, given, message, accepted) if given
          end
          girth = Layout.girth(@section, Layout.gauge(@section.fields, @section.base))
          needs = Layout.spacing_mm(@section.fields, @section.base) * @cords.size
          over = @section[:mount]&.fetch(:over)
          room("their knots have", girth.round_mm, needs) && over && heads(girth, over)
        end

        private

        # What it goes round says itself.
        def said
          form, rim = @section[:form][:kind], @section[:at]&.fetch(:kind)
          [["form/kind", (form unless form == "straight"), "what is closed round is not bent as well", "straight"],
            ["spacing", @section[:spacing]&.typed, "what it is closed round says how far apart its cords hang", "null"],
            ["hitched", @section[:hitched]&.typed, "what is closed round ends on no bar across", "null"],
            ["mount/room", @section.fields.dig(:mount, :room)&.typed,
              "what it is closed round says how long the ring is that they hang from", "null"],
            ["round", (rim if rim == "rim"), "cords that hang from the wire of another section are not closed round",
              "null, or a bar of its own"]]
        end

        def heads(girth, over)
          room("they hang beside each other from a ring that has", girth.ring_mm(over.mm),
            Layout.heads_mm(@section.base))
        end

        def room(what, there, needs)
          return true if needs <= there + 1e-9

          @fault.call("round/across", @round[:across].typed,
            "#{@cords.size} cords do not close round it: #{what} #{Units::Text.length(there)} round and take " \
            "#{Units::Text.length(needs)}", "what is wider, or fewer or thinner cords")
        end
      end
    end
  end
end
