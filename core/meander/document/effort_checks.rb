# frozen_string_literal: true

module Meander
  module Document
    # Checks how much is asked for before any of it is planned, counted from the document alone: so that no plan takes
    # longer, or more memory, than somebody at the bench waits for. Limits are our own, from how long planning takes
    # (bench/run.rb).
    class EffortChecks
      # Passes woven before and after the repeats of a section; passes of all repeats that are asked for.
      STRETCHES, WOVEN = 20_000, 200_000
      # Passes laid one by one in frames that are unlike each other, and passes drawn in all frames.
      LAID, DRAWN = 4000, 12_000
      # Steps of single strands in braids unlike each other, see Crafts::Braiding::Relaxing.
      STEPS = 260
      # Passes to a mm of a frame, times the weaving wire's mm: between a coil's 2 and a wide figure-eight's 4.
      TO_A_WIRE = 3.0
      FRAMES = %w[drop leaf crescent waists].freeze

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

        stretches = %i[before after].sum do |side|
          pattern[side].sum { |stretch| stretch[:times] * stretch[:gaps].size }
        end
        refuse("#{place}/pattern", stretches, STRETCHES, "passes before and after the repeats") if stretches > STRETCHES
        asked = repeats(section) * pattern[:gaps].size
        refuse("#{place}/pattern/gaps", asked, WOVEN, "passes") if asked > WOVEN
      end

      def repeats(section)
        section[:extent][:count] || 1
      end

      def frames
        found = @document[:sections].each_with_index.select do |section, _|
          section[:craft] == "weave" && FRAMES.include?(section[:form][:kind])
        end
        told = found.map { |section, i| [i, alike(section), passes(section), copies(section[:form])] }
        unlike = told.uniq { |_, alike, _, _| alike }
        over(unlike, LAID, "form", "passes in frames unlike each other") { |_, _, passes, _| passes }
        over(told, DRAWN, "form", "passes in all frames") { |_, _, passes, copies| passes * copies }
      end

      def braids
        found = @document[:sections].each_with_index.select { |section, _| section[:craft] == "braid" }
        told = found.map do |section, i|
          beads = @document[:beads].select { |one| one[:rule] == "braided" && one[:section] == section[:id] }
          laid = [section, sizes(section, "base"), beads]
          [i, [section.slice(:scheme, :strands, :pitch), laid[1], beads.map { |one| one.except(:id, :section) }],
            Crafts::Braiding::Relaxing.steps(*laid)]
        end
        over(told.uniq { |_, alike, _| alike }, STEPS, "scheme", "steps of strands laid by their crossings", &:last)
      end

      # Of a chain whose frames are to be found, as many as there may be.
      def copies(form) = form.key?(:frames) ? form[:frames] || Crafts::Common::MOST_COPIES : 1

      # The first frame that goes beyond a limit is named.
      def over(told, most, field, what)
        sum = 0.0
        beyond = told.find { |one| (sum += yield(one)) > most } or return
        refuse("/sections/#{beyond[0]}/#{field}", told.sum { |one| yield(one) }, most, what)
      end

      def alike(section)
        [section[:form], section[:pattern], section[:extent], sizes(section, "base"), sizes(section, "weaving")]
      end

      def sizes(section, role)
        @routes.seated(section[:id], role).map do |visit|
          @document[:kinds].find { |kind| kind[:id] == visit.wire[:kind] }[:size].mm
        end
      end

      def passes(section)
        thick = sizes(section, "weaving").max or return 0.0
        TO_A_WIRE * section[:form][:length].mm / thick / @routes.seated(section[:id], "weaving").size
      end
    end
  end
end
