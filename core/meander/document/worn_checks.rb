# frozen_string_literal: true

module Meander
  module Document
    # Checks what a piece is worn on, what closes it, and what it must meet.
    class WornChecks
      # What each side of a piece that is one strip may end in.
      ENDINGS_OF = {"cuff" => {"start" => %w[plain], "end" => %w[plain]},
                     "ring" => {"start" => %w[plain wrap], "end" => %w[plain wrap]},
                     "bracelet" => {"start" => %w[loop hook ribbon], "end" => %w[hook loop ribbon]}}.freeze
      # Forms that are round by themselves.
      ROUND = [Crafts::Weaving::Forms::ALL, Crafts::Braiding::Forms::ALL].flat_map { |all|
        all.select { |_, form| form.more[:round] }.keys
      }.uniq.freeze
      # How many of its wires an ending needs; of the others two.
      FORMED_BY = {"plain" => 0, "ribbon" => 0, "wrap" => 25}.freeze
      # What closes a bracelet between two loops.
      CLOSERS = %w[clasp toggle eye_hook].freeze

      def self.call(document, routes, reading) = new(document, routes, reading).call

      def initialize(document, routes, reading)
        @document = document
        @routes = routes
        @reading = reading
        @kind = document[:kind]
      end

      def call
        worn
        pins
        return unless Fields::BANDS.include?(@kind) && @reading.faults.empty?

        Piece.band?(@document) ? band : bent
      end

      private

      def fault(path, code, given, message, accepted) = @reading.fault(path, code, given, message:, accepted:)

      # The kind of piece with its article: "a bracelet of links".
      def called = Units::Text.a(Fields::CALLED.fetch(@kind))
      def worn_on(place) = {"ear" => "an ear", "neck" => "the neck"}.fetch(place) { "a #{place}" }

      def worn
        on, told = Fields::PIECES.fetch(@kind), @document[:worn]&.fetch(:on)
        if told != on
          return fault("/worn", "worn", told, "#{called} is not worn so",
            on ? "on #{worn_on(on)}" : "null, as it is not worn by itself")
        end

        if @document[:pair] && @kind != "earring"
          fault("/pair", "worn", true, "#{called} is not one of a pair",
            "false")
        end
        opening(@document[:worn][:opening]) if on == "wrist"
      end

      # A cuff is open, nothing else is.
      def opening(given)
        cuff = @kind == "cuff"
        return if given.nil? != cuff

        fault("/worn/opening", "worn", given&.fetch(:kind), cuff ? "a cuff is open" : "#{called} is closed",
          cuff ? "an opening" : "null, as it has no opening")
      end

      # What is pinned is there, once, and measures this piece.
      def pins
        @document[:pins].each_with_index do |pin, i|
          case pin[:quantity]
          when "wrist", "finger" then measured(pin, @document[:worn]&.fetch(:on), "/pins/#{i}/quantity")
          when "woven" then woven(pin, "/pins/#{i}")
          else refer(pin[:kind], @document[:kinds].select { |kind| kind[:use] == "working" }.map { |kind| kind[:id] },
            "/pins/#{i}/kind")
          end
        end
        told = @document[:pins].map { |pin| pin.slice(:quantity, :section, :kind) }
        told.each_with_index do |pin, i|
          if told.index(pin) < i
            fault("/pins/#{i}/quantity", "duplicate", pin[:quantity], "#{pin[:quantity]} is pinned twice",
              "each quantity once")
          end
        end
      end

      def measured(pin, worn_on, path)
        return if pin[:quantity] == worn_on

        fault(path, "reference", pin[:quantity], "a #{@kind} is not measured by the #{pin[:quantity]}",
          worn_on || "no pin on what it is worn on")
      end

      def refer(id, ids, path)
        unless ids.include?(id)
          fault(path, "reference", id, "there is no such thing to pin", ids.empty? ? "none" : ids.join(", "))
        end
      end

      # How far a section is woven is pinned where it is free, or beside its repeats.
      def woven(pin, place)
        own = @document[:sections].select { |section| section[:extent] }
        refer(pin[:section], own.map { |section| section[:id] }, "#{place}/section")
        section = own.find { |one| one[:id] == pin[:section] }
        return if section.nil? || section[:extent][:kind] == "free" || section.dig(:bare, :gives)

        fault("#{place}/section", "pinned", pin[:section], "#{pin[:section]} says by itself how far it is woven",
          "a section that is free")
      end

      # A band that is no strip lies flat until it is bent to what it is worn on.
      def bent
        @document[:sections].each_with_index do |section, i|
          form = section.dig(:form, :kind)
          next unless ROUND.include?(form)

          fault("/sections/#{i}/form/kind", "worn", form, "#{called} is bent round as a whole once it is worked",
            "a form that lies flat")
        end
      end

      # A band is one straight woven strip with an ending at each side, measured by something.
      def band
        section = @document[:sections].first
        measured = @document[:pins].any? || section[:extent][:kind] != "free"
        fault("/pins", "list", "a list of 0", "nothing says how long it is", "a pin, or repeats") unless measured
        sides
      end

      def sides
        ends = @document[:endings].map { |ending| [ending, @routes.ends(ending[:id])] }
          .select { |_, own| own.first.visit.base? }
        at = ends.map { |_, own| own.first.at }
        if at.sort != %w[end start]
          return fault("/endings", "list", "a list of #{ends.size}", "a #{@kind} has an ending at each side",
            "one at the start, one at the end")
        end

        ends.each { |ending, own| ending(ending, own, @document[:endings].index(ending)) }
        closes if @kind == "bracelet"
      end

      def ending(ending, own, index)
        kinds = ENDINGS_OF.fetch(@kind).fetch(own.first.at)
        unless kinds.include?(ending[:kind])
          fault("/endings/#{index}/kind", "ending", ending[:kind],
            "a #{@kind} does not close with a #{ending[:kind]} end", kinds.join(", "))
        end
        base = @routes.seated(@document[:sections].first[:id], "base")
        taken, all = [own.map(&:wire), base.map(&:wire)].map { |wires| wires.map { |wire| wire[:id] } }
        if own.size != base.size
          fault("/endings/#{index}", "reference", taken.join(", "), "an ending of a #{@kind} takes every base wire",
            all.join(", "))
        end
        gone = own.first(FORMED_BY.fetch(ending[:kind], 2)).find { |one| one.visit.cut_away } or return
        fault("/wires/#{@document[:wires].index(gone.wire)}/route", "reference", gone.wire[:id],
          "#{gone.wire[:id]} forms or binds the #{ending[:kind]}, so it cannot be cut away",
          "wires that only run under the weave")
      end

      def closes
        kinds = @document[:endings].map { |ending| ending[:kind] }
        hooks = kinds.count("hook")
        if hooks == 1 || (hooks.zero? && @document[:findings].any? { |finding| CLOSERS.include?(finding[:kind]) })
          return
        end

        fault("/endings/1/kind", "ending", kinds.last,
          hooks.zero? ? "nothing closes these two ends" : "two hooks do not close",
          "a hook and a loop or ribbon end, or two of those with a clasp, a toggle or a hook with an eye")
      end
    end
  end
end
