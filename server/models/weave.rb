# frozen_string_literal: true

require "json"
require "securerandom"

module Server
  # A weave the maker named: its document as JSON text. No two that are kept have the same name.
  class Weave < ActiveRecord::Base
    scope :kept, -> { where(deleted_at: nil).order(:created_at, :id) }

    # document: a weave that was read and written out plain.
    # @raise [Meander::InvalidInput] when another has its name
    def self.keep(document) = new(id: SecureRandom.uuid).tap { |weave| weave.put(document) }

    # @raise [Meander::InvalidInput] when another has its name
    def put(document)
      transaction do
        if self.class.kept.where.not(id:).where("lower(name) = lower(?)", document[:name]).exists?
          refuse(document[:name])
        end
        update!(name: document[:name], document: JSON.generate(document), deleted_at: nil)
      end
    end

    def content = JSON.parse(document)

    private

    def refuse(name)
      raise Meander::InvalidInput.new(
        [Meander::Fault.new(path: "/name", code: "taken", message: "you keep a weave called “#{name}” already",
          given: name, accepted: "a name of its own")]
      )
    end
  end
end
