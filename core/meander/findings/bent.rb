# frozen_string_literal: true

module Meander
  module Findings
    # A finding made of one wire, bent to a way of its own: what it takes of wire is the length of that way.
    class Bent < Finding
      def d = fields[:wire].mm
      def material = Materials::Metal.fetch(fields[:metal])
      def wire_mm = way.length
      def mass_g = material.mass_g(d, way.length)
      def words = "#{called}, of #{Units::Text.wire(d)} #{material.name}"

      private

      def eye_radius = (fields[:eye].mm + d) / 2
    end
  end
end
