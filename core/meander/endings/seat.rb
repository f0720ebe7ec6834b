# frozen_string_literal: true

module Meander
  module Endings
    # A base wire as an ending finds it: its number, diameter and place across the strip, in mm.
    Seat = Struct.new(:id, :mm, :x)
  end
end
