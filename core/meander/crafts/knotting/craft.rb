# frozen_string_literal: true

module Meander
  module Crafts
    module Knotting
      # Macrame: cords hung side by side and knotted round each other, with nothing else to hold them. Answers for its
      # craft as Registry says.
      module Craft
        def self.words = "a knotted section"

        # Its seats, and how many there may be of each: the cords, from the left as the work hangs; both legs of a cord
        # that is mounted by its fold beside each other.
        def self.seats = {"base" => 2..60}.freeze

        # Thinner and thicker than other crafts' wire, and as usual here; mm.
        def self.usual_wire = 0.3..3.0

        # Cord that is no wire can be worked so.
        def self.cord? = true

        # Rules of beads (Beads::Rules) that it can carry.
        def self.beads = %w[knotted].freeze
        def self.fields = Fields::SECTION
        def self.left_out = Fields::LEFT_OUT
        def self.check(...) = Checks.call(...)
        def self.lay(section, calibration) = Layout.new(section, calibration)

        # Its last row is what others can hang from: see Ridge.
        def self.rim(knotted, section, calibration, _passing_mm) = Ridge.call(knotted, section, calibration)

        # It names what it hangs from.
        def self.names_places? = true

        # Cords that are folded hang from the wire another section is bent of.
        def self.rimmed?(fields) = !fields[:mount].nil?

        # Its cords hang side by side.
        def self.beside? = true

        def self.mirrored(fields, beside)
          rows = fields[:rows].map { |row| {**row, knots: from_right(row[:knots], beside[fields[:id]])} }
          Mirrored.call(fields, rows:)
        end

        # Knots of a row from the right; cords that are left hanging at its end, without a word, are passed first. A
        # knot over the join of what is closed stays the last one.
        def self.from_right(knots, cords)
          left = cords - knots.sum { |one| one[:cords] }
          return over_the_join(knots, -left) if left.negative?

          [*passing(left), *knots.reverse.map { |one| Mirrored.sided(one) }]
        end

        def self.over_the_join(knots, over)
          lead = knots.take_while { |one| one[:kind] == "pass" }.sum { |one| one[:cords] }
          *between, last = knots.drop_while { |one| one[:kind] == "pass" }
          sided = between.reverse.map { |one| Mirrored.sided(one) }
          [*passing(last[:cords] - over), *sided, *passing(lead - over), Mirrored.sided(last)]
        end

        def self.passing(cords)
          cords.positive? ? [{kind: "pass", hand: "right", cords:, times: 1, turns: 1}] : []
        end
        private_class_method :from_right, :over_the_join, :passing
      end
    end
  end
end
