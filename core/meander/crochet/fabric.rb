# frozen_string_literal: true

module Meander
  module Crochet
    # Rows or rounds on a beginning.
    class Fabric
      # kind: chain (a row of chains), ring (chains closed to a ring, worked into one by one), hole (the same, worked
      # round all of it), both (chains worked round on both sides), edge (a rim that is there already), wire (a ring of
      # wire, worked round all of it, outwards) or within (the same, inwards); count: of chains, or of places on a rim.
      Begin = Struct.new(:kind, :count) do
        # Places its first row may be worked into.
        def heads = whole? ? 1 : {"both" => 2 * count}.fetch(kind, count)
        def chains = %w[edge wire within].include?(kind) ? 0 : count

        # Is its first round worked round all of it?
        def whole? = %w[hole wire within].include?(kind)
      end

      WAYS = %w[rows spiral closed].freeze

      # begun: Begin; way: rows (turned at their ends), spiral (round and round), closed (each round closed by a slip
      # stitch and begun with chains); rows: Row values.
      attr_reader :begun, :way, :rows

      def initialize(begun, way, rows)
        @begun = begun
        @way = way
        @rows = rows.freeze
        freeze
      end

      def round? = way != "rows"

      # Places of a row, 0 being the beginning.
      def heads(number) = number.zero? ? begun.heads : rows[number - 1].heads
      def stitches = rows.sum(&:stitches)

      # Chains that lead up to a row, from 1.
      def chains_up(number)
        return 0 if way == "spiral" || (way == "rows" && number == 1)

        tallest = rows[number - 1].tallest
        tallest ? Stitches.fetch(tallest).turn : 0
      end

      # The chain that a flat fabric begins on more than it has stitches turns the work to its first row.
      def turn = (rows.any? && %w[chain both].include?(begun.kind)) ? 1 : 0

      # What is wrong with it: [row from 1, words, accepted], or nil.
      def fault
        rows.each_index do |i|
          wrong = wrong(rows[i], heads(i), i) or next
          return [i + 1, *wrong]
        end
        nil
      end

      # Every kind of stitch that it is made of, chains at its beginning and its turns with them: { kind => count };
      # joined: see Row.
      def tally
        all = Hash.new(0)
        all["chain"] += begun.chains + turn
        all["slip"] += 1 if %w[ring hole].include?(begun.kind)
        rows.each_with_index do |row, i|
          row.tally.each { |kind, count| all[kind] += count }
          all["chain"] += chains_up(i + 1)
          all["slip"] += 1 if way == "closed"
        end
        all
      end

      def joined
        rows.each_with_object(Hash.new(0)) { |row, all| row.joined.each { |kind, count| all[kind] += count } }
      end

      # What a bundle of wires takes, mm(kind) being what a stitch does.
      def wire_mm(&mm)
        picots = (3 * mm["chain"]) + mm["slip"]
        tally.sum { |kind, count| count * ((kind == "picot") ? picots : mm[kind]) } +
          joined.sum { |kind, count| count * (mm[kind] - mm["chain"]) }
      end

      private

      def wrong(row, there, index)
        below = index.zero? ? "the beginning" : "the row below"
        if row.takes > there
          ["it takes #{row.takes} stitches and #{below} has #{there}", "up to #{there}"]
        elsif round? && row.takes != there
          ["it takes #{row.takes} of #{there} stitches, so the round does not close", there.to_s]
        elsif row.heads.zero?
          ["nothing can be worked into it", "a stitch at least"]
        elsif row.items.none?(&:worked?)
          ["it holds on to nothing below it", "a stitch that is worked into the row below"]
        end
      end
    end
  end
end
