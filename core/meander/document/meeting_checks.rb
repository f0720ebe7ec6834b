# frozen_string_literal: true

module Meander
  module Document
    # Checks meetings: of ends there are, with as many values that give as they take.
    class MeetingChecks
      # How many values each takes: between two ends, and in the middle of a section.
      TAKES = {"touch" => [1, 1], "meet" => [2, 1], "flow" => [3, 2]}.freeze

      # How many values a meeting (as read) takes.
      def self.takes(meeting) = TAKES.fetch(meeting[:asks])[(meeting[:other][:kind] == "end") ? 0 : 1]

      def self.call(document, reading) = new(document, reading).call

      def initialize(document, reading)
        @document = document
        @meetings = document[:meetings]
        @reading = reading
        @sections = document[:sections].select { |section| section[:at] }.to_h { |section| [section[:id], section] }
      end

      def call
        @meetings.each_with_index { |meeting, i| ends(meeting, "/meetings/#{i}") }
        return if @reading.faults.any? || @meetings.empty?

        gives
        enough if @reading.faults.empty?
      end

      private

      def fault(path, code, given, message, accepted) = @reading.fault(path, code, given, message:, accepted:)

      def ends(meeting, place)
        %i[end other].each do |key|
          told = meeting[key]
          next if @sections.key?(told[:section])

          fault("#{place}/#{key}/section", "reference", told[:section],
            "there is no such section that stands by itself", @sections.keys.join(", "))
        end
        one, other = meeting.values_at(:end, :other)
        return unless one[:section] == other[:section] && [nil, one[:side]].include?(other[:side])

        fault("#{place}/other/section", "built", other[:section], "an end cannot meet its own section there",
          "an end of another section, or the middle of one")
      end

      def gives
        seen = []
        @meetings.each_with_index do |meeting, i|
          meeting[:gives].each_with_index do |one, k|
            give(one, "/meetings/#{i}/gives/#{k}", seen)
            seen << one
          end
        end
      end

      def give(one, path, seen)
        unless @sections.key?(one[:section])
          return fault("#{path}/section", "reference", one[:section], "there is no such section",
            @sections.keys.join(", "))
        end

        told = "#{one[:value]} of #{one[:section]}"
        return fault(path, "duplicate", told, "this value gives already", "each value once") if seen.include?(one)
        return if Giving.of(@sections[one[:section]], one[:value])

        fault("#{path}/value", "choice", one[:value], "#{one[:section]} has no such value that could give",
          Giving.all(@sections[one[:section]]).map(&:value).join(", "))
      end

      # As many lengths and angles give as all meetings take; whole counts of one section may give beside them.
      def enough
        takes, all = @meetings.sum { |one| self.class.takes(one) }, @meetings.flat_map { |one| one[:gives] }
        whole, plain = all.partition { |one| one[:value] == "repeats" }
        last = @meetings.size - 1
        fault_of(plain, takes, last) if plain.size != takes
        return unless whole.size > 1

        fault("/meetings/#{last}/gives", "meeting", whole.map { |one| one[:section] }.join(", "),
          "the repeats of one section can give, not of several", "repeats of one section at the most")
      end

      def fault_of(plain, takes, last)
        given = plain.map { |one| "#{one[:value]} of #{one[:section]}" }.join(", ")
        do_so = "#{plain.size} #{(plain.size == 1) ? "does" : "do"}"
        fault("/meetings/#{last}/gives", "meeting", given,
          "#{Units::Text.count(takes, "value")} must give for this, #{do_so}", "#{takes} of #{offered}")
      end

      # Lengths and angles that could give.
      def offered
        found = @sections.values.flat_map { |section| Giving.all(section) }.reject(&:whole?)
        found.first(12).map { |one| "#{one.value} of #{one.section}" }.join(", ")
      end
    end
  end
end
