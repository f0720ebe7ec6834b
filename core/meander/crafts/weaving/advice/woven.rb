# frozen_string_literal: true

module Meander
  module Crafts
    module Weaving
      module Advice
        # A woven strip as the checks see it. pitch_mm: the pitch that was asked for, nil where none was, widest_mm: the
        # greatest, where that changes; sides: 2 where it is woven from the middle outwards; repeats: of the whole
        # strip; cover: the Cover of its repeat; profile: the Profile of its gaps, nil where they stay as they are.
        Woven = Struct.new(:frame, :repeat, :strip, :pitch_mm, :widest_mm, :sides, :repeats, :cover, :profile,
          keyword_init: true)
      end
    end
  end
end
