# frozen_string_literal: true

module Server
  module Routes
    # Live answers: nothing is stored.
    module Plans
      def self.catalogue
        {kinds: kinds, **wires, beads: beads, crafts: crafts, sentences: sentences,
          eases: Meander::Planner::Wearing::EASES.map { |name, mm| {name:, mm:} },
          weaves: Meander::Weave::Samples::ALL.map(&:to_h), beginnings: Meander::Weave::Beginnings.all(1..25),
          starts: Meander::Document::StartingPiece::PIECES.keys.to_h { |kind| [kind, Meander.start(kind)] }}
      end

      def self.kinds
        strips = Meander::Document::Fields::BANDS
        Meander::Document::Fields::CALLED.map { |key, name| {key:, name:, strip: strips.include?(key)} }
      end

      def self.wires
        metals = Meander::Materials::Metal::ALL.values
        {metals: metals.map { |metal| {key: metal.key, name: metal.name, colour: metal.colour, cord: metal.fibre?} },
          tempers: Meander::Materials::Temper::ALL.map { |key, name| {key:, name:} }}
      end

      def self.beads
        {materials: Meander::Beads::Material::ALL.values.map { |material| {key: material.key, name: material.name} },
          shapes: Meander::Beads::Body::NAMES.map { |key, name| {key:, name:} }}
      end

      def self.crafts
        Meander::Crafts::Registry.all.transform_values do |craft|
          parts = Meander::Document::FieldParts.call(craft.fields)
          {words: craft.words, beads: craft.beads, parts: parts.map(&:to_h)}
        end
      end

      # What a maker may choose, as it is said in sentences.
      def self.sentences
        said = {forms: Meander::Crafts::Weaving::Forms::ALL, bends: Meander::Crafts::Bending::Forms::ALL,
                strip_forms: Meander::Crafts::StripForms::ALL,
                braid_forms: Meander::Crafts::Braiding::Forms::ALL,
                fabrics: Meander::Crafts::Crocheting::Fabrics::ALL,
                endings: Meander::Endings::Registry::SENTENCES, rules: Meander::Beads::Rules::SENTENCES,
                findings: Meander::Findings::Registry::SENTENCES}
        {**said.transform_values { |all| Meander::Sentence.table(all) },
          meetings: Meander::Document::MeetingChecks::TAKES}
      end

      def self.registered(app)
        app.get("/api/catalogue") { json(Plans.catalogue) }

        app.post("/api/plan") { text_json(Planners.ask(:drawn_answer, given_document, Maker.said, waiting: request)) }

        app.post("/api/space") { text_json(Planners.ask(:space, given_document, Maker.said, waiting: request)) }

        app.get("/api/pictures/:hash") do |hash|
          text_json(Planners.picture(hash, waiting: request) ||
            raise(Problem.new(404, "not-found", "this picture is no longer kept; plan again")))
        end
      end
    end
  end
end
