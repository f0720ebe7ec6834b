# frozen_string_literal: true

module Meander
  module Document
    module VersionOne
      # Checks what a document of the first version says of its wires, as far as it must hold for it to be lifted; all
      # else is checked as the present version has it.
      class Checks
        # What a piece put together from sections could be measured by; a band by more.
        PINS = {"links" => %w[wrist], "earring" => [], "pendant" => [], "component" => []}.freeze

        def self.call(document, reading) = new(document, reading).call

        def initialize(document, reading)
          @document = document
          @reading = reading
          @roles = document[:wires].to_h { |wire| [wire[:id], wire[:role]] }
        end

        def call
          %i[wires sections endings pins tray beads findings].each { |key| unique_ids(key) }
          @document[:sections].each_with_index { |section, i| section(section, "/sections/#{i}") }
          @document[:endings].each_with_index { |ending, i| ending(ending, "/endings/#{i}") }
          @document[:beads].each_with_index do |placed, i|
            thread(placed[:weaving], "/beads/#{i}/weaving", "beads are threaded on a weaving wire") if placed[:weaving]
          end
          pins
          findings
        end

        private

        def fault(path, code, given, message, accepted) = @reading.fault(path, code, given, message:, accepted:)

        def unique_ids(key)
          repeated(@document[key].map { |item| item[:id] }) do |id, i|
            fault("/#{key}/#{i}/id", "duplicate", id, "the id #{id} is used twice in #{key}", "an id of its own")
          end
        end

        def repeated(values) = values.each_with_index { |value, i| yield value, i if values.index(value) < i }

        def section(section, place)
          section[:base].each_with_index { |id, i| used_as(id, "base", "#{place}/base/#{i}") }
          repeated(section[:base]) do |id, i|
            fault("#{place}/base/#{i}", "duplicate", id, "base wire #{id} is laid twice", "each base wire once")
          end
          section[:weaving]&.each_with_index { |id, i| used_as(id, "weaving", "#{place}/weaving/#{i}") }
          return unless section[:craft] == "weave"

          strands(section, place)
          section[:cut_away].each_with_index do |id, i|
            unless section[:base].include?(id)
              fault("#{place}/cut_away/#{i}", "reference", id, "#{id} is no base wire of this section",
                section[:base].join(", "))
            end
          end
          away(section, place)
        end

        def strands(section, place)
          laid = section[:weaving]
          if laid.size > section[:strands] || laid.uniq.size < laid.size
            fault("#{place}/weaving", "strands", laid.join(", "),
              "#{section[:strands]} strand cannot be of #{laid.size} wires",
              "one wire for one strand; one, or two different ones, for two")
          end
          return if section[:turns] == "together" || [laid.size, section[:strands]] == [2, 2]

          fault("#{place}/turns", "strands", "in_turn", "one wire cannot take turns with itself",
            "together, or two weaving wires")
        end

        # Wires cut away between two sections lie in both.
        def away(section, place)
          last = @document[:sections].find { |one| one[:id] == section[:at][:section] }
          (section[:at][:cut_away] || []).each_with_index do |wire, i|
            shared = section[:base] & (last ? last[:base] : [])
            unless shared.include?(wire)
              fault("#{place}/at/cut_away/#{i}", "built", wire, "#{wire} does not go on here", shared.join(", "))
            end
          end
        end

        def used_as(id, role, path)
          return if @roles[id] == role

          known = @roles.select { |_, other| other == role }.keys
          fault(path, "reference", id, "#{id} is not a #{role} wire of this piece",
            known.empty? ? "a #{role} wire, of which there is none yet" : known.join(", "))
        end

        # All the wires of an ending leave the same section, and each ends once at a side.
        def ending(ending, place)
          ending[:wires].each_with_index { |wire, i| ends_here(ending, wire, "#{place}/wires/#{i}") }
          thread(ending[:cover], "#{place}/cover", "a fold is covered with a weaving wire") if ending[:cover]
          return unless ending[:kind] == "fold"

          found = @document[:wires].select { |wire| ending[:wires].include?(wire[:id]) }
          alike = ending[:wires].uniq.size == 2 &&
            found.map { |wire| [wire[:size].mm, wire[:metal], wire[:temper]] }.uniq.size == 1
          unless alike
            fault("#{place}/wires", "built", ending[:wires].join(", "), "a fold joins two wires",
              "two wires of one size and metal")
          end
        end

        def ends_here(ending, wire, path)
          own = section_of(ending, wire)
          unless own && own == section_of(ending, ending[:wires].first)
            return fault(path, "built", wire, "#{wire} does not end here", "base wires that end at one section")
          end

          others = @document[:endings].select { |one| one[:side] == ending[:side] && one[:wires].include?(wire) }
          return if others.first.equal?(ending) && ending[:wires].count(wire) == 1

          fault(path, "built", wire, "#{wire} ends twice at the #{ending[:side]}", "each wire once at each side")
        end

        def section_of(ending, wire)
          own = @document[:sections].select { |section| section[:base].include?(wire) }
          ((ending[:side] == "end") ? own.last : own.first)&.fetch(:id)
        end

        def thread(wire, path, message)
          return if @roles[wire] == "weaving"

          weaving = @roles.select { |_, role| role == "weaving" }.keys
          fault(path, "bead", wire, message,
            weaving.empty? ? "a weaving wire, of which there is none yet" : weaving.join(", "))
        end

        # What becomes the extent of the only section, or a pin on it.
        def pins
          kind = @document[:body][:kind]
          own = PINS.fetch(kind) { ["repeats", "woven", "weaving_wire", (kind == "ring") ? "finger" : "wrist"] }
          @document[:pins].each_with_index do |pin, i|
            unless own.include?(pin[:quantity])
              fault("/pins/#{i}/quantity", "reference", pin[:quantity], "a #{kind} is not measured by this",
                own.empty? ? "no pin" : own.join(", "))
            end
          end
          repeated(@document[:pins].map { |pin| pin[:quantity] }) do |quantity, i|
            fault("/pins/#{i}/quantity", "duplicate", quantity, "#{quantity} is pinned twice", "each quantity once")
          end
          return unless @document[:sections].first[:craft] != "weave" && !Fields::BUILT.include?(kind)

          fault("/sections", "list", "#{@document[:sections].size} of them", "a #{kind} is woven as one straight strip",
            "one straight woven section")
        end

        def findings
          @document[:findings].each_with_index do |finding, i|
            next if @document[:endings].any? { |ending| Lift.holds?(ending, finding[:side]) }

            fault("/findings/#{i}/side", "finding", finding[:side],
              "at the #{finding[:side]} there is nothing to hang it on",
              "a side with a loop, an eye, a hook, a bail, a ribbon end or a ring at the fold")
          end
        end
      end
    end
  end
end
