# frozen_string_literal: true

module Meander
  module Document
    # Checks what a section says of its wires: each in its role and laid once; what else is asked of it its craft checks.
    class SectionChecks
      # place: the JSON pointer to the section.
      def self.call(section, document, place, reading) = new(section, document, place, reading).call

      def initialize(section, document, place, reading)
        @section = section
        @document = document
        @place = place
        @reading = reading
        @roles = document[:wires].to_h { |wire| [wire[:id], wire[:role]] }
      end

      def call
        wire_roles
        Crafts::Registry.fetch(@section[:craft]).check(@section, @document, @place, @reading)
      end

      private

      def repeated(values)
        values.each_with_index { |value, i| yield value, i if values.index(value) < i }
      end

      def wire_roles
        @section[:base].each_with_index { |id, i| used_as(id, "base", "#{@place}/base/#{i}") }
        repeated(@section[:base]) do |id, i|
          @reading.fault("#{@place}/base/#{i}", "duplicate", id, message: "base wire #{id} is laid twice", accepted: "each base wire once")
        end
        @section[:weaving]&.each_with_index { |id, i| used_as(id, "weaving", "#{@place}/weaving/#{i}") }
      end

      def used_as(id, role, path)
        return if @roles[id] == role

        known = @roles.select { |_, other| other == role }.keys
        @reading.fault(path, "reference", id, message: "#{id} is not a #{role} wire of this piece", accepted: known.empty? ? "a #{role} wire, of which there is none yet" : known.join(", "))
      end
    end
  end
end
