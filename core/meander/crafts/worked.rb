# frozen_string_literal: true

module Meander
  module Crafts
    # A section as it is worked, in places of its own: it begins at the origin and runs along +y, x across it from its
    # middle line towards its far side, z towards the maker. All in mm. What a craft does not say is as here; every
    # craft says words, outline and finished.
    #
    # Base wires, which are cut in one, are named by their number in the section. Each answers by it: trace(number), its
    # way through the section [[x, y, z], ...], run_mm(number), how long that is, and marks(number), where on it
    # something happens: [[mm from where it enters the section, words, place], ...].
    class Worked
      attr_reader :section

      def initialize(section)
        @section = section
      end

      def id = section.id
      def base = section.base
      def form = section.form

      # What it was made on before it stood: nothing any more.
      def on = []

      # Is it one straight strip?
      def straight? = false

      # Its middle line as it is bent, [[x, y, z], ...]; nil where it has none to measure along.
      def middle_line = nil

      # What it is, in a line.
      def told = words

      # How often it is made, one after the other.
      def copies = 1

      # How far it is from one of these to the next, where there may be any number; nil where not.
      def pitch_mm = nil

      # How many repeats it has, nil where nothing is repeated; its strip by itself, before it is bent, nil where there
      # is none.
      def repeats = nil
      def strip = nil

      # Of a base wire what stays in the finished piece.
      def kept_mm(number) = run_mm(number)

      # The parts of a base wire's run: [[kind, mm, words], ...], kind section or bare.
      def parts(number) = [["section", run_mm(number), words]]
      def marks(_number) = []

      # What is marked where it begins, nil where nothing is.
      def begins = marks(0).first&.at(1)

      # Base wires that are longer in the bend than the middle line, and by how much: { number => mm }.
      def longer = {}

      # How wide and thick it is at its ends.
      def bulk_mm = [width_mm, thickness_mm]

      # A braid as it goes out; nil of all else.
      def braid = nil

      # Crossings of strands, where it is braided.
      def crossings = 0

      # A crocheted section as it goes out; nil of all else.
      def crochet = nil

      # Stitches, where it is crocheted; each is so many moves of the hand (assumed, no source).
      MOVES_A_STITCH = 3
      def stitches = 0

      # A knotted section as it goes out; nil of all else.
      def knot = nil

      # Ties of the hand, where it is knotted; each is so many moves (assumed, no source).
      MOVES_A_TIE = 4
      def ties = 0

      # What it is counted by, the finest first, where it is worked from so many of those to so many of all:
      # [[name, many, how many of the finest], ...].
      def units(_from, _to, _all) = []

      # Moves of the hand, as the pace counts them.
      def moves = wraps + crossings + (MOVES_A_STITCH * stitches) + (MOVES_A_TIE * ties)

      # Are its base wires worked off the spool, and so neither straightened nor marked? What they are called.
      def off_spool? = false
      def wire_words = "base wire"

      # What is left of a base wire at an end that is nothing else, in mm; nil for what the piece has for all.
      def tail_mm = nil

      # Working wire: wraps; the lengths that are cut (called: the section in words, nil where it is all of the piece);
      # what it takes in all (WireUse); wires cut for something by themselves (SeparateLength); grams of it.
      def wraps = 0
      def lengths(_called) = []
      def wire_uses = separate_lengths.map { |own| WireUse.of(own) }
      def separate_lengths = []
      def mass_g = separate_lengths.sum(&:mass_g)

      # Is it closed at both ends before it is worked, whatever else is, so that no spool passes? Neighbours among the
      # base wires that its working wire is passed between, by their numbers: [[number, number], ...].
      def shut? = false
      def passed_between = []

      # Places where it binds wires, in the finished piece: [[x, y, z], ...].
      def binds = []

      # Other sections that it joins: pairs of ids.
      def joins = []

      # The end of another section that it hangs from, [id, side], or from what that ends in, the side nil where it
      # hangs along all of it; nil where from none. at: where it stands.
      def hangs(_at) = nil

      # What it asks of the wires of other sections: marks on their base wires, as marks has them, their places in the
      # finished piece. pose: where the other one stands.
      def marks_on(_worked, _number, _pose) = []

      # Gaps to hold while it is worked: Beads::Spacer::Gap values.
      def gaps = []

      # Does it lie flat, so that its lines can be compared with those of others?
      def flat? = true

      # The order of work of this section, and what is done to others last. context: Work::Context.
      def steps(_context) = []

      # How it is tried on scrap before its wires are cut, in words, where nothing supports what they are told to take;
      # nil elsewhere.
      def swatch = nil

      # What a maker should know of it: AdviceItem values.
      def advice(_plan) = []

      # The corners of what it covers: [[x, y], ...]; the middle of that.
      def centre = [0, 1].map { |axis| outline.map { |point| point[axis] }.minmax.sum / 2 }

      # What it is drawn as by itself: [[what of, picture], ...].
      def strip_picture = nil

      # Where a place on the ground of its beads lies, in each of its copies: [[x, y, z], ...].
      def lying(x, y) = [[x, y, 0.0]]

      # Where it would end, as `out` tells it, with other values of its form: fields of its section.
      def out_with(_fields) = out

      # The way of a base wire told in small steps, to find where others come near it.
      CLOSE_MM = 1.0
      def close_trace(number) = Form::Trace.fine(trace(number), CLOSE_MM)

      # What a wire that meets it here goes round, in mm: the wire and what is worked round it.
      def thick_mm(number) = base[number].mm
    end
  end
end
