# frozen_string_literal: true

module Meander
  module Crafts
    module Bending
      # A single wire bent without being woven. Answers for its craft as Registry says.
      module Craft
        def self.words = "a bent wire"

        # Its seats, and how many there may be of each.
        def self.seats = {"base" => 1..1}.freeze

        # Rules of beads (Beads::Rules) that it can carry.
        def self.beads = %w[strung framed scattered centre met].freeze
        def self.fields = Fields::SECTION
        def self.left_out = {at: Common::LEFT_OUT[:at]}
        def self.check(...) = Checks.call(...)
        def self.lay(section, calibration) = Layout.new(section, calibration)

        # Its wire as what another section is worked onto.
        def self.rim(bent_of, section, _calibration, _passing_mm)
          wire, bend, at = bent_of.base.first.mm, bent_of[:bend], section[:at]
          bent = Form::Bends.call(bend, wire)
          Form::Bar.new(bent.points, bent.length_mm, thick_mm: wire, side: at[:side], middle_mm: at[:along]&.mm,
            even: %w[line arc].include?(bend[:kind]),
            ring_mm: (bend[:radius].mm if bend[:kind] == "arc" && bend[:angle] == 360))
        end

        # What these are bent to says which side it begins to; all others begin to one side always.
        EITHER_SIDE = %w[line arc run].freeze

        def self.mirrored(fields, _beside)
          bend = fields[:bend]
          return unless EITHER_SIDE.include?(bend[:kind])

          parts = bend[:parts] && {parts: bend[:parts].map { |part| Mirrored.sided(part) }}
          Mirrored.call(fields, bend: {**Mirrored.sided(bend), **parts.to_h})
        end
      end
    end
  end
end
