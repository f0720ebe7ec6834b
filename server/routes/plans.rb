# frozen_string_literal: true

module Server
  module Routes
    # Live answers: nothing is stored.
    module Plans
      def self.catalogue
        metals = Meander::Materials::Metal::ALL.values.map do |metal|
          {key: metal.key, name: metal.name, colour: metal.colour}
        end
        tempers = Meander::Materials::Temper::ALL.map { |key, name| {key:, name:} }
        beads = {materials: Meander::Beads::Material::ALL.values
          .map { |material| {key: material.key, name: material.name} },
                 shapes: Meander::Beads::Body::NAMES.map { |key, name| {key:, name:} }}
        eases = Meander::Planner::Wearing::EASES.map { |name, mm| {name:, mm:} }
        crafts = Meander::Crafts::Registry.all.transform_values do |craft|
          {words: craft.words, beads: craft.beads, parts: Meander::Document::FieldParts.call(craft.fields).map(&:to_h)}
        end
        kinds = Meander::Document::Fields::CALLED.map do |key, name|
          {key:, name:, strip: Meander::Document::Fields::BANDS.include?(key)}
        end
        {kinds:, metals:, tempers:, eases:, beads:, crafts:, sentences: sentences,
          weaves: Meander::Weave::Samples::ALL.map(&:to_h), beginnings: Meander::Weave::Beginnings.all(1..25),
          starts: Meander::Document::Fields::PIECES.keys
            .to_h { |kind| [kind, Meander::Document::StartingPiece.call(kind)] }}
      end

      # What a maker may choose, as it is said in sentences.
      def self.sentences
        {forms: Meander::Crafts::Weaving::Forms::ALL, bends: Meander::Crafts::Bending::Forms::ALL,
          endings: Meander::Endings::Registry::SENTENCES, rules: Meander::Beads::Rules::SENTENCES,
          findings: Meander::Findings::Registry::SENTENCES}.transform_values { |all| Meander::Sentence.table(all) }
      end

      def self.registered(app)
        app.get("/api/catalogue") { json(Plans.catalogue) }

        app.post("/api/plan") { text_json(Planners.ask(:drawn_answer, given_document, Maker.said, waiting: request)) }

        app.get("/api/pictures/:hash") do |hash|
          text_json(Planners.picture(hash, waiting: request) ||
            raise(Problem.new(404, "not-found", "this picture is no longer kept; plan again")))
        end
      end
    end
  end
end
