# frozen_string_literal: true

module Meander
  module Document
    # What is asked about a weave beside the piece it belongs to.
    module Questions
      include Shape

      base = Count.new(1..25)
      # A weave in short notation.
      READ = Record.new({text: Text.new(max: 200_000), base:})
      # Groups to be made into a list of gaps, and what is woven before and after it.
      stretches = List.new(Crafts::Weaving::Fields::STRETCH, 0..30)
      JOIN = Record.new(
        {base:, groups: List.new(Crafts::Weaving::Fields::GROUP, 1..500), before: stretches, after: stretches}
      )
      # A length to fill evenly, and the group that may have any number of coils.
      EVEN = Record.new(
        {strip: Size.new("strip to fill", accept: 5.0..2000.0, plausible: 20.0..260.0), free: Count.new(0..1000)}
      )
      # A move a maker says: after so many passes the wire goes to a gap, seen from the front or with the work turned
      # over.
      JUDGE = Record.new({made: Count.new(0..10_000_000), said: Count.new(0..25), turned: Choice.new([true, false])})

      # The crossings of so many strands in short notation.
      CROSSINGS = Record.new({text: Text.new(max: 4000),
        strands: Count.new(Crafts::Braiding::Fields::LEAST..Crafts::Braiding::Fields::MOST)})

      # The crossings that a text says, as a document has them.
      # @raise [InvalidInput] where it says none, or they come undone
      def self.crossings(json)
        asked = Reading.whole(CROSSINGS, json)
        read = Braid::Notation.read(asked[:text], asked[:strands])
        scheme = Braid::Scheme.of(asked[:strands], read)
        loose = Braid::Holding.call(scheme) or return {crossings: read}

        raise Error, "this comes undone: #{loose.words}; accepted: crossings that hold"
      rescue InvalidInput
        raise
      rescue Error => e
        unread(e, "crossings", json)
      end

      # A text that says none of what it should.
      # @raise [InvalidInput]
      def self.unread(error, code, json)
        message, accepted = error.message.split("; accepted: ", 2)
        raise InvalidInput.new([Fault.new(path: "/text", code:, message:, given: json["text"].to_s[0, 80], accepted:)])
      end
      private_class_method :unread

      # The rows of a crocheted fabric, or of knots, in short notation.
      ROWS = Record.new({text: Text.new(max: 20_000)})

      # The rows that a text says, as a document has them.
      # @raise [InvalidInput] where it says none
      def self.rows(json)
        {rows: Crochet::Notation.read(Reading.whole(ROWS, json)[:text])}
      rescue InvalidInput
        raise
      rescue Error => e
        unread(e, "rows", json)
      end

      # The same of knots.
      # @raise [InvalidInput]
      def self.knots(json)
        {rows: Plain.call(Knot::Notation.read(Reading.whole(ROWS, json)[:text]))}
      rescue InvalidInput
        raise
      rescue Error => e
        unread(e, "knots", json)
      end

      # The walk that groups over so many base wires make, with stretches before and after it that can follow it.
      # @return [Hash] gaps:, before:, after:
      # @raise [InvalidInput]
      def self.join(json)
        asked = Reading.whole(JOIN, json) { |read, reading| on_wires(read, reading) }
        groups = asked[:groups].map do |group|
          (group[:kind] == "wraps") ? Weave::Groups::Wraps.of(**group) : Weave::Groups::Through.new(group[:gaps])
        end
        gaps = Weave::Groups.join(groups)
        return {gaps:, **Weave::Groups.meeting(gaps, asked[:before], asked[:after])} if gaps &&
          gaps.size <= Notation::Reader::MOST_GAPS && gaps.each_cons(2).none? { |one, other| one == other }

        refuse(gaps ? "these groups cannot follow each other" : "one of these groups ends where the next one begins",
          groups)
      end

      def self.on_wires(asked, reading)
        asked[:groups].each_with_index do |group, i|
          most = (group[:kind] == "wraps") ? [group[:near], group[:far]].max : group[:gaps].max
          next if most <= asked[:base]

          reading.fault("/groups/#{i}", "range", most, message: "there is no base wire or gap #{most} here",
            accepted: "up to #{asked[:base]}")
        end
      end

      def self.refuse(message, groups)
        accepted =
          "groups of at most #{Notation::Reader::MOST_GAPS} gaps, each beginning at another gap than the one before " \
          "ends at"
        given = groups.map { |group| Notation::Writer.words(group) }.join(", ")
        raise InvalidInput.new([Fault.new(path: "/groups", code: "walk", message:, given:, accepted:)])
      end
      private_class_method :on_wires, :refuse
    end
  end
end
