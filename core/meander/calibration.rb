# frozen_string_literal: true

module Meander
  # How a maker works. slack: wire really used over the computed path, as a share; lean: see Weave::Placing; pace: wraps
  # a minute.
  Calibration = Struct.new(:slack, :lean, :pace, keyword_init: true) do
    # How far passes lean back as a maker pushes: own values round what relaxed weaves show.
    const_set(:LEANS, {"lightly" => 0.15, "well" => 0.3, "hard" => 1.0}.freeze)

    # slack: common practice, no published source; pace: our choice, until the maker says theirs.
    def self.usual = new(slack: 0.04, lean: self::LEANS["well"], pace: 10).freeze

    # maker: what a maker said of their work, see Document::Fields::MAKER.
    def self.of(maker)
      new(**usual.to_h, **maker.slice(:pace), lean: self::LEANS.fetch(maker[:push] || "well")).freeze
    end
  end
end
