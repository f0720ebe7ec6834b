# frozen_string_literal: true

module Server
  module Routes
    # The maker's tray of beads, and what of it fits.
    module Tray
      def self.row(bead, kind)
        {id: bead.id, stock: bead.stock, bead: bead.content, kind: Meander::Beads::Answer.kind_h(kind)}
      end

      # Every kind with how it is drawn and what it comes to.
      def self.all
        kinds = Bead.kinds
        {beads: Bead.kept.map { |bead| row(bead, kinds.fetch(bead.id)) }}
      end

      # What fills a gap evenly, best first, each with how many there are.
      def self.fits(given)
        asked = Meander::Document::TrayReader.asked(given)
        {fits: stocked { |kinds| Meander::Beads::Fitting.call(kinds, **asked) }}
      end

      # What holds a gap while it is woven, nearest first, each with how many there are.
      def self.holds(given)
        gap_mm = Meander::Document::TrayReader.held_mm(given)
        {holds: stocked { |kinds| Meander::Beads::Spacer.call(kinds, gap_mm) }}
      end

      # What the block finds among the tray's kinds, with their rows' ids and how many there are.
      def self.stocked
        kinds = Bead.kinds
        ids = kinds.invert.compare_by_identity
        found = yield kinds.values
        stock = Bead.where(id: found.map { |one| ids[one.kind] }).pluck(:id, :stock).to_h
        found.map { |one| {**one.to_h, id: ids[one.kind], stock: stock[ids[one.kind]]} }
      end
      private_class_method :stocked

      def self.registered(app)
        app.get("/api/tray") { json(Tray.all) }
        app.post("/api/tray/fit") { json(Tray.fits(given)) }
        app.post("/api/tray/hold") { json(Tray.holds(given)) }
        app.post("/api/tray") { json({id: Bead.keep(Meander::Document::TrayReader.call(given)).id}, status: 201) }
        changing(app)
      end

      def self.changing(app)
        app.put("/api/tray/:id") do |id|
          Bead.find(id).put(Meander::Document::TrayReader.call(given))
          halt 204
        end
        app.delete("/api/tray/:id") do |id|
          Bead.find(id).update!(deleted_at: Time.now.utc)
          halt 204
        end
        app.post("/api/tray/:id/restore") do |id|
          Bead.find(id).update!(deleted_at: nil)
          halt 204
        end
      end
    end
  end
end
