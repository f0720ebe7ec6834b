# frozen_string_literal: true

require "json"
require "securerandom"
require "time"

module Server
  # A piece being made, or made: its name, document and plan (steps and what it is looked over for) as they were when it
  # was begun, and what happened since, every event once. state: what they come to, see Meander::Making::Account;
  # summary: of that what the log tells; taken: how many events there are.
  class Making < ActiveRecord::Base
    MOST = 200_000
    # What the log needs, and no more.
    LISTED = %w[id piece_id name summary taken deleted_at created_at updated_at].freeze

    has_many :events, class_name: "Server::MakingEvent", dependent: :delete_all

    scope :kept, -> { where(deleted_at: nil).order(updated_at: :desc, id: :asc) }

    # Of a piece. plan: as text, see Planning.making.
    def self.begin(piece, plan)
      begun = new(id: SecureRandom.uuid, piece_id: piece.id, name: piece.name, document: piece.document, plan:)
      begun.state = JSON.generate(Meander::Making::Account.begun(begun.planned[:steps]))
      begun.tap { |one| one.update!(summary: one.summed) }
    end

    # Of one that was taken out, here or elsewhere. read: see Meander::Making::TakenOut; document: its piece as JSON
    # text.
    # @raise [Meander::InvalidInput] where it is here already
    def self.read(read, document)
      refuse(read[:id]) if exists?(read[:id])
      began, last = %i[begun_at last_at].map { |key| time(read, key) }
      new(**read.slice(:id, :name), piece_id: read[:piece], document:, plan: JSON.generate(read[:planned]),
        state: JSON.generate(read[:state]), taken: read[:events].size, created_at: began).tap do |one|
        transaction do
          one.update!(summary: one.summed, updated_at: last)
          one.put_events(read[:events])
        end
      end
    end

    def self.refuse(id)
      raise Meander::InvalidInput.new([Meander::Fault.new(path: "/id", code: "taken", given: id,
        message: "this making is in the log already, or was set aside", accepted: "one that is not here")])
    end

    def self.time(read, key)
      Time.iso8601(read[key])
    rescue ArgumentError
      raise Meander::InvalidInput.new([Meander::Fault.new(path: "/#{key}", code: "time", given: read[key],
        message: "this is no time", accepted: "a time as 2026-11-30T12:00:00Z")])
    end
    private_class_method :refuse, :time

    # How fast each craft went in all makings that were timed.
    # @return [Array<Hash>] craft:, pace: moves a minute, minutes:, makings:
    def self.learned
      all = kept.pluck(:summary).map { |text| JSON.parse(text)["paced"].to_h }
      all.flat_map(&:to_a).group_by(&:first).map do |craft, found|
        moves, ms = found.map(&:last).transpose.map(&:sum)
        {craft:, pace: (moves / ms * 60_000).round.clamp(1, 120), minutes: ms / 60_000.0, makings: found.size}
      end
    end

    # What became of the piece it was begun from: it is the same, was changed, or is gone.
    def piece_now
      now = Piece.on_shelf.find_by(id: piece_id)
      return "gone" unless now

      (now.document == document) ? "same" : "changed"
    end

    # The document of the second one of a pair, where that is told as its mirror image; nil else.
    def second
      return unless planned[:mirrored]

      Meander::Document::MirrorImage.call(Meander.read(JSON.parse(document)).piece)&.to_h
    end

    # As it was planned: see Meander::Making::Planned.
    def planned = @planned ||= JSON.parse(plan, symbolize_names: true)

    # Takes events in the order they come, those that are there already not again.
    # @param given [Array<Hash>] see Meander::Making::Fields
    # @raise [Meander::InvalidInput] where one cannot be, then none is taken
    def take(given)
      with_lock do
        had = events.where(event: given.map { |one| one[:id] }).pluck(:event).to_set
        fresh = given.uniq { |one| one[:id] }.reject { |one| had.include?(one[:id]) }
        put(fresh) unless fresh.empty?
      end
      self
    end

    # So many at a time, as a statement holds only so many values.
    def put_events(all)
      all.each_slice(5000) do |some|
        MakingEvent.insert_all!(some.map { |one| {making_id: id, event: one[:id], body: JSON.generate(one)} })
      end
    end

    # Everything that happened, in the order it was taken.
    def happened = events.order(:id).pluck(:body).map { |body| JSON.parse(body, symbolize_names: true) }

    def account = Meander::Making::Account.new(planned, JSON.parse(state))

    # As it stands now, see Meander::Making::Told.
    def told = Meander::Making::Told.call(planned, account.state)

    # What the log tells, as text.
    def summed = JSON.generate(Meander::Making::Summary.call(planned, account.state))

    private

    def put(fresh)
      full if taken + fresh.size > MOST
      undone = fresh.any? { |one| one[:kind] == "undo" }
      now = undone ? Meander::Making::Account.of(planned, [*happened, *fresh]) : account.tap { |one| fresh.each { |event| one.take(event) } }
      put_events(fresh)
      self.state = JSON.generate(now.state)
      update!(summary: summed, taken: taken + fresh.size)
    end

    def full
      raise Meander::InvalidInput.new([Meander::Fault.new(path: "/events", code: "too_much", given: "#{taken} events",
        message: "so much is not counted in one making", accepted: "up to #{MOST} events; begin another making")])
    end
  end
end
