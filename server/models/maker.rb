# frozen_string_literal: true

require "json"

module Server
  # The one maker at this bench: what they said of how they work.
  class Maker < ActiveRecord::Base
    USUAL = Meander::Calibration.usual

    # What the maker said (Meander::Document::Fields::MAKER), the usual until they do.
    def self.said
      first&.document&.then { |text| JSON.parse(text, symbolize_names: true) }.to_h.then do |kept|
        {pace: USUAL.pace, push: "well", allowances: nil, **kept, paces: kept[:paces].to_h.compact}
      end
    end

    def self.calibration = Meander::Calibration.of(said)

    # @raise [Meander::InvalidInput]
    def self.say(json)
      said = Meander::Document::Reading.whole(Meander::Document::Fields::MAKER, json)
      document = JSON.generate(Meander::Document::Plain.call(said))
      (first || new).update!(document:)
    end
  end
end
