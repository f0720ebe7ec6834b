# frozen_string_literal: true

module Meander
  module Beads
    # One placement of beads: how many, where they lie, what wire it takes and what goes through each hole. Its kinds
    # are in Rules.
    class Rule
      # How many are asked for, as it is said of every rule that fills something.
      FILL = Sentence.count("count", "Beads asked for", "asked for:", "(0: as many as fit)")

      # A bead where it lies: kind; at: [along, across] on its ground; dir: which way its hole leads there, [along,
      # across]; face: 1 in front, -1 behind, 0 seen from both sides; end_on: whether its hole points at the maker;
      # pass: the pass it is threaded on, in the order of work, past all of them where it is set afterwards.
      Lying = Struct.new(:kind, :at, :dir, :face, :end_on, :pass, keyword_init: true)
      AFTERWARDS = 10_000_000
      # Is it to be asked whether its own beads lie in each other? Not where something else keeps them apart.
      def apart? = true

      # So many beads are laid in a piece at the most.
      MOST = 4000

      # @raise [InvalidInput] when that many are too many
      def self.check(count)
        return count if count <= MOST

        raise InvalidInput.new(
          [Fault.new(path: "/beads", code: "too_much", message: "so many beads are not planned in one piece",
            given: "#{count} or more",
            accepted: "at most #{MOST} beads in all")]
        )
      end

      attr_reader :fields, :kind, :site, :lying

      # fields: as read from the document; kind: Kind; ground: Site or BentSite; thread: the wire its beads are
      # threaded on.
      def initialize(fields, kind, site, thread)
        @fields = fields
        @kind = kind
        @site = site
        @thread = thread
        @lying = lay.map(&:freeze).freeze
        freeze
      end

      attr_reader :thread

      def id = fields[:id]

      # In all copies of its section; what follows is told of one of them.
      def count = lying.size * site.copies
      def mass_g = count * kind.mass_g

      # Wires through one hole, in mm; own wire cut for it, in mm (nil where it takes none); what the section's weaving
      # wire takes more.
      def through = [thread.mm]
      def own_mm = nil
      def extra_mm = 0.0
      def wraps = 0

      # Where on a bent wire they are slid to; nil of what is not strung on one, or has but one place.
      def slid(_mark) = nil

      # The lines of that wire as they are drawn: [[points on its ground, 1 in front or -1 behind], ...].
      def wire_uses = []

      # How many were asked for and do not fit (one, where none does); room left in mm, nil where nothing is filled;
      # from one bead to the next, in mm.
      def over = short(0)
      def left_mm = nil
      def pitch_mm = nil

      # How they are set with a wire of their own, as it is told to who does it; nil where they have none.
      def making = nil

      # What would hold as many as are asked for, in words with its mm; nil where they fit.
      def needs = nil

      # The clear room that is filled, in mm; nil where there is none.
      def gap_mm = left_mm && (left_mm + (lying.size * kind.along_mm))

      def to_h
        {id:, rule: fields[:rule], bead: kind.id, count:, thread: thread.words,
          wire_mm: site.copies * (own_mm || extra_mm), need_mm: Bundle.needs_mm(through), hole_mm: kind.hole_mm,
          passes: through.size, wires_mm: through, gap_mm:, left_mm:, pitch_mm:, mass_g:, words:, guessed: kind.guessed}
      end

      private

      # How many are wanted at least.
      def wanted = [fields[:count], 1].max
      def short(asked) = lying.empty? ? [asked, 1].max : [asked - lying.size, 0].max
      def d = thread.mm
      def helix_mm(base_mm) = Math.hypot(Math::PI * (base_mm + d), d)

      def lie(at, dir, face: 0, end_on: false, pass: AFTERWARDS)
        Rule.check(@laid = @laid.to_i + 1)
        Lying.new(kind:, at:, dir:, face:, end_on:, pass:)
      end
    end
  end
end
