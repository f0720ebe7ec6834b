# frozen_string_literal: true

module Meander
  # The root of everything Meander raises on purpose.
  class Error < StandardError; end
end
