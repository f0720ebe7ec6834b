# frozen_string_literal: true

module Meander
  module Document
    # Checks how much is asked for before any of it is planned, counted from the document alone: so that no plan takes
    # longer, or more memory, than somebody at the bench waits for. Limits are our own, from how long planning takes
    # (bench/run.rb).
    class EffortChecks
      # Passes woven before and after the repeats of a section; passes of all repeats that are asked for.
      STRETCHES, WOVEN = 20_000, 200_000
      # Passes laid one by one, in frames and over gaps that change, that are unlike each other; passes drawn in all
      # frames.
      LAID, DRAWN = 4000, 12_000
      # Steps of single strands in braids unlike each other, see Crafts::Braiding::Relaxing.
      STEPS = 260
      # Passes to a mm of a frame, times the weaving wire's mm: between a coil's 2 and a wide figure-eight's 4.
      TO_A_WIRE = 3.0
      # How long a strip is taken to be that is as long as what the piece must meet, in mm.
      USUAL_MM = 200.0
      FRAMES = %w[drop leaf crescent waists].freeze

      # What a section asks for: its number and the field that says so; what is laid once where it is equal; how much of
      # it there is, and how often.
      Asked = Struct.new(:index, :field, :alike, :amount, :copies)

      def self.call(document, routes, reading) = new(document, routes, reading).call

      def initialize(document, routes, reading)
        @document = document
        @routes = routes
        @reading = reading
      end

      def call
        @document[:sections].each_with_index do |section, i|
          woven(section, "/sections/#{i}") if section[:craft] == "weave"
        end
        frames
        braids if @reading.faults.empty?
      end

      private

      def refuse(path, given, most, what)
        @reading.fault(path, "too_much", "about #{given.round} #{what}",
          message: "this is more than can be planned at once", accepted: "at most #{most} #{what}")
      end

      def woven(section, place)
        pattern = section[:pattern]
        return unless pattern[:kind] == "walk"

        stretches = pattern.values_at(:before, :after).flatten.sum { |stretch| stretched(stretch, section) }
        most = (frame?(section) || changing?(section)) ? LAID : STRETCHES
        refuse("#{place}/pattern", stretches, most, "passes before and after the repeats") if stretches > most
        asked = repeats(section) * pattern[:gaps].size
        refuse("#{place}/pattern/gaps", asked, WOVEN, "passes") if asked > WOVEN
      end

      # Passes of what is woven before or after the repeats: of a length as many as lie on it at the most, a coil on
      # every base wire, or a wide figure-eight.
      def stretched(stretch, section)
        return stretch[:times] * stretch[:gaps].size if stretch[:times]

        thick = [sizes(section, "weaving").max.to_f, 0.01].max
        stretch[:length]&.mm.to_f / thick * [4, 2 * sizes(section, "base").size].max
      end

      def repeats(section)
        section[:extent][:count] || 1
      end

      def frames
        found = @document[:sections].each_with_index.select { |section, _| frame?(section) || changing?(section) }
        asked = found.map do |section, i|
          Asked.new(i, frame?(section) ? "form" : "spacing", alike(section), passes(section), copies(section[:form]))
        end
        over(asked.uniq(&:alike), LAID, "passes in frames and over gaps that change, unlike each other", &:amount)
        over(asked.select { |one| one.field == "form" }, DRAWN, "passes in all frames") do |one|
          one.amount * one.copies
        end
      end

      def frame?(section) = section[:craft] == "weave" && FRAMES.include?(section[:form][:kind])
      def changing?(section) = section[:craft] == "weave" && section[:spacing][:kind] == "changing"

      def braids
        found = @document[:sections].each_with_index.select { |section, _| section[:craft] == "braid" }
        asked = found.map do |section, i|
          beads = @document[:beads].select { |one| one[:rule] == "braided" && one[:section] == section[:id] }
          laid = [section, sizes(section, "base"), beads]
          alike = [section.slice(:scheme, :strands, :pitch), laid[1], beads.map { |one| one.except(:id, :section) }]
          Asked.new(i, "scheme", alike, Crafts::Braiding::Relaxing.steps(*laid))
        end
        over(asked.uniq(&:alike), STEPS, "steps of strands laid by their crossings", &:amount)
      end

      # Of a chain whose frames are to be found, as many as there may be.
      def copies(form) = form.key?(:frames) ? form[:frames] || Crafts::Common::MOST_COPIES : 1

      # The first section that goes beyond a limit is named.
      def over(asked, most, what)
        sum = 0.0
        beyond = asked.find { |one| (sum += yield(one)) > most } or return
        refuse("/sections/#{beyond.index}/#{beyond.field}", asked.sum { |one| yield(one) }, most, what)
      end

      def alike(section)
        [section[:form], section[:pattern], section[:extent], section[:spacing], sizes(section, "base"),
          sizes(section, "weaving")]
      end

      def sizes(section, role)
        @routes.seated(section[:id], role).map do |visit|
          @document[:kinds].find { |kind| kind[:id] == visit.wire[:kind] }[:size].mm
        end
      end

      def passes(section)
        thick = sizes(section, "weaving").max or return 0.0
        return section[:extent][:count] * each(section[:pattern]) if changing?(section) && section[:extent][:count]

        TO_A_WIRE * long_mm(section) / thick / @routes.seated(section[:id], "weaving").size
      end

      # Passes of a repeat.
      def each(pattern)
        (pattern[:kind] == "walk") ? pattern[:gaps].size : 2 * pattern.values_at(:single, :both).sum
      end

      # A frame is as long as it says; of a strip that is to be found none is beyond the limit by itself.
      def long_mm(section) = (section[:form][:length] || section[:extent][:length])&.mm || USUAL_MM
    end
  end
end
