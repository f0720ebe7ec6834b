# frozen_string_literal: true

module Server
  # Something that happened in a making, once: event: its own id; body: as it was sent.
  class MakingEvent < ActiveRecord::Base
  end
end
