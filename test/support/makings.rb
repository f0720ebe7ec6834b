# frozen_string_literal: true

# Makings over the API: one begun, what happened sent, looked at.
module Makings
  def begun(start = "cuff")
    piece = send_json(:post, "/api/pieces", {start:})
    [piece, send_json(:post, "/api/pieces/#{piece["id"]}/makings", {})]
  end

  def event(kind, at: 1_800_000_000_000, **more) = {id: SecureRandom.uuid, at:, kind:, **more}
  def look(path) = get(path) && answer
  def happened(making, *events) = send_json(:post, "/api/makings/#{making["id"]}/events", {events:})
  def woven(making) = making["steps"].find { |step| step["count"] }
end
