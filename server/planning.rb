# frozen_string_literal: true

require "json"
require_relative "picture_shelf"

module Server
  # From a document to its plan: what a planner (Planners::Planner) can be asked. It knows no database; all it needs it
  # is told.
  module Planning
    # Common wires, base and weaving, in mm.
    COMMON_MM = [[1.0, 0.4], [0.8, 0.315], [1.2, 0.4], [1.0, 0.315]].freeze
    PICTURES = PictureShelf.new
    # Strips of sections that are drawn when they are asked for hold all of their plan until then, so fewer are kept.
    STRIPS = PictureShelf.new(36)
    # Sections as they were laid and worked lately, so that only what changed is planned again.
    SECTIONS = Meander::Kept.new(40)

    # The pictures of the answer that is made now, by their hashes: [hash, ...].
    def self.offered = @offered ||= []

    # What is placed while nobody asks, one step each: the collection in common wires.
    def self.warmth
      COMMON_MM.flat_map { |base, wire| Meander::Weave::Samples::ALL.map { |sample| -> { place(sample, base, wire) } } }
    end

    def self.place(sample, base, wire)
      Meander::Weave::Samples.placed(sample, base, wire, Meander::Calibration.usual.lean)
    end

    # The plan of a document given as JSON values. maker: what the maker said of their work, see
    # Document::Fields::MAKER.
    # @param fresh [Array] is given the pictures that are shown at once and were not on the shelf
    # @raise [Meander::InvalidInput]
    def self.plan(json, maker = {}, fresh = [])
      result = Meander::Document::PieceReader.call(json)
      plan = Meander::Planner::PlanPiece.call(result.piece, calibration: Meander::Calibration.of(maker),
        questions: result.questions, kept: SECTIONS)
      plan.strips.each { |picture| offer(picture, STRIPS) }
      fresh.concat(plan.shown.select { |picture| offer(picture) })
      plan
    end

    # Answers whether the picture is a new one.
    def self.offer(picture, shelf = PICTURES)
      offered << picture.content_hash
      shelf.put(picture)
    end

    # A picture as JSON text by its content hash. Where it was let go, what it came from is planned again: a job and
    # what it was asked.
    # @return [String, nil]
    def self.picture(hash, name, arguments)
      found = PICTURES.get(hash) || STRIPS.get(hash)
      return found.json if found

      public_send(name, *arguments)
      (PICTURES.get(hash) || STRIPS.get(hash))&.json
    end

    # The section that is asked about, where it is woven; the only one of a piece that has no other.
    # @return [Meander::Crafts::Weaving::Woven]
    # @raise [Meander::InvalidInput]
    def self.asked(plan, id) = plan.sections[woven_place(plan.piece, id)]

    # Which section of a piece is asked about: the woven one of that id, or the only one.
    # @raise [Meander::InvalidInput]
    def self.woven_place(piece, id)
      sections = piece.sections
      found = (id.nil? && sections.size == 1) ? 0 : sections.index { |section| section.id == id }
      return found if found && sections[found].craft == "weave"

      raise Meander::InvalidInput.new([no_section(sections, id)])
    end

    def self.no_section(sections, given)
      accepted = sections.select { |section| section.craft == "weave" }.map(&:id).join(", ")
      Meander::Fault.new(path: "/section", code: "reference", message: "this is no woven section of the piece", given:,
        accepted:)
    end

    # Every weave of the collection, and the maker's own, tried in the wires of a strip: each with its figures and its
    # picture. Among the maker's own are those that came with the document and are not kept. kept: [[id, document],
    # ...].
    # @return [String] JSON
    # @raise [Meander::InvalidInput]
    def self.weaves(given, maker, kept)
      section = asked(plan(given["document"], maker), given["section"]).section
      JSON.generate({weaves: Meander::Weave::Samples::ALL.map { |sample| {key: sample.key, **tried(section, sample)} },
        own: own_weaves(section.piece,
          kept).map { |id, weave| {id:, weave: Meander::Document::Plain.call(weave), **own_tried(section, weave)} }})
    end

    def self.tried(section, sample)
      strip = Meander::Crafts::Weaving::TryWeave.call(section, sample)
      offer(strip.picture)
      {figures: Meander::Crafts::Weaving::TryWeave.figures(strip), picture: strip.picture.content_hash}
    end

    def self.own_tried(section, weave)
      sample = Meander::Weave::Samples.own(weave, section.working_wire.mm)
      {sample: sample.to_h, **tried(section, sample)}
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
      plan = plan(given["document"], maker)
      wanted = Meander::Document::Reading.whole(Meander::Document::Questions::EVEN, given.except("document", "section"))
      reach_mm = plan.band ? plan.ends.reach_mm : 0.0
      fillings =
        Meander::Crafts::Weaving::MakeEven.call(asked(plan, given["section"]).section, strip_mm: wanted[:strip].mm,
          reach_mm:, free: wanted[:free], calibration: plan.calibration)
      JSON.generate({fillings: fillings.map(&:to_h)})
    end

    # Is a move the next one?
    # @return [String] JSON
    def self.judge(given, maker)
      said = Meander::Document::Reading.whole(Meander::Document::Questions::JUDGE, given.except("document", "section"))
      JSON.generate(
        Meander::Crafts::Weaving::JudgeMove.call(asked(plan(given["document"], maker), given["section"]).strip, **said)
          .to_h
      )
    end

    # A piece with a walk said in short notation put in: in its only section, or in the one that is asked about.
    # @return [String] JSON, as drawn_answer
    def self.said(given, maker)
      document = given["document"]
      piece = Meander::Document::PieceReader.call(document).piece
      place = woven_place(piece, given["section"])
      gaps = read_weave({"text" => given["text"], "base" => piece.sections[place].base.size})[:gaps]
      sections = document["sections"].each_with_index.map do |one, i|
        (i == place) ? one.merge("pattern" => one["pattern"].merge("gaps" => gaps)) : one
      end
      drawn_answer(document.merge("sections" => sections), maker)
    end

    # A weave in short notation as gaps.
    def self.read_weave(given)
      said = Meander::Document::Reading.whole(Meander::Document::Questions::READ, given)
      {gaps: Meander::Notation::Reader.call(said[:text], base: said[:base])}
    end

    # Every braid to choose from in a wire, with its figures.
    # @return [String] JSON
    def self.braids(given) = JSON.generate({braids: Meander::Output::BraidFigures.collection(given)})

    # Every crocheted fabric to choose from in a wire, with its figures.
    # @return [String] JSON
    def self.fabrics(given) = JSON.generate({fabrics: Meander::Output::FabricFigures.collection(given)})

    # Every pattern of knots to choose from in a cord, with its figures.
    # @return [String] JSON
    def self.knots(given) = JSON.generate({knots: Meander::Output::KnotFigures.collection(given)})

    # What all crafts make of a base and a weaving wire, side by side, see Meander::Output::AcrossCrafts.
    # @return [String] JSON
    def self.compared(given, maker)
      JSON.generate({rows: Meander::Output::AcrossCrafts.call(given, Meander::Calibration.of(maker))})
    end

    # What a piece, or both of a pair, takes, see Meander::Making::Needed.
    # @return [String] JSON
    def self.needed(json, maker) = JSON.generate(Meander::Making::Needed.call(plan(json, maker)))

    # The order of work of a piece as it is counted at the bench, and what it is looked over for in the end.
    # @return [String] JSON
    # @raise [Meander::InvalidInput]
    def self.making(json, maker)
      plan = plan(json, maker)
      JSON.generate(Meander::Making::Planned.call(plan))
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
      {document: plan.asked.to_h, told: members(Meander::Output::Answer.summary(plan)), repeats: plan.repeats}
    end

    # @return [String] the cut list as CSV
    def self.cut_list(json, maker, units) = Meander::Output::CutListCsv.call(plan(json, maker), units)

    # @return [String] the strip, or the finished piece, as SVG
    def self.drawing(json, maker, title, face, hand, units)
      Meander::Output::Drawing.call(plan(json, maker), title:, face:, hand:, units:)
    end

    # A piece that is more than one straight strip, as it lies in space.
    # @return [String] JSON
    def self.space(json, maker) = JSON.generate(Meander::Output::InSpace.call(plan(json, maker)))

    def self.shown(plan) = {document: plan.asked.to_h, plan: Meander::Output::Answer.call(plan)}
    def self.members(hash) = JSON.generate(hash)[1..-2]
  end
end
