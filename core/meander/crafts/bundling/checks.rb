# frozen_string_literal: true

module Meander
  module Crafts
    module Bundling
      # Faults of a binding beyond the shapes of its fields: it goes round base wires of sections before it, each once.
      module Checks
        # seated: Document::SectionChecks::Seated; place: the JSON pointer to the section.
        def self.call(seated, place, reading)
          seated[:around].each_with_index do |one, i|
            path = "#{place}/around/#{i}"
            said = wrong(seated, one, seated[:around].first(i)) or next
            reading.fault("#{path}/#{said[:key]}", "built", one[said[:key]], message: said[:message],
              accepted: said[:accepted])
          end
        end

        def self.wrong(seated, one, before)
          seats = seated.seats[one[:section]]
          unless seated.earlier.include?(one[:section])
            return {key: :section, message: "only wires of a section before it can be bound",
                    accepted: seated.earlier.empty? ? "a section, of which there is none yet" :
                      seated.earlier.join(", ")}
          end
          if one[:seat] > seats
            return {key: :seat, message: "#{one[:section]} has no such wire", accepted: "1 to #{seats}"}
          end
          return unless before.any? { |other| other.slice(:section, :side, :seat) == one.slice(:section, :side, :seat) }

          {key: :seat, message: "this wire is bound there already", accepted: "each wire once"}
        end
        private_class_method :wrong
      end
    end
  end
end
