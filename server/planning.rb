# frozen_string_literal: true

require "json"
require_relative "picture_shelf"

module Server
  # From a document to its plan: what a planner (Planners::Planner) can be asked. It knows no database; all it needs it is told.
  module Planning
    # Common wires, base and weaving, in mm.
    COMMON_MM = [[1.0, 0.4], [0.8, 0.315], [1.2, 0.4], [1.0, 0.315]].freeze
    PICTURES = PictureShelf.new
    # Strips of sections that are drawn when they are asked for hold all of their plan until then, so fewer are kept.
    STRIPS = PictureShelf.new(36)
    # Sections of built pieces as they were planned lately, so that only what changed is planned again.
    SECTIONS = Meander::Kept.new(40)

    # The pictures of the answer that is made now, by their hashes: [hash, ...].
    def self.offered = @offered ||= []

    # What is placed while nobody asks, one step each: the collection in common wires.
    def self.warmth
      COMMON_MM.flat_map { |base, wire| Meander::Weave::Samples::ALL.map { |sample| -> { place(sample, base, wire) } } }
    end

    def self.place(sample, base, wire)
      walk, sizes = Meander::Weave::Walk.new(sample.gaps), {base_mm: [base] * sample.base, wire_mm: wire}
      visited = [sample.gaps, *sample.after.map { |stretch| stretch[:gaps] }].flatten.uniq
      frame = sample.clear ? Meander::Weave::Frame.new(**sizes, clear_mm: [sample.clear * wire] * (sample.base - 1)) : Meander::Weave::Frame.tight(**sizes, visited:)
      Meander::Weave::Repeat.new(frame, walk, lean: Meander::Planner::Calibration.usual.lean)
    end

    # The plan of a document given as JSON values: Planner::Plan of one band, Built::Plan of a piece put together from sections.
    # maker: what the maker said of their work, see Document::Fields::MAKER.
    # @param fresh [Array] is given the pictures that are shown at once and were not on the shelf
    # @raise [Meander::InvalidInput]
    def self.plan(json, maker = {}, fresh = [])
      result = Meander::Document::PieceReader.call(json)
      plan = Meander::Planner::AnyPiece.call(result.piece, calibration: Meander::Planner::Calibration.of(maker), questions: result.questions, kept: SECTIONS)
      plan.strip_pictures.each { |picture| offer(picture, STRIPS) }
      fresh.concat(plan.shown.select { |picture| offer(picture) })
      plan
    end

    # Answers whether the picture is a new one.
    def self.offer(picture, shelf = PICTURES)
      offered << picture.content_hash
      shelf.put(picture)
    end

    # A picture as JSON text by its content hash. Where it was let go, what it came from is planned again: a job and what it was asked.
    # @return [String, nil]
    def self.picture(hash, name, arguments)
      found = PICTURES.get(hash) || STRIPS.get(hash)
      return found.json if found

      public_send(name, *arguments)
      (PICTURES.get(hash) || STRIPS.get(hash))&.json
    end

    # The plan of a band, or of the section of a built piece that is asked about.
    # @raise [Meander::InvalidInput]
    def self.strip(given, maker)
      plan = plan(given["document"], maker)
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
    # the maker's own are those that came with the document and are not kept. kept: [[id, document], ...].
    # @return [String] JSON
    # @raise [Meander::InvalidInput]
    def self.weaves(given, maker, kept)
      piece = strip(given, maker).piece
      JSON.generate({weaves: Meander::Weave::Samples::ALL.map { |sample| {key: sample.key, **tried(piece, sample)} },
        own: own_weaves(piece, kept).map { |id, weave| {id:, weave: Meander::Document::Plain.call(weave), **own_tried(piece, weave)} }})
    end

    def self.tried(piece, sample)
      plan = Meander::Planner::TryWeave.call(piece, sample)
      offer(plan.picture)
      {figures: Meander::Planner::TryWeave.figures(plan), picture: plan.picture.content_hash}
    end

    def self.own_tried(piece, weave)
      sample = Meander::Weave::Samples.own(weave, piece.weaving_wire.mm)
      {sample: sample.to_h, **tried(piece, sample)}
    end

    # [id, weave], the id nil where it only came with the piece.
    def self.own_weaves(piece, kept)
      kept = kept.map { |id, document| [id, Meander::Document::WeaveReader.call(document)] }
      came = piece.document[:weaves].reject { |weave| kept.any? { |_, own| own[:name] == weave[:name] } }
      kept + came.map { |weave| [nil, weave] }
    end

    # The best few even fillings of a length, each with what the section becomes.
    # @return [String] JSON
    def self.even(given, maker)
      piece = strip(given, maker).piece
      asked = Meander::Document::Reading.whole(Meander::Document::Questions::EVEN, given.except("document", "section"))
      fillings = Meander::Planner::MakeEven.call(piece, strip_mm: asked[:strip].mm, free: asked[:free], calibration: Meander::Planner::Calibration.of(maker))
      JSON.generate({fillings: fillings.map(&:to_h)})
    end

    # Is a move the next one?
    # @return [String] JSON
    def self.judge(given, maker)
      asked = Meander::Document::Reading.whole(Meander::Document::Questions::JUDGE, given.except("document", "section"))
      JSON.generate(Meander::Planner::JudgeMove.call(strip(given, maker), **asked).to_h)
    end

    # A piece with a walk said in short notation put in: in its only section, or in the one that is asked about.
    # @return [String] JSON, as drawn_answer
    def self.said(given, maker)
      document = given["document"]
      piece = Meander::Document::PieceReader.call(document).piece
      place = woven_place(piece, given["section"])
      gaps = read_weave({"text" => given["text"], "base" => piece.document[:sections][place][:base].size})[:gaps]
      sections = document["sections"].each_with_index.map { |one, i| (i == place) ? one.merge("pattern" => one["pattern"].merge("gaps" => gaps)) : one }
      drawn_answer(document.merge("sections" => sections), maker)
    end

    # A weave in short notation as gaps.
    def self.read_weave(given)
      asked = Meander::Document::Reading.whole(Meander::Document::Questions::READ, given)
      {gaps: Meander::Notation::Reader.call(asked[:text], base: asked[:base])}
    end

    # What the bench shows: the document as read, and its plan.
    # @return [String] the members of a JSON object
    def self.answer(json, maker) = members(shown(plan(json, maker)))

    # The same with the pictures that are sure to be asked for next: `drawn`, by their hashes.
    # @return [String] JSON
    def self.drawn_answer(json, maker)
      fresh = []
      plan = plan(json, maker, fresh)
      drawn = fresh.uniq(&:content_hash).map { |picture| %("#{picture.content_hash}":#{picture.json}) }
      %({#{members(shown(plan))},"drawn":{#{drawn.join(",")}}})
    end

    # What is kept of a piece: its document whole, what the shelf shows of it, and how many repeats its sections have.
    # @return [Hash] document: plain values; told: the members of a JSON object; repeats: [count or nil, ...] by section
    def self.kept(json, maker)
      plan = plan(json, maker)
      {document: plan.piece.to_h, told: members(summary(plan)), repeats: plan.repeats}
    end

    # @return [String] the cut list as CSV
    def self.cut_list(json, maker) = Meander::Output::CutListCsv.call(plan(json, maker))

    # @return [String] the strip, or the finished piece, as SVG
    def self.drawing(json, maker, title, face, hand) = Meander::Output::Drawing.call(plan(json, maker), title:, face:, hand:)

    def self.shown(plan) = {document: plan.piece.to_h, (plan.piece.built? ? :built : :plan) => plan.to_h}
    def self.members(hash) = JSON.generate(hash)[1..-2]

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
