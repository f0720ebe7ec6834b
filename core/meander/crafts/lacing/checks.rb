# frozen_string_literal: true

module Meander
  module Crafts
    module Lacing
      # Faults of a lacing beyond the shapes of its fields: it joins two sections before it, neither of them a lacing.
      module Checks
        # seated: Document::SectionChecks::Seated; place: the JSON pointer to the section.
        def self.call(seated, place, reading)
          known = seated.earlier
          fault = ->(at, given, message,
            accepted) { reading.fault("#{place}/rows/#{at}", "built", given, message:, accepted:) }
          seated[:rows].each_with_index do |row, i|
            next if known.include?(row)

            fault.call(i, row, "only a section before it can be laced",
              known.empty? ? "a section, of which there is none yet" : known.join(", "))
          end
          if seated[:rows].uniq.size == 1
            fault.call(1, seated[:rows][1], "a section is not laced to itself", "two different sections")
          end
        end
      end
    end
  end
end
