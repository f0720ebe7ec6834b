# frozen_string_literal: true

module Meander
  # How a maker works. slack: wire really used over the computed path, as a share; lean: see Weave::Placing; pace: wraps
  # a minute; paces: of crafts that go otherwise, moves a minute by their names.
  Calibration = Struct.new(:slack, :lean, :pace, :paces, keyword_init: true) do
    # How far passes lean back as a maker pushes: own values round what relaxed weaves show.
    const_set(:LEANS, {"lightly" => 0.15, "well" => 0.3, "hard" => 1.0}.freeze)

    # slack: common practice, no published source; pace: our choice, until the maker says theirs.
    def self.usual = new(slack: 0.04, lean: self::LEANS["well"], pace: 10, paces: {}.freeze).freeze

    # maker: what a maker said of their work, see Document::Fields::MAKER.
    def self.of(maker)
      paces = maker[:paces].to_h.compact.transform_keys(&:to_s).freeze
      new(**usual.to_h, **maker.slice(:pace), paces:, lean: self::LEANS.fetch(maker[:push] || "well")).freeze
    end

    # Moves of the hand a minute in a craft.
    def pace_of(craft) = paces.fetch(craft, pace).to_f
  end
end
