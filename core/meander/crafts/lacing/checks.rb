# frozen_string_literal: true

module Meander
  module Crafts
    module Lacing
      # Faults of a lacing beyond the shapes of its fields: it joins two sections before it, neither of them a lacing.
      module Checks
        # place: the JSON pointer to the section.
        def self.call(section, document, place, reading)
          known = document[:sections].take_while { |one| !one.equal?(section) }.reject { |one| one[:base].empty? }.map { |one| one[:id] }
          fault = ->(at, given, message, accepted) { reading.fault("#{place}/rows/#{at}", "built", given, message:, accepted:) }
          section[:rows].each_with_index do |row, i|
            next if known.include?(row)

            fault.call(i, row, "only a section before it can be laced", known.empty? ? "a section, of which there is none yet" : known.join(", "))
          end
          fault.call(1, section[:rows][1], "a section is not laced to itself", "two different sections") if section[:rows].uniq.size == 1
        end
      end
    end
  end
end
