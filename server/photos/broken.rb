# frozen_string_literal: true

module Server
  module Photos
    # A file that is not as its kind has to be.
    class Broken < StandardError
    end
  end
end
