# frozen_string_literal: true

module Meander
  module Crafts
    module Crocheting
      module Advice
        # A band along its rows whose wire comes out where it went in.
        module EndsBack
          def self.call(crocheted)
            layout = crocheted.layout
            return unless layout.kind == "band" && layout.along? && layout.breadth.odd?

            AdviceItem.of("crochet-ends-back", "note", "/fabric/across", "The wire ends where it began",
              "With #{Units::Text.count(layout.breadth, "row")} along the band the last one runs back.",
              "An even number of rows, where the wire is to go on or be bent at the far end.", rows: layout.breadth)
          end
        end
      end
    end
  end
end
