# frozen_string_literal: true

require "json"
require "securerandom"

module Server
  # A piece being made, or made: its name, document and steps as they were when it was begun, and what happened since,
  # every event once. state: what they come to, see Meander::Making::Account; taken: how many there are.
  class Making < ActiveRecord::Base
    MOST = 200_000

    has_many :events, class_name: "Server::MakingEvent", dependent: :delete_all

    scope :kept, -> { where(deleted_at: nil).order(updated_at: :desc, id: :asc) }

    # Of a piece. steps: as text, see Planning.making.
    def self.begin(piece, steps)
      read = JSON.parse(steps, symbolize_names: true)
      create!(id: SecureRandom.uuid, piece_id: piece.id, name: piece.name, document: piece.document, steps:,
        state: JSON.generate(Meander::Making::Account.begun(read)))
    end

    def plan_steps = @plan_steps ||= JSON.parse(steps, symbolize_names: true)

    # Takes events in the order they come, those that are there already not again.
    # @param given [Array<Hash>] see Meander::Making::Fields
    # @raise [Meander::InvalidInput] where one cannot be, then none is taken
    def take(given)
      with_lock do
        had = events.where(event: given.map { |one| one[:id] }).pluck(:event).to_set
        fresh = given.uniq { |one| one[:id] }.reject { |one| had.include?(one[:id]) }
        next self if fresh.empty?

        full if taken + fresh.size > MOST
        account = Meander::Making::Account.new(plan_steps, JSON.parse(state))
        fresh.each { |event| account.take(event) }
        MakingEvent.insert_all!(fresh.map { |one| {making_id: id, event: one[:id], body: JSON.generate(one)} })
        update!(state: JSON.generate(account.state), taken: taken + fresh.size)
      end
      self
    end

    def account = Meander::Making::Account.new(plan_steps, JSON.parse(state))

    private

    def full
      raise Meander::InvalidInput.new([Meander::Fault.new(path: "/events", code: "too_much", given: "#{taken} events",
        message: "so much is not counted in one making", accepted: "up to #{MOST} events; begin another making")])
    end
  end
end
