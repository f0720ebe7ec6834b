# frozen_string_literal: true

module Meander
  module Advice
    module Weave
      # A woven strip as the checks see it. pitch_mm: the pitch that was asked for, nil where none was; sides: 2 where it is woven
      # from the middle outwards; closed: whether the frame is closed at both ends.
      Woven = Struct.new(:frame, :repeat, :strip, :pitch_mm, :sides, keyword_init: true)
    end
  end
end
