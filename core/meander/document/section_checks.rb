# frozen_string_literal: true

module Meander
  module Document
    # Checks sections: each stands on one before it, is as long as something says, and is what its craft can work.
    class SectionChecks
      # Pins by which the only section of a piece is found.
      MEASURES = %w[wrist finger wire].freeze
      # A section with the wires at its seats, as a craft checks it. fields: as read; base, working: Wire values; cut_away: numbers of base
      # seats; in_turn: whether working wires take turns; earlier: ids of the sections before it that something can stand on; path: answers the
      # JSON pointer to a wire's kind.
      Seated = Struct.new(:fields, :base, :working, :cut_away, :in_turn, :earlier, :path) do
        def [](key) = fields[key]
      end

      def self.call(document, routes, reading) = new(document, routes, reading).call

      def initialize(document, routes, reading)
        @document = document
        @routes = routes
        @reading = reading
        @sections = document[:sections]
      end

      def call
        @sections.each_with_index do |section, i|
          stands(section, i) if section[:at]
          extent(section, "/sections/#{i}") if section[:extent]
          Crafts::Registry.fetch(section[:craft]).check(seated(section, i), "/sections/#{i}", @reading)
        end
      end

      private

      def fault(path, given, message, accepted) = @reading.fault(path, "built", given, message:, accepted:)
      def standing(count) = @sections.first(count).select { |section| section[:at] }.map { |section| section[:id] }

      def stands(section, index)
        at = section[:at]
        return if %w[first rim].include?(at[:kind]) || standing(index).include?(at[:section])

        fault("/sections/#{index}/at/section", at[:section], "a section stands on one before it", index.zero? ? "first" : standing(index).join(", "))
      end

      # A frame says by itself how far it is worked, a strip that is free what the piece is worn on, or a pin.
      def extent(section, place)
        frame = Form::Opening::OUTLINES.key?(section[:form][:kind])
        case section[:extent][:kind]
        when "fill" then fault("#{place}/extent/kind", "fill", "only a frame says by itself how far it is woven", "repeats, length, free") unless frame
        when "free" then frame ? fault("#{place}/extent/kind", "free", "a frame is woven as far as it is long, or as it says", "fill, repeats, length") : found(section, place)
        end
        fault("#{place}/bare/gives", true, "bare ends give way where a piece is one strip that is worn round something", "false") if section.dig(:bare, :gives) && !alone?
      end

      def alone? = @sections.size == 1 && %w[wrist finger].include?(@document[:worn]&.fetch(:on))

      def found(section, place)
        measured = alone? && @document[:pins].any? { |pin| MEASURES.include?(pin[:quantity]) }
        return if measured || @document[:pins].any? { |pin| pin[:quantity] == "woven" && pin[:section] == section[:id] }

        fault("#{place}/extent/kind", "free", "nothing says how far this section is woven", "repeats, length, or a pin on it")
      end

      def seated(section, index)
        seats = Crafts::Registry.fetch(section[:craft]).seats.keys
        base, *working = ["base", *(seats - ["base"])].map { |role| @routes.seated(section[:id], role) }
        wires = ->(visits) { visits.map { |visit| wire(visit.wire) } }
        in_turn = working.flatten.map(&:number).uniq.size > 1
        path = ->(wire) { "/kinds/#{@document[:kinds].index { |kind| kind[:id] == wire.kind }}" }
        Seated.new(section, wires.call(base), wires.call(working.flatten), base.select(&:cut_away).map(&:number), in_turn, standing(index), path)
      end

      def wire(fields)
        kind = @document[:kinds].find { |one| one[:id] == fields[:kind] }
        Wire.new(id: fields[:id], kind: kind[:id], **kind.slice(:use, :size, :metal, :temper))
      end
    end
  end
end
