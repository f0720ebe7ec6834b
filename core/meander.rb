# frozen_string_literal: true

# The craft of wire weaving: rules and computation, with nothing but Ruby's standard library. It knows no web, no
# database, no clock and no files.
#
# What stands here is what the core offers; everything behind it may change. Lengths are in mm, masses in g.
module Meander
end

require_relative "meander/loader"
Meander::Loader.folder(Meander, File.join(__dir__, "meander"))

# What the core offers.
module Meander
  class << self
    # What a maker starts a kind of piece from: a plain document, valid as it stands.
    # @param kind [String] see Document::Fields::PIECES
    # @example
    #   Meander.start("cuff")["kind"] #=> "cuff"
    def start(kind) = Document::StartingPiece.call(kind)

    # A document read and checked, with the questions its values raise. Older versions are lifted to the present one.
    # @param json [Hash] parsed JSON, string keys
    # @raise [InvalidInput] with every fault: the field, what was given and what would be accepted
    # @example
    #   Meander.read(Meander.start("cuff")).piece.name #=> "New cuff"
    #   Meander.read(Meander.start("ring")).piece.to_h[:version] #=> 2
    def read(json) = Document::PieceReader.call(json)

    # A piece planned: a pure function of the document and of how its maker works.
    # @param calibration [Calibration] how the maker works, see Calibration.of
    # @raise [InvalidInput] as read, or where a section cannot be made
    # @example
    #   Meander.plan(Meander.start("cuff")).repeats #=> [55]
    #   Meander.plan(Meander.start("links")).sections.first.copies #=> 8
    #   Meander.plan(Meander.start("earring")).pieces #=> 2
    def plan(json, calibration: Calibration.usual)
      read(json).then { |read| Planner::PlanPiece.call(read.piece, questions: read.questions, calibration:) }
    end

    # A plan as plain values, the same for every kind of piece: schema plan-2. Figures are in mm whatever unit its
    # sentences are told in.
    # @param units [String] "mm" or "in", here and below
    # @example
    #   cuts = Meander.figures(Meander.plan(Meander.start("cuff")))[:cuts]
    #   cuts.map { |cut| cut[:cut_mm] } #=> [170, 170, 1159, 1212]
    def figures(plan, units: "mm") = Units::Said.call(Output::PlanJson.call(plan), units)

    # A plan as the interface is told it: schema answer-1.
    # @example
    #   Meander.answer(Meander.plan(Meander.start("cuff")))[:fit][:free] #=> "s1"
    def answer(plan, units: "mm") = Units::Said.call(Output::Answer.call(plan), units)

    # A plan in words, its steps alone, and its cut list as CSV.
    # @example
    #   Meander.words(Meander.plan(Meander.start("cuff"))).lines.first #=> "New cuff: 4.29 g\n"
    # @example
    #   Meander.steps(Meander.plan(Meander.start("cuff")), units: "in").first[0, 44]
    #   #=> "1. From 0.0394 in copper cut 6 3/4 in each fo"
    def words(plan, units: "mm") = Units::Said.call("#{Output::PlanWords.call(plan).join("\n")}\n", units)
    def steps(plan, units: "mm") = Units::Said.call(Output::StepWords.call(plan), units)
    def csv(plan, units: "mm") = Units::Said.call(Output::CutListCsv.call(plan, units), units)

    # A plan drawn at true size, from the front or the back; hand: "left" for its mirror image.
    # @example
    #   Meander.svg(Meander.plan(Meander.start("cuff")), face: "back").lines[1][0, 4] #=> "<svg"
    def svg(plan, face: "front", hand: "right", units: "mm")
      Units::Said.call(Output::Drawing.call(plan, title: plan.piece.name, face:, hand:, units:), units)
    end

    # A length as makers type it, in mm; nil where it is none, or may be one of several.
    # @example
    #   Meander.mm("20 awg").round(4) #=> 0.8118
    #   Meander.mm("18 cm") #=> 180.0
    #   Meander.mm("1,200 mm") #=> nil
    def mm(text) = Units::LengthText.mm(text)

    # The figures of a weave on its own, belonging to no piece.
    # @param texts [Hash] option => text, see Weave::WeaveOptions
    # @raise [Error] naming the option, what was given and what is accepted
    # @example
    #   Meander.weave("base" => "0.8", "wire" => "0.3", "gaps" => "0,1", "repeats" => "10")[:woven_mm].round(6) #=> 3.0
    def weave(texts) = Output::WeaveFigures.call(Weave::WeaveOptions.read(texts))

    # The figures of a braid on its own, belonging to no piece.
    # @param texts [Hash] option => text, see Crafts::Braiding::BraidOptions
    # @raise [Error] naming the option, what was given and what is accepted
    # @example
    #   Meander.braid("strands" => "3", "diameter" => "1", "length" => "100")[:take_up].round(3) #=> 1.204
    def braid(texts) = Output::BraidFigures.call(Crafts::Braiding::BraidOptions.read(texts))

    # The figures of a crocheted fabric on its own, belonging to no piece.
    # @param texts [Hash] option => text, see Crafts::Crocheting::FabricOptions
    # @raise [Error] naming the option, what was given and what is accepted
    # @example
    #   Meander.crochet("hook" => "3", "wire" => "0.3", "stitch" => "chain", "stitches" => "60")[:width_mm] #=> 3.6
    def crochet(texts) = Output::FabricFigures.call(Crafts::Crocheting::FabricOptions.read(texts))

    # The figures of knots on their own, belonging to no piece.
    # @param texts [Hash] option => text, see Crafts::Knotting::KnotOptions
    # @raise [Error] naming the option, what was given and what is accepted
    # @example
    #   Meander.knot("knot" => "square", "cord" => "1", "fillers" => "2", "length" => "160")[:knots] #=> 38
    def knot(texts) = Output::KnotFigures.call(Crafts::Knotting::KnotOptions.read(texts))
  end
end
