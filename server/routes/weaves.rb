# frozen_string_literal: true

module Server
  module Routes
    # Weaves: read, joined, tried, made even and practised; the maker's own, kept; and how the maker works.
    module Weaves
      Questions = Meander::Document::Questions

      # A weave in short notation as gaps.
      def self.read(given)
        asked = Meander::Document::Reading.whole(Questions::READ, given)
        {gaps: Meander::Notation::Reader.call(asked[:text], base: asked[:base])}
      end

      # A piece with a walk said in short notation put in: in its only section, or in the one that is asked about.
      def self.said(given)
        document = given["document"]
        piece = Meander::Document::PieceReader.call(document).piece
        place = Planning.woven_place(piece, given["section"])
        gaps = read({"text" => given["text"], "base" => piece.document[:sections][place][:base].size})[:gaps]
        sections = document["sections"].each_with_index.map { |one, i| (i == place) ? one.merge("pattern" => one["pattern"].merge("gaps" => gaps)) : one }
        document.merge("sections" => sections)
      end

      # The best few even fillings of a length, each with what the section becomes.
      def self.even(given)
        piece = Planning.strip(given).piece
        asked = Meander::Document::Reading.whole(Questions::EVEN, given.except("document", "section"))
        fillings = Meander::Planner::MakeEven.call(piece, strip_mm: asked[:strip].mm, free: asked[:free])
        {fillings: fillings.map(&:to_h)}
      end

      # Is a move the next one?
      def self.judge(given)
        asked = Meander::Document::Reading.whole(Questions::JUDGE, given.except("document", "section"))
        Meander::Planner::JudgeMove.call(Planning.strip(given), **asked).to_h
      end

      def self.checked(json) = Meander::Document::Plain.call(Meander::Document::WeaveReader.call(json))

      def self.registered(app)
        asking(app)
        keeping(app)
        app.get("/api/maker") { json(Maker.said) }
        app.put("/api/maker") do
          Maker.say(given)
          json(Maker.said)
        end
      end

      def self.asking(app)
        app.post("/api/weaves") { given_document && json(Planning.weaves(given)) }
        app.post("/api/weaves/read") { json(Weaves.read(given)) }
        app.post("/api/weaves/say") do
          given_document
          text_json(Planning.drawn_answer(Weaves.said(given)))
        end
        app.post("/api/weaves/join") { json(Questions.join(given)) }
        app.post("/api/weaves/even") { given_document && json(Weaves.even(given)) }
        app.post("/api/weaves/judge") { given_document && json(Weaves.judge(given)) }
      end

      def self.keeping(app)
        app.get("/api/own-weaves") { json({weaves: Weave.kept.map { |weave| {id: weave.id, name: weave.name} }}) }
        app.post("/api/own-weaves") { json({id: Weave.keep(Weaves.checked(given)).id}, status: 201) }
        app.put("/api/own-weaves/:id") do |id|
          Weave.find(id).put(Weaves.checked(given))
          halt 204
        end
        app.delete("/api/own-weaves/:id") do |id|
          Weave.find(id).update!(deleted_at: Time.now.utc)
          halt 204
        end
        app.post("/api/own-weaves/:id/restore") do |id|
          Weave.find(id).then { |weave| weave.put(Weaves.checked(weave.content)) }
          halt 204
        end
      end
    end
  end
end
