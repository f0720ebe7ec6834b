# frozen_string_literal: true

module Meander
  # The maker gave something that cannot be read. Carries every fault found, not only the first.
  class InvalidInput < Error
    attr_reader :faults

    def initialize(faults)
      @faults = faults.freeze
      super(faults.map { |fault| "#{fault.path}: #{fault.message}" }.join("; "))
    end
  end
end
