# frozen_string_literal: true

module Server
  # From a document to its plan, for every route that shows figures.
  module Planning
    PICTURES = PictureShelf.new
    # Strips of sections that are drawn when they are asked for hold all of their plan until then, so fewer are kept.
    STRIPS = PictureShelf.new(36)
    # Sections of built pieces as they were planned lately, so that only what changed is planned again.
    SECTIONS = Meander::Kept.new(40)

    # The plan of a document given as JSON values: Planner::Plan of one band, Built::Plan of a piece put together from sections.
    # @param fresh [Array] is given the pictures that are shown at once and were not on the shelf
    # @raise [Meander::InvalidInput]
    def self.plan(json, fresh = [])
      result = Meander::Document::PieceReader.call(json)
      plan = result.piece.built? ? built(result) : band(result)
      shown = plan.piece.built? ? plan.finished.map(&:first) : [plan.picture]
      fresh.concat(shown.select { |picture| PICTURES.put(picture) })
      plan
    end

    def self.band(result) = Meander::Planner::PlanPiece.call(result.piece, calibration: Maker.calibration, questions: result.questions)

    def self.built(result)
      Meander::Built::PlanPiece.call(result.piece, calibration: Maker.calibration, questions: result.questions, kept: SECTIONS).tap do |plan|
        plan.woven.each { |section| STRIPS.put(section.strip_picture) }
      end
    end

    # A picture of a recent plan by its content hash; nil when it was let go.
    def self.picture(hash) = PICTURES.get(hash) || STRIPS.get(hash)

    # The plan of a band, or of the section of a built piece that is asked about.
    # @raise [Meander::InvalidInput]
    def self.strip(given)
      plan = plan(given["document"])
      return plan unless plan.piece.built?

      plan.sections[woven_place(plan.piece, given["section"])].plan
    end

    # Which section of a piece is asked about: the only one of a band, else the woven one of that id.
    # @raise [Meander::InvalidInput]
    def self.woven_place(piece, id)
      sections = piece.document[:sections]
      return 0 unless piece.built?

      sections.index { |section| section[:craft] == "weave" && section[:id] == id } || raise(Meander::InvalidInput.new([no_section(sections, id)]))
    end

    def self.no_section(sections, given)
      accepted = sections.select { |section| section[:craft] == "weave" }.map { |section| section[:id] }.join(", ")
      Meander::Fault.new(path: "/section", code: "reference", message: "this is no woven section of the piece", given:, accepted:)
    end

    # Every weave of the collection, and the maker's own, tried in the wires of a strip: each with its figures and its picture. Among
    # the maker's own are those that came with the document and are not kept.
    # @raise [Meander::InvalidInput]
    def self.weaves(given)
      piece = strip(given).piece
      {weaves: Meander::Weave::Samples::ALL.map { |sample| {key: sample.key, **tried(piece, sample)} },
        own: own_weaves(piece).map { |id, weave| {id:, weave: Meander::Document::Plain.call(weave), **own_tried(piece, weave)} }}
    end

    def self.tried(piece, sample)
      plan = Meander::Planner::TryWeave.call(piece, sample)
      PICTURES.put(plan.picture)
      {figures: Meander::Planner::TryWeave.figures(plan), picture: plan.picture.content_hash}
    end

    def self.own_tried(piece, weave)
      sample = Meander::Weave::Samples.own(weave, piece.weaving_wire.mm)
      {sample: sample.to_h, **tried(piece, sample)}
    end

    # [id, weave], the id nil where it only came with the piece.
    def self.own_weaves(piece)
      kept = Weave.kept.map { |weave| [weave.id, Meander::Document::WeaveReader.call(weave.content)] }
      came = piece.document[:weaves].reject { |weave| kept.any? { |_, own| own[:name] == weave[:name] } }
      kept + came.map { |weave| [nil, weave] }
    end
    private_class_method :tried, :own_tried, :own_weaves, :band, :built, :no_section

    # What the bench shows: the document as read, and its plan.
    def self.answer(plan) = {document: plan.piece.to_h, (plan.piece.built? ? :built : :plan) => plan.to_h}

    # The same of a document, as JSON text with the pictures that are sure to be asked for next: `drawn`, by their hashes.
    def self.drawn_answer(json)
      fresh = []
      plan = plan(json, fresh)
      drawn = fresh.uniq(&:content_hash).map { |picture| %("#{picture.content_hash}":#{picture.json}) }
      %(#{JSON.generate(answer(plan)).chop},"drawn":{#{drawn.join(",")}}})
    end

    # What the shelf shows of a piece.
    def self.summary(plan)
      return built_summary(plan) if plan.piece.built?

      {kind: plan.piece.body[:kind], fit: plan.fit.to_h.slice(:repeats, :strip_mm, :round_mm, :opening_mm, :wrist_mm, :size_words),
        width_mm: plan.picture.width_mm, thickness_mm: plan.layout.frame.thickness_mm, picture: plan.picture.content_hash, across_mm: plan.picture.drawn_across_mm,
        wires: plan.piece.wires.map(&:words), stops: stops(plan)}
    end

    def self.built_summary(plan)
      built = {finished: plan.finished_h, extent: plan.extent, pieces: plan.pieces, mass_g: plan.mass_g, beads: plan.beads_h.slice(:drawn)}
      {kind: plan.piece.body[:kind], built:, sections: plan.sections.map(&:words), wires: plan.piece.wires.map(&:words), stops: stops(plan)}
    end

    def self.stops(plan) = plan.advice.count { |item| item.severity == "stop" }
    private_class_method :built_summary, :stops
  end
end
