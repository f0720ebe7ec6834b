# frozen_string_literal: true

module Server
  module Routes
    # Weaves: read, joined, tried, made even and practised; the maker's own, kept; and how the maker works.
    module Weaves
      Questions = Meander::Document::Questions

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
        app.post("/api/weaves") do
          text_json(
            Planners.ask(:weaves, asked, Maker.said, Weave.kept.map { |weave| [weave.id, weave.content] },
              waiting: request)
          )
        end
        app.post("/api/weaves/read") { json(Planning.read_weave(given)) }
        app.post("/api/weaves/say") { text_json(Planners.ask(:said, asked, Maker.said, waiting: request)) }
        app.post("/api/weaves/join") { json(Questions.join(given)) }
        app.post("/api/weaves/even") { text_json(Planners.ask(:even, asked, Maker.said, waiting: request)) }
        app.post("/api/compared") { text_json(Planners.ask(:compared, given, Maker.said, waiting: request)) }
        app.post("/api/braids") { text_json(Planners.ask(:braids, given, waiting: request)) }
        app.post("/api/braids/read") { json(Questions.crossings(given)) }
        app.post("/api/fabrics") { text_json(Planners.ask(:fabrics, given, waiting: request)) }
        app.post("/api/fabrics/read") { json(Questions.rows(given)) }
        app.post("/api/knots") { text_json(Planners.ask(:knots, given, waiting: request)) }
        app.post("/api/knots/read") { json(Questions.knots(given)) }
        app.post("/api/weaves/judge") { text_json(Planners.ask(:judge, asked, Maker.said, waiting: request)) }
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
