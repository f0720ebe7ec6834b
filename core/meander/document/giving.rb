# frozen_string_literal: true

module Meander
  module Document
    # A value of a section that gives way, so that what must meet does: which it is, how it stands, within what it may
    # give. Lengths in mm, angles in degrees.
    class Giving
      # Where a value may stand in a section, its unit, what it may become, and what counts as a step of it beside the
      # others.
      Value = Struct.new(:paths, :unit, :range, :step)
      VALUES = {
        "turn" => Value.new([[:at, :turn]], "°", -350.0..350.0, 10.0),
        "bare" => Value.new([[:at, :bare]], "mm", 0.0..300.0, 5.0),
        "radius" => Value.new([[:form, :radius], [:bend, :radius]], "mm", 0.5..500.0, 10.0),
        "angle" => Value.new([[:bend, :angle]], "°", 1.0..360.0, 10.0),
        "length" => Value.new([[:bend, :length]], "mm", 0.5..500.0, 5.0),
        "repeats" => Value.new([[:extent, :count]], "", 1..2000, 1)
      }.freeze
      # Bends whose length or radius may give.
      BENDS = {"length" => %w[line], "radius" => %w[arc], "angle" => %w[arc]}.freeze

      # fields: of a section, as read.
      # @return [Giving, nil] nil where it has no such value that may give
      def self.of(fields, value)
        path = VALUES.fetch(value).paths.find { |keys| fields[keys.first].is_a?(Hash) && fields.dig(*keys) } or return
        return if path.first == :bend && !BENDS.fetch(value).include?(fields[:bend][:kind])
        # A strip that is bent before it is woven is pushed apart by its bend.
        return if path == %i[form radius] && (fields[:form][:kind] != "arc" || fields[:form][:shaped] == "before")

        new(fields[:id], value, path, fields.dig(*path))
      end

      # Those a section has.
      def self.all(fields) = VALUES.keys.filter_map { |value| of(fields, value) }

      attr_reader :section, :value

      def initialize(section, value, path, now)
        @section = section
        @value = value
        @path = path
        @now = now
        freeze
      end

      # As it stands.
      def stands = @now.is_a?(Units::Size) ? @now.mm : @now
      def whole? = value == "repeats"
      def unit = VALUES.fetch(value).unit
      def range = VALUES.fetch(value).range
      def step = VALUES.fetch(value).step

      # The fields of its section with another value.
      def put(fields, number)
        made = @now.is_a?(Units::Size) ? Units::Size.new(number, "#{Units::Text.number(number, 2)} mm") : number
        first, last = @path
        {**fields, first => {**fields[first], last => made}}
      end
    end
  end
end
