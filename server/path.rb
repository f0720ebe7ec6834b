# frozen_string_literal: true

require "json"

module Server
  # The way in: six small pieces of the collection, each of which teaches one thing, made in copper.
  module Path
    FOLDER = File.expand_path("../demo", __dir__)
    METAL = {"metal" => "copper", "temper" => "soft"}.freeze

    def self.steps = JSON.parse(File.read(File.join(FOLDER, "path.json")))

    # A piece of the path as it is made; nil where it is none.
    def self.document(key)
      return unless steps.any? { |step| step["piece"] == key }

      json = JSON.parse(File.read(File.join(FOLDER, "pieces/#{key}.json")))
      json.merge("name" => "#{json["name"]} in copper", "kinds" => json["kinds"].map { |kind| kind.merge(METAL) })
    end

    # What each takes, as Planning.needed tells it, with the pieces there are of it and whether one was made.
    def self.told(waiting)
      steps.map do |step|
        document = document(step["piece"])
        needed = JSON.parse(Planners.ask(:needed, document, Maker.said, waiting:))
        there = Piece.on_shelf.find_by(name: document["name"])
        {key: step["piece"], name: document["name"], teaches: step["teaches"], **needed, piece: there&.id,
          made: Making.kept.where(name: document["name"]).pluck(:summary).any? { |text|
            JSON.parse(text)["finished_at"]
          }}
      end
    end
  end
end
