# frozen_string_literal: true

require "json"
require "securerandom"

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

    # As it was planned: steps:, inspection:.
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

    def account = Meander::Making::Account.new(planned, JSON.parse(state))

    # What the log tells, as text.
    def summed
      told = account.told
      JSON.generate({**told.slice(:done, :of, :worked_ms, :finished_at), differs: told[:differs].size})
    end

    private

    def put(fresh)
      full if taken + fresh.size > MOST
      now = account
      fresh.each { |event| now.take(event) }
      MakingEvent.insert_all!(fresh.map { |one| {making_id: id, event: one[:id], body: JSON.generate(one)} })
      self.state = JSON.generate(now.state)
      update!(summary: summed, taken: taken + fresh.size)
    end

    def full
      raise Meander::InvalidInput.new([Meander::Fault.new(path: "/events", code: "too_much", given: "#{taken} events",
        message: "so much is not counted in one making", accepted: "up to #{MOST} events; begin another making")])
    end
  end
end
