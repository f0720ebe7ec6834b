# frozen_string_literal: true

require "json"

module Server
  # An error as application/problem+json (RFC 9457).
  class Problem < StandardError
    TYPE = "application/problem+json"

    attr_reader :status, :kind, :extra

    # kind names the type of problem; extra are further members of the answer.
    def initialize(status, kind, detail, **extra)
      @status = status
      @kind = kind
      @extra = extra
      super(detail)
    end

    def to_json(*)
      title = kind.tr("-", " ").capitalize
      JSON.generate({type: "urn:meander:problem:#{kind}", title:, status:, detail: message, **extra})
    end

    def response = [status, {"content-type" => TYPE, "cache-control" => "no-store"}, [to_json]]

    # More faults than these at once help nobody.
    MOST_FAULTS = 50

    # The maker's mistakes, all of them together.
    def self.invalid(error)
      count = error.faults.size
      detail = (count == 1) ? error.faults.first.message : "#{count} values cannot be used"
      new(422, "invalid-input", detail, faults: error.faults.first(MOST_FAULTS).map(&:to_h))
    end
  end
end
