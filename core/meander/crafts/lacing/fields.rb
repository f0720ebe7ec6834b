# frozen_string_literal: true

module Meander
  module Crafts
    module Lacing
      # What a lacing holds: the sections it joins, at how many places, with how many wraps at each.
      module Fields
        include Document::Shape

        SECTION = {rows: Common::IDS.call(2..2), places: Count.new(1..200), wraps: Count.new(1..20)}.freeze
      end
    end
  end
end
