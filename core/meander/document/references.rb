# frozen_string_literal: true

module Meander
  module Document
    # Checks what the parts of a document say about each other: ids that are unique and known, wires used in their role,
    # one ending a side of a kind the body can wear, each quantity pinned once.
    class References
      ENDINGS_OF = {"cuff" => {"start" => %w[plain], "end" => %w[plain]},
                     "ring" => {"start" => %w[plain wrap], "end" => %w[plain wrap]},
                     "bracelet" => {"start" => %w[loop hook ribbon], "end" => %w[hook loop ribbon]}}.freeze

      # How many of its wires an ending needs; of the others two.
      FORMED_BY = {"plain" => 0, "ribbon" => 0, "wrap" => 25}.freeze
      # What closes a bracelet between two loops.
      CLOSERS = %w[clasp toggle].freeze

      def self.call(document, reading) = new(document, reading).call

      def initialize(document, reading)
        @document = document
        @reading = reading
      end

      def call
        %i[wires sections endings pins tray beads findings].each { |key| unique_ids(key) }
        @document[:sections].each_with_index { |section, i| SectionChecks.call(section, @document, "/sections/#{i}", @reading) }
        @document[:weaves].each_with_index { |weave, i| Crafts::Weaving::WalkChecks.call({kind: "walk", **weave}, weave[:base], "/weaves/#{i}", @reading) }
        pinned_once
        BeadChecks.call(@document, @reading)
        FindingChecks.call(@document, @reading)
        EffortChecks.call(@document, @reading)
        return BuiltChecks.call(@document, @reading) if Fields::BUILT.include?(@document[:body][:kind])
        return unless one_strip?

        ending_sides
        ending_wires
      end

      private

      # A band is one straight woven strip with an ending at each side, measured by something.
      def one_strip?
        kind = @document[:body][:kind]
        found = @reading.faults.size
        plain = @document[:sections].size == 1 && @document[:sections].first[:craft] == "weave" && @document[:sections].first[:form][:kind] == "straight"
        @reading.fault("/sections", "list", "#{@document[:sections].size} of them", message: "a #{kind} is woven as one straight strip", accepted: "one straight woven section") unless plain
        @reading.fault("/endings", "list", "a list of #{@document[:endings].size}", message: "not a list of the right size", accepted: "a list of 2 to 2") if @document[:endings].size != 2
        @reading.fault("/pins", "list", "a list of 0", message: "not a list of the right size", accepted: "a list of 1 to 4") if @document[:pins].empty?
        @reading.faults.size == found
      end

      def section = @document[:sections].first

      def unique_ids(key)
        repeated(@document[key].map { |item| item[:id] }) do |id, i|
          @reading.fault("/#{key}/#{i}/id", "duplicate", id, message: "the id #{id} is used twice in #{key}", accepted: "an id of its own")
        end
      end

      def repeated(values)
        values.each_with_index { |value, i| yield value, i if values.index(value) < i }
      end

      def ending_sides
        allowed = ENDINGS_OF.fetch(@document[:body][:kind])
        sides = @document[:endings].map { |ending| ending[:side] }
        repeated(sides) do |side, i|
          @reading.fault("/endings/#{i}/side", "duplicate", side, message: "two endings stand at the #{side}", accepted: "one at the start, one at the end")
        end
        @document[:endings].each_with_index { |ending, i| ending_kind(ending, i, allowed.fetch(ending[:side])) }
        hook_meets_loop if @document[:body][:kind] == "bracelet"
      end

      def ending_kind(ending, index, kinds)
        return if kinds.include?(ending[:kind])

        @reading.fault("/endings/#{index}/kind", "ending", ending[:kind],
                       message: "a #{@document[:body][:kind]} does not close with a #{ending[:kind]} end", accepted: kinds.join(", "))
      end

      def hook_meets_loop
        kinds = @document[:endings].map { |ending| ending[:kind] }
        hooks = kinds.count("hook")
        return if hooks == 1 || (hooks.zero? && @document[:findings].any? { |finding| CLOSERS.include?(finding[:kind]) })

        @reading.fault("/endings/1/kind", "ending", kinds.last, message: hooks.zero? ? "nothing closes these two ends" : "two hooks do not close",
                       accepted: "a hook and a loop or ribbon end, or two of those with a clasp or a toggle")
      end

      def ending_wires
        base = @document[:sections].first[:base]
        @document[:endings].each_with_index do |ending, i|
          keeps_its_wires(ending)
          next if ending[:wires].sort == base.sort

          @reading.fault("/endings/#{i}/wires", "reference", ending[:wires].join(", "),
                         message: "an ending takes every base wire of its section once, the one that forms it first",
                         accepted: base.join(", "))
        end
      end

      # A hook or loop is formed by its first wire and bound with its second.
      def keeps_its_wires(ending)
        gone = FORMED_BY.fetch(ending[:kind], 2).then { |wires| ending[:wires].first(wires) } & section[:cut_away]
        return if gone.empty?

        @reading.fault("/sections/0/cut_away", "reference", gone.join(", "), message: "#{gone.first} forms or binds the #{ending[:kind]}, so it cannot be cut away",
                       accepted: "wires that only run under the weave")
      end

      def pinned_once
        repeated(@document[:pins].map { |pin| pin[:quantity] }) do |quantity, i|
          @reading.fault("/pins/#{i}/quantity", "duplicate", quantity, message: "#{quantity} is pinned twice", accepted: "each quantity once")
        end
        kind = @document[:body][:kind]
        return if Fields::BUILT.include?(kind)

        other, own = (kind == "ring") ? %w[wrist finger] : %w[finger wrist]
        @document[:pins].each_with_index do |pin, i|
          @reading.fault("/pins/#{i}/quantity", "reference", other, message: "a #{kind} is not measured by the #{other}", accepted: own) if pin[:quantity] == other
        end
      end
    end
  end
end
