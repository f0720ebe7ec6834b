# frozen_string_literal: true

module Meander
  module Document
    # Checks of a piece built from sections: sections that stand on earlier ones, wires that can go on from one to the next, forms that
    # can be woven, endings on wires that end there.
    class BuiltChecks
      def self.call(document, reading) = new(document, reading).call

      def initialize(document, reading)
        @document = document
        @reading = reading
        @sections = document[:sections]
      end

      def call
        @sections.each_with_index do |section, i|
          next unless section[:at]

          stands(section, i)
          goes_on(section, i)
          cut_away(section, i)
          extent(section, "/sections/#{i}")
        end
        unused
        @document[:endings].each_with_index { |ending, i| ending(ending, "/endings/#{i}") }
        pins
      end

      private

      def fault(path, given, message, accepted) = @reading.fault(path, "built", given, message:, accepted:)
      def ids(count) = @sections.first(count).select { |section| section[:at] }.map { |section| section[:id] }

      def stands(section, index)
        at = section[:at]
        return if at[:kind] == "first" || ids(index).include?(at[:section])

        fault("/sections/#{index}/at/section", at[:section], "a section stands on one before it", index.zero? ? "first" : ids(index).join(", "))
      end

      # Wires cut away between two sections lie in both, and one at least is left to hold them together.
      def cut_away(section, index)
        cut, last = section[:at][:cut_away] || [], @sections.find { |one| one[:id] == section[:at][:section] }
        return unless cut.any? && last

        shared = section[:base] & last[:base]
        cut.each_with_index do |wire, i|
          fault("/sections/#{index}/at/cut_away/#{i}", wire, "#{wire} does not go on here", shared.join(", ")) unless shared.include?(wire)
        end
        fault("/sections/#{index}/at/cut_away", cut.join(", "), "nothing would hold the two sections together", "all but one at the most") if (shared - cut).empty?
      end

      # A wire goes on only from the section it was in last, and only where the next one begins at its end.
      def goes_on(section, index)
        section[:base].each do |wire|
          last = @sections.first(index).reverse.find { |one| one[:base].include?(wire) }
          next if last.nil? || (section[:at][:kind] == "after" && section[:at][:section] == last[:id])

          fault("/sections/#{index}/at", wire, "#{wire} lies in #{last[:id]} already, so it can only go on from its end", "after #{last[:id]}, or wires of its own")
        end
      end

      # How far a section is worked that no frame says by itself.
      def extent(section, place)
        return if section[:extent].nil? || Form::Opening::OUTLINES.key?(section[:form][:kind]) || section[:extent][:kind] != "fill"

        fault("#{place}/extent/kind", "fill", "only a frame says by itself how far it is woven", "repeats, length")
      end

      def unused
        used = @sections.flat_map { |section| section[:base] + (section[:weaving] || []) }
        used += @document[:endings].filter_map { |ending| ending[:cover] } + @document[:beads].filter_map { |placed| placed[:weaving] }
        @document[:wires].each_with_index do |wire, i|
          fault("/wires/#{i}", wire[:id], "this wire lies in no section", "a wire of a section, or none") unless used.include?(wire[:id])
        end
      end

      def ending(ending, place)
        return if ending[:wires].each_with_index.map { |wire, i| ends_here?(ending, wire, "#{place}/wires/#{i}") }.include?(false)

        alone = Endings::Registry::ALONE.include?(ending[:kind]) && ending[:wires].size != 1
        if ending[:kind] == "wrap" && section_of(ending, ending[:wires].first, :craft) == "bend"
          fault("#{place}/kind", "wrap", "one wire by itself is no band to wrap", "another ending")
        end
        fault("#{place}/wires", ending[:wires].join(", "), "one wire is bent to a #{ending[:kind].tr("_", " ")}", "one wire") if alone
        covered(ending[:cover], place) if ending[:cover]
        fault("#{place}/wires", ending[:wires].join(", "), "a fold joins two wires", "two wires of one size and metal") if ending[:kind] == "fold" && !two_alike?(ending[:wires])
      end

      def covered(wire, place)
        weaving = @document[:wires].select { |one| one[:role] == "weaving" }.map { |one| one[:id] }
        fault("#{place}/cover", wire, "a fold is covered with a weaving wire", weaving.empty? ? "a weaving wire, of which there is none yet" : weaving.join(", ")) unless weaving.include?(wire)
      end

      def two_alike?(wires)
        found = @document[:wires].select { |wire| wires.include?(wire[:id]) }
        wires.uniq.size == 2 && found.map { |wire| [wire[:size].mm, wire[:metal], wire[:temper]] }.uniq.size == 1
      end

      # All the wires of an ending leave the same section, and each ends once at a side.
      def ends_here?(ending, wire, path)
        own = section_of(ending, wire)
        same = own && own == section_of(ending, ending[:wires].first)
        return fault(path, wire, "#{wire} does not end here", "base wires that end at one section") && false unless same

        others = @document[:endings].select { |one| one[:side] == ending[:side] && one[:wires].include?(wire) }
        return true if others.first.equal?(ending) && ending[:wires].count(wire) == 1

        fault(path, wire, "#{wire} ends twice at the #{ending[:side]}", "each wire once at each side")
        false
      end

      def section_of(ending, wire, key = :id)
        own = @sections.select { |section| section[:base].include?(wire) }
        ((ending[:side] == "end") ? own.last : own.first)&.fetch(key)
      end

      def pins
        wanted = (@document[:body][:kind] == "links") ? ["wrist"] : []
        @document[:pins].each_with_index do |pin, i|
          next if wanted.include?(pin[:quantity])

          fault("/pins/#{i}/quantity", pin[:quantity], "a #{@document[:body][:kind]} is not measured by this", wanted.empty? ? "no pin" : wanted.join(", "))
        end
      end
    end
  end
end
