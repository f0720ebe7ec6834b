# frozen_string_literal: true

module Server
  # From a document to its plan, for every route that shows figures.
  module Planning
    PICTURES = PictureShelf.new

    # The plan of a document given as JSON values.
    # @raise [Meander::InvalidInput]
    def self.plan(json)
      result = Meander::Document::PieceReader.call(json)
      Meander::Planner::PlanPiece.call(result.piece, questions: result.questions).tap { |plan| PICTURES.put(plan.picture) }
    end

    # Every weave of the collection tried in the wires of a document: its figures and its picture.
    # @raise [Meander::InvalidInput]
    def self.weaves(json)
      piece = Meander::Document::PieceReader.call(json).piece
      weaves = Meander::Weave::Samples::ALL.map do |sample|
        plan = Meander::Planner::TryWeave.call(piece, sample)
        {key: sample.key, figures: Meander::Planner::TryWeave.figures(plan), picture: PICTURES.put(plan.picture)}
      end
      {weaves:}
    end

    # What the bench shows: the document as read, and its plan.
    def self.answer(plan) = {document: plan.piece.to_h, plan: plan.to_h}

    # What the shelf shows of a piece.
    def self.summary(plan)
      {kind: plan.piece.body[:kind], fit: plan.fit.to_h.slice(:repeats, :strip_mm, :opening_mm, :wrist_mm),
        width_mm: plan.picture.width_mm, thickness_mm: plan.layout.frame.thickness_mm, picture: plan.picture.content_hash,
        wires: plan.piece.wires.map(&:words), stops: plan.advice.count { |item| item.severity == "stop" }}
    end
  end
end
