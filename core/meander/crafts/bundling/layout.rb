# frozen_string_literal: true

module Meander
  module Crafts
    module Bundling
      # A binding, before its sections stand.
      class Layout < JoiningLayout
        def on = section[:around].map { |one| one[:section] }.uniq
        def joined(rows, poses, ways, on) = Bound.new(section, rows, poses, ways, @calibration, on)
      end
    end
  end
end
