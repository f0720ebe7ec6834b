# frozen_string_literal: true

module Meander
  module Crafts
    module Lacing
      # What a lacing holds: the sections it joins, at how many places, with how many wraps at each.
      module Fields
        include Document::Shape

        SECTION = {base: Common::IDS.call(0..0), weaving: Common::IDS.call(1..1), rows: Common::IDS.call(2..2), places: Count.new(1..200), wraps: Count.new(1..20)}.freeze
      end
    end
  end
end
